import { screen } from '@testing-library/react-native';
import NotFound from '../app/+not-found';
import { renderThemed } from '../testing/render';
import { addressNow, EARLIER_NAMES } from './earlierAddress';

let mockPath = '/nowhere';
const mockLedTo = jest.fn();
jest.mock('expo-router', () => ({
  usePathname: () => mockPath,
  Redirect: ({ href }: { href: string }) => {
    mockLedTo(href);
    return null;
  },
  router: { replace: jest.fn() },
  Link: ({ children }: { children: unknown }) => children,
}));

test('addresses of an earlier Huff lead where the place is now; others lead nowhere', () => {
  expect(addressNow('/bench/traverse')).toBe('/calculators/traverse');
  expect(addressNow('/shop')).toBe('/settings');
  expect(addressNow('/days')).toBe('/schedule');
  for (const [earlier, now] of Object.entries(EARLIER_NAMES)) expect(addressNow(`/${earlier}/1`)).toBe(`/${now}/1`);
  for (const other of ['/nowhere', '/', '/sites/bench', '/constructor']) expect(addressNow(other)).toBeUndefined();
});

test('the page of no address goes on to the place, with what the address carried', () => {
  mockPath = '/bench/airState';
  renderThemed(<NotFound />);
  expect(mockLedTo).toHaveBeenCalledWith(expect.stringMatching(/^\/calculators\/airState/));
  mockPath = '/nowhere';
  renderThemed(<NotFound />);
  expect(screen.getByText('There is no Huff page at this address.')).toBeTruthy();
});
