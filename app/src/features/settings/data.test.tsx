import { act, fireEvent, screen } from '@testing-library/react-native';
import { Linking } from 'react-native';
import { renderThemed } from '../../testing/render';
import { DataPage } from './DataPage';

jest.mock('expo-router', () => ({
  Link: ({ children }: { children: React.ReactNode }) => children,
  router: { push: jest.fn() },
  usePathname: () => '/settings/data',
}));
const mockWake = jest.fn();
jest.mock('../../data/theSpine', () => ({ spine: () => ({ wake: () => mockWake() as unknown }) }));
jest.mock('./BackupSection', () => ({ BackupSection: () => null }));
jest.mock('./SheetSection', () => ({ SheetSection: () => null }));
const mockFile = { name: 'huff.json', size: 16 };
jest.mock('./chooseBundle', () => ({
  chooseBundle: (onFile: (file: object) => void) => onFile(mockFile),
}));

const NOTHING = {
  sites: 0,
  blowerTables: 0,
  units: 0,
  visits: 0,
  readings: 0,
  facts: 0,
  stops: 0,
  photos: 0,
  figures: 0,
};
let asked: { address: string; body: unknown }[];
const answers = (...list: { status: number; body: unknown }[]) => {
  asked = [];
  globalThis.fetch = jest.fn((address: string, { body }: { body: unknown }) => {
    asked.push({ address, body });
    const { status, body: said } = list[asked.length - 1]!;
    return Promise.resolve({ ok: status < 300, status, json: () => Promise.resolve(said) });
  }) as never;
};
const press = (text: string) => act(async () => void fireEvent.press(screen.getByText(text)));

test('a file is looked at first, and kept only when it is taken', async () => {
  const report = { added: { ...NOTHING, sites: 1, readings: 12 }, same: 3, left: [{ kind: 'unit', name: 'Attic' }] };
  answers({ status: 200, body: report }, { status: 200, body: report });
  renderThemed(<DataPage />);
  await press('Choose a file');
  expect(screen.getByText('huff.json adds: 1 sites, 12 readings.')).toBeTruthy();
  expect(screen.getByText('3 are already here, unchanged.')).toBeTruthy();
  expect(screen.getByText('Not overwritten: Attic.')).toBeTruthy();
  expect(asked.map(({ address }) => address)).toEqual(['/api/bundle/preview']);
  await press('Import');
  expect(asked[1]).toEqual({ address: '/api/bundle', body: mockFile });
  expect(screen.getByText(/^Imported: 1 sites, 12 readings\./)).toBeTruthy();
  // What was taken in is asked for at once.
  expect(mockWake).toHaveBeenCalledTimes(1);
});

test.each([
  [422, { errors: [{ field: 'units[1].motor', message: 'Choose the motor.' }] }, 'units[1].motor: Choose the motor.'],
  [422, { errors: [{ field: '', message: 'This is not a bundle.' }] }, 'This is not a bundle.'],
  [409, { detail: 'A reading is never changed.' }, 'A reading is never changed.'],
  [413, { detail: 'A file of records is at most 1 GB.' }, 'A file of records is at most 1 GB.'],
])('what is refused with %d says why, and offers nothing to take', async (status, body, words) => {
  answers({ status, body });
  renderThemed(<DataPage />);
  await press('Choose a file');
  expect(screen.getByText(words)).toBeTruthy();
  expect(screen.queryByText('Import')).toBeNull();
});

test('without a signal nothing was changed, and it says so', async () => {
  globalThis.fetch = jest.fn(() => Promise.reject(new Error('offline')));
  renderThemed(<DataPage />);
  await press('Choose a file');
  expect(screen.getByText(/could not be reached.*nothing was changed/)).toBeTruthy();
});

test('the whole shop goes out', async () => {
  const opened = jest.spyOn(Linking, 'openURL').mockResolvedValue(undefined);
  renderThemed(<DataPage />);
  await press('Export whole shop');
  expect(opened).toHaveBeenLastCalledWith('/api/bundle');
  await press('Export with photos');
  expect(opened).toHaveBeenLastCalledWith('/api/bundle?photos=yes');
});
