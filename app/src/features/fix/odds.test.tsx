import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { OddsLine } from './OddsLine';

const odds = { all: 0.4, band: 0.52, plate: 0.81, heat: 1 };

test('a plan’s chance shows what it is made of when it is asked, and hides it again', () => {
  renderThemed(<OddsLine odds={odds} />);
  expect(screen.queryByText(/within the nameplate/)).toBeNull();
  fireEvent.press(screen.getByLabelText(/^40 % chance of meeting every target/));
  expect(screen.getByText(/^Within target 52 %, within the nameplate 81 %, heating in its range 100 %/)).toBeTruthy();
  fireEvent.press(screen.getByLabelText(/^40 % chance of meeting every target/));
  expect(screen.queryByText(/within the nameplate/)).toBeNull();
});
