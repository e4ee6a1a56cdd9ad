import type { VisitDto } from '@huff/contract';
import { plainShop, stockOf } from '@huff/contract/fix';
import { partsUsed } from '@huff/core/call';
import { fireEvent, screen } from '@testing-library/react-native';
import { WholeVisit } from '../visitState/WholeVisit';
import { renderThemed } from '../../testing/render';
import { measured } from '../../testing/visits';
import { PartsUsed, withPart } from './PartsUsed';

const mockShop = {
  ...plainShop('55550000-0000-4000-8000-000000000001'),
  belts: [
    { mark: 'A47', onTruck: true, cost: 14 },
    { mark: 'A48', onTruck: false, cost: 15 },
  ],
};
jest.mock('../../data/useShop', () => ({ useShop: () => mockShop }));
const mockStock = () => stockOf(mockShop).map((part) => (part.key === 'belt:A47' ? { ...part, left: 2 } : part));
jest.mock('../../data/useStock', () => ({ useStock: () => mockStock() }));

const A47 = { key: 'belt:A47', name: 'Belt A47', cost: 14 };
function show(whole: VisitDto) {
  const onWhole = jest.fn<void, [VisitDto]>();
  renderThemed(
    <WholeVisit visit={whole} onVisit={onWhole}>
      <PartsUsed />
    </WholeVisit>,
  );
  return () => partsUsed(onWhole.mock.calls.at(-1)![0].facts ?? []);
}

test('a part is taken from the list, which says what is left of it', () => {
  const used = show(measured());
  fireEvent.press(screen.getByText('Add part'));
  expect(screen.getByText('2 on the truck · $14')).toBeTruthy();
  expect(screen.getByText('bought · $15')).toBeTruthy();
  fireEvent.press(screen.getByText('Belt A47'));
  expect(used()).toEqual([expect.objectContaining({ ...A47, count: 1 })]);
});

test('the same part again is one more of it; put back it is gone, and nothing of it is lost', () => {
  const one = withPart(measured(), { ...A47, count: 1 }, new Date());
  const used = show(one);
  fireEvent.press(screen.getByText('Add part'));
  fireEvent.press(screen.getAllByText('Belt A47').at(-1)!);
  expect(used().map(({ count }) => count)).toEqual([2]);
  fireEvent.press(screen.getByLabelText('Put Belt A47 back'));
  expect(used()).toEqual([]);
});

test('a part of no list is taken in words', () => {
  const used = show(measured());
  fireEvent.press(screen.getByText('Add part'));
  fireEvent.changeText(screen.getByLabelText('Other part'), ' Trap fittings ');
  fireEvent.press(screen.getByText('Add it'));
  expect(used()).toEqual([expect.objectContaining({ key: 'words:trap fittings', name: 'Trap fittings', count: 1 })]);
});
