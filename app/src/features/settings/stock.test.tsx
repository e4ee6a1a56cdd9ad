import { check } from '@huff/contract';
import { plainShop, ShopDto, stockOf, withCounts } from '@huff/contract/fix';
import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { PART_LIST_FORM, partInputs, partListFaults, partOfForm } from './partForms';
import { StockPage } from './StockPage';

const mockSave = jest.fn();
const FILTER = {
  id: '55550000-0000-4000-8000-000000000002',
  kind: 'filter' as const,
  name: 'Filter 20 × 25',
  widthIn: 20,
  heightIn: 25,
  microfarads: null,
  onTruck: true,
  cost: 9,
};
const mockShop: ShopDto = {
  ...plainShop('55550000-0000-4000-8000-000000000001'),
  belts: [{ mark: 'A48', onTruck: true, cost: 14, counted: 3, countedAt: '2026-03-02T07:00:00.000Z' }],
  parts: [FILTER, { ...FILTER, id: '55550000-0000-4000-8000-000000000003', name: 'Filter 12 × 24', onTruck: false }],
};
jest.mock('expo-router', () => ({ router: { replace: jest.fn() } }));
jest.mock('../../data/records', () => ({
  shop: {
    useList: () => ({ records: [{ record: mockShop }] }),
    change: (_: object, to: object) => mockSave(to) as unknown,
  },
}));
const mockStock = () => stockOf(mockShop).map((part) => (part.key === 'belt:A48' ? { ...part, left: 1 } : part));
jest.mock('../../data/useStock', () => ({ useStock: () => mockStock() }));

test('what is left is the count less what was taken; a new count is of now', () => {
  renderThemed(<StockPage />);
  expect(screen.getByLabelText('Belt A48: 1')).toBeTruthy();
  expect(screen.getByText('3 counted Mar 2')).toBeTruthy();
  expect(screen.getByLabelText('Filter 20 × 25: not counted')).toBeTruthy();
  expect(screen.queryByText('Filter 12 × 24')).toBeNull();
  fireEvent.press(screen.getByLabelText('Belt A48: one more'));
  fireEvent.press(screen.getByLabelText('Filter 20 × 25: one more'));
  fireEvent.press(screen.getByLabelText('Filter 20 × 25: one more'));
  fireEvent.press(screen.getByText('Save count'));
  const [saved] = mockSave.mock.calls[0] as [ShopDto];
  expect(saved.belts[0]!.counted).toBe(2);
  expect(saved.parts!.map(({ counted }) => counted)).toEqual([2, undefined]);
  expect(Date.parse(saved.belts[0]!.countedAt!)).toBeGreaterThan(Date.parse('2026-03-02T07:00:00.000Z'));
  expect(check(ShopDto, saved).ok).toBe(true);
});

test('a count leaves what was not counted as it was', () => {
  const at = '2026-05-01T07:00:00.000Z';
  const counted = withCounts(mockShop, new Map([[`part:${FILTER.id}`, 4]]), at);
  expect(counted.parts![0]).toMatchObject({ counted: 4, countedAt: at });
  expect(counted.belts).toEqual(mockShop.belts);
});

test('a part goes through its form unchanged, and keeps its count', () => {
  const part = { ...FILTER, counted: 4, countedAt: '2026-05-01T07:00:00.000Z' };
  expect(partOfForm(partInputs(part), part)).toEqual(part);
  expect(partOfForm({ ...partInputs(part), kind: 'contactor' }, part)).toMatchObject({ widthIn: null, heightIn: null });
  expect(PART_LIST_FORM.hides({ kind: 'capacitor' })).toEqual(['widthIn', 'heightIn']);
  expect(partListFaults({ kind: 'other', name: 'Trap', cost: 5 })).toEqual([]);
  expect(partListFaults({ kind: 'other', cost: 5 })[0]?.field).toBe('name');
});
