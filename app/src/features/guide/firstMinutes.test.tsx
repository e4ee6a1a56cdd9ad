import { screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { FirstMinutes } from './FirstMinutes';

test('three pictures of what Huff does, drawn by the same code as in a visit', () => {
  renderThemed(<FirstMinutes />);
  for (const title of ['1. Measure', '2. See the problem', '3. Fix and verify'])
    expect(screen.getByText(title)).toBeTruthy();
  expect(screen.getByLabelText(/^Pressure profile/)).toBeTruthy();
  expect(screen.getByLabelText(/^As found 9\d\d CFM at 0\.58 in\. w\.c\./)).toBeTruthy();
  expect(screen.getByText('940 → 1,150 CFM')).toBeTruthy();
});
