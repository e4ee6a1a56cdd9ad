import type { SiteDto } from '@huff/contract';
import { plainShop } from '@huff/contract/fix';
import { act, fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { SheetSection } from './SheetSection';

const mockDone = jest.fn();
const mockSaved = jest.fn();
let mockText = '';
const QUAY: SiteDto = { id: '77770000-0000-4000-8000-000000000001', name: 'Quay library', altitudeFt: 620 };
const mockSites = [{ record: QUAY, revision: 4 }];
const mockShop = plainShop('77770000-0000-4000-8000-000000000009');
jest.mock('../../data/records', () => {
  const records = (kind: string, list: () => object[]) => ({
    useList: () => ({ records: list() }),
    create: (record: object) => mockDone(kind, 'create', record) as unknown,
    set: (_: object, record: object) => mockDone(kind, 'set', record) as unknown,
    change: (_: object, record: object) => mockDone(kind, 'change', record) as unknown,
  });
  return {
    sites: records('site', () => mockSites),
    units: records('unit', () => []),
    shop: records('shop', () => [{ record: mockShop }]),
  };
});
jest.mock('../../data/saveFile', () => ({ saveFile: (...file: string[]) => mockSaved(...file) as unknown }));
jest.mock('../../data/chooseFile', () => ({
  chooseFile: (onFile: (file: object) => void) => onFile({ name: 'list.csv', text: () => Promise.resolve(mockText) }),
}));

const readIn = async (text: string) => {
  mockText = text;
  await act(async () => void fireEvent.press(screen.getByText('Import file')));
};
beforeEach(() => jest.clearAllMocks());

test('a list is written out under its name', () => {
  renderThemed(<SheetSection />);
  fireEvent.press(screen.getByText('Export'));
  expect(mockSaved).toHaveBeenCalledWith('huff-sites.csv', 'text/csv', expect.stringContaining('Quay library'));
});

test('what a file would do is shown; nothing is kept before it is taken', async () => {
  renderThemed(<SheetSection />);
  await readIn('name,altitude ft\nQuay library,700\nMill,');
  expect(screen.getByText('list.csv: 1 new, 1 changed, 0 unchanged.')).toBeTruthy();
  expect(screen.getByText('Quay library: altitude ft')).toBeTruthy();
  expect(mockDone).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('Import'));
  expect(mockDone).toHaveBeenCalledWith('site', 'set', expect.objectContaining({ id: QUAY.id, altitudeFt: 700 }));
  expect(mockDone).toHaveBeenCalledWith('site', 'create', expect.objectContaining({ name: 'Mill' }));
  expect(screen.getByText('Imported: 2 sites.')).toBeTruthy();
});

test('a fault anywhere refuses the whole, with its line', async () => {
  renderThemed(<SheetSection />);
  await readIn('name,altitude ft\nMill,high\nQuay library,700');
  expect(screen.getByText('Nothing from list.csv was imported:')).toBeTruthy();
  expect(screen.getByText('line 2: “high”: “altitude ft” must be a number.')).toBeTruthy();
  expect(screen.queryByText('Import')).toBeNull();
});

test('the same file again has nothing to take in', async () => {
  renderThemed(<SheetSection />);
  await readIn('name,altitude ft\nQuay library,620');
  fireEvent.press(screen.getByText('Nothing to import'));
  expect(mockDone).not.toHaveBeenCalled();
});

test('parts go into the shop’s list as one change', async () => {
  renderThemed(<SheetSection />);
  fireEvent.press(screen.getByText('parts'));
  await readIn('kind,name,cost\nbelt,a48,14\ncontactor,30 A,24');
  fireEvent.press(screen.getByText('Import'));
  expect(mockDone).toHaveBeenCalledTimes(1);
  expect(mockDone).toHaveBeenCalledWith(
    'shop',
    'change',
    expect.objectContaining({ belts: [{ mark: 'A48', onTruck: true, cost: 14 }] }),
  );
});
