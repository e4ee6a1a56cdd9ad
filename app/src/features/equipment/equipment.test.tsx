import type { UnitFactsDto } from '@huff/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { renderThemed } from '../../testing/render';
import { NOW, TABLE } from '../../testing/visits';
import { quickCheck } from '../visitState/newVisit';
import { costsOf } from './costs';
import { filterWords } from './filterWords';
import { unitQuestion } from './unitQuestions';
import { EquipmentView } from './EquipmentView';

jest.mock('expo-router', () => ({ router: { push: jest.fn() } }));
jest.mock('../../data/records', () => {
  const none = { useList: () => ({ records: [] }) };
  return { blowerTables: none, shop: none };
});

const told = jest.fn<void, [UnitFactsDto]>();
const onStep = jest.fn();
const now = () => told.mock.lastCall![0];
beforeEach(() => jest.clearAllMocks());

function Sheet({ start, table }: { readonly start: UnitFactsDto; readonly table?: typeof TABLE }) {
  const [unit, setUnit] = useState(start);
  return (
    <EquipmentView
      open
      onClose={jest.fn()}
      unit={unit}
      onUnit={(next) => {
        told(next);
        setUnit(next);
      }}
      table={table}
      onTable={jest.fn()}
      hasFlow={false}
      go={{ words: 'Read R2', onPress: onStep }}
    />
  );
}
const show = (more: Partial<UnitFactsDto> = {}, table?: typeof TABLE) =>
  renderThemed(<Sheet start={{ ...quickCheck(NOW), ...more }} table={table} />);
// What was opened last stands on top.
const press = (label: string | RegExp) => fireEvent.press(screen.getAllByLabelText(label).at(-1)!);

test('nothing is chosen until it is said, and one can go on at once', () => {
  show();
  const checked = screen.getAllByRole('radio').filter((radio) => radio.props['aria-checked'] === true);
  expect(checked).toHaveLength(0);
  fireEvent.press(screen.getByText('Read R2'));
  expect(onStep).toHaveBeenCalled();
});

test('air path, motor by what is seen, and tons are each a touch', () => {
  show();
  press('Furnace, coil');
  press('Five small taps, 24 V, constant torque');
  press('3.5');
  expect(now()).toMatchObject({
    layout: 'furnaceCasedCoil',
    motor: 'constantTorque',
    tons: 3.5,
    setup: { unsaid: null },
  });
});

test('another motor lets the speed go: its taps are others', () => {
  show({ motor: 'constantTorque', tap: '3', setup: null });
  press('Two brown capacitor leads, PSC');
  expect(now().tap).toBeNull();
});

test('the model number offers tons and takes none by itself', () => {
  show();
  press(/^Nameplate/);
  fireEvent.changeText(screen.getByLabelText(/^Model number/), 'XA4-036B');
  expect(told).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('3 t'));
  expect(now().tons).toBe(3);
  fireEvent.press(screen.getByText('Save nameplate'));
  expect(now().plate).toMatchObject({ model: 'XA4-036B' });
});

test('the nameplate’s maximum is typed on the keypad; 50 is asked about, nothing is lost', () => {
  show();
  press(/^Nameplate max static/);
  for (const key of ['5', '0']) press(key);
  expect(screen.getByText(/^Enter between 0.05 and 5 in/)).toBeTruthy();
  press('delete');
  press('delete');
  for (const key of ['0', 'point', '6']) press(key);
  fireEvent.press(screen.getByText('Save'));
  expect(now().maxTespInWc).toBe(0.6);
});

test('with a table its speeds stand there to choose from', () => {
  show({ motor: 'constantTorque' }, TABLE);
  fireEvent.press(screen.getAllByText('4').at(-1)!);
  expect(now().tap).toBe('4');
});

describe('what a missing answer costs', () => {
  const unit = quickCheck(NOW);
  test.each([
    ['the tons', unit, false, false, /tons, for an airflow target/],
    ['the speed', { ...unit, tons: 3 }, true, false, /Missing: speed in use/],
    ['a table or one more reading', { ...unit, tons: 3 }, false, false, /add a table or a method/],
    ['the nameplate', { ...unit, tons: 3 }, false, true, /maximum is assumed/],
    ['nothing', { ...unit, tons: 3, maxTespInWc: 0.5 }, false, true, /^Everything is judged now\.$/],
  ])('%s', (_, known, hasTable, hasFlow, words) => {
    expect(costsOf({ unit: known, hasTable, hasFlow })).toMatch(words);
  });
});

test('filters in words: sets of sizes, their kind, where they are', () => {
  expect(filterWords(null)).toBeUndefined();
  expect(filterWords({ filterWidthIn: 20, filterHeightIn: 25, filterMedia: 'merv8x1' })).toBe('20 × 25, 1 in. MERV 8');
  expect(
    filterWords({
      filterCount: 2,
      filterWidthIn: 20,
      filterHeightIn: 20,
      moreFilters: [{ count: 1, widthIn: 14.5, heightIn: 20 }],
      filterPlace: 'atGrilles',
    }),
  ).toBe('2 of 20 × 20 and 14.5 × 20, at the grilles');
});

describe('what looks wrong is asked, never refused', () => {
  test.each([
    ['maxTespInWc', 5, 'airHandler', /5\.00 in\. w\.c\. is more than any nameplate allows\. 0\.50 in\. w\.c\.\?/],
    ['tons', 40, 'airHandler', /40 tons on an air handler\?.* 4\?/],
    ['tons', 7.5, 'furnaceCasedCoil', /7\.5 tons on a furnace\?/],
  ] as const)('%s of %p', (id, value, layout, words) =>
    expect(unitQuestion(id, value, { ...quickCheck(NOW), layout })).toMatch(words),
  );
  test('and what is usual is not', () => {
    expect(unitQuestion('tons', 40, { ...quickCheck(NOW), layout: 'packaged' })).toBeUndefined();
    expect(unitQuestion('maxTespInWc', 0.8, quickCheck(NOW))).toBeUndefined();
  });
});
