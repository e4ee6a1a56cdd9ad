import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { Txt } from '../text';
import { Guard } from './Guard';

let sound = false;
function Odd({ name }: { readonly name: string }) {
  if (!sound && name === 'odd') throw new Error('taps[0] is undefined');
  return <Txt>{name} stands</Txt>;
}

beforeEach(() => {
  sound = false;
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => jest.restoreAllMocks());

const rows = (
  <>
    {['first', 'odd', 'last'].map((name) => (
      <Guard key={name} what="This visit">
        <Odd name={name} />
      </Guard>
    ))}
  </>
);

test('one that cannot be drawn says so in its place, without the inside; the others stand', () => {
  renderThemed(rows);
  expect(screen.getByText('first stands')).toBeTruthy();
  expect(screen.getByText('last stands')).toBeTruthy();
  expect(screen.getByText('This visit could not be shown.')).toBeTruthy();
  expect(screen.queryByText(/taps/)).toBeNull();
});

test('it is tried again when asked', () => {
  renderThemed(rows);
  sound = true;
  fireEvent.press(screen.getByText('Try again'));
  expect(screen.getByText('odd stands')).toBeTruthy();
  expect(screen.queryByText('This visit could not be shown.')).toBeNull();
});
