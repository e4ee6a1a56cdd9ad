import type { SiteDto } from '@huff/contract';
import { act, fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { ErasedPage, EraseSite } from './EraseSite';

const mockTell = jest.fn<Promise<object>, [string, string, object]>();
const mockWake = jest.fn();
jest.mock('expo-router', () => ({ router: { replace: jest.fn() }, usePathname: () => '/sites/1' }));
jest.mock('../../data/ask', () => ({ tell: (...args: [string, string, object]) => mockTell(...args) }));
jest.mock('../../data/theSpine', () => ({ spine: () => ({ wake: mockWake }) }));

const site: SiteDto = { id: 's1', name: 'Quay library' };
const counts = { units: 1, visits: 12, photos: 0 };
const onErased = jest.fn();
const press = () => act(async () => void fireEvent.press(screen.getByText('Erase permanently')));

beforeEach(() => {
  jest.clearAllMocks();
  renderThemed(<EraseSite site={site} onErased={onErased} onClose={() => undefined} />);
});

test('nothing is erased before the name of the site is typed', async () => {
  await press();
  fireEvent.changeText(screen.getByLabelText('Site name'), 'Quay');
  await press();
  expect(mockTell).not.toHaveBeenCalled();
});

test('with the name typed the server erases it, and the phone syncs at once', async () => {
  mockTell.mockResolvedValue({ ok: true, body: counts });
  fireEvent.changeText(screen.getByLabelText('Site name'), ' quay LIBRARY ');
  await press();
  expect(mockTell).toHaveBeenCalledWith('POST', '/api/sites/s1/erase', { name: ' quay LIBRARY ' });
  expect(onErased).toHaveBeenCalledWith(counts);
  expect(mockWake).toHaveBeenCalled();
});

test('a refusal or a lost signal is told, what was typed stays', async () => {
  mockTell.mockResolvedValue({ ok: false, why: 'The server could not be reached. Try again with a signal.' });
  fireEvent.changeText(screen.getByLabelText('Site name'), 'Quay library');
  await press();
  expect(screen.getByText('The server could not be reached. Try again with a signal.')).toBeTruthy();
  expect(screen.getByDisplayValue('Quay library')).toBeTruthy();
  expect(onErased).not.toHaveBeenCalled();
});

test('what was erased is counted, and where it may still be is said', () => {
  renderThemed(<ErasedPage name="Quay library" counts={counts} />);
  expect(screen.getByText('Quay library is erased: 1 unit, 12 visits, 0 photos.')).toBeTruthy();
  expect(screen.getByText(/Backups made before still have it/)).toBeTruthy();
});
