import { fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { renderThemed } from '../../../testing/render';
import { TABLE } from '../../../testing/visits';
import { draftOf, emptyDraft, LEFT_OUT, type TableDraft } from './draft';
import { TableTyping } from './TableTyping';

const told = jest.fn<void, [TableDraft]>();
const now = () => told.mock.lastCall![0];
beforeEach(() => told.mockClear());

function Typed({ start }: { readonly start: TableDraft }) {
  const [draft, setDraft] = useState(start);
  return (
    <TableTyping
      draft={draft}
      onDraft={(change) =>
        setDraft((before) => {
          const next = change(before);
          told(next);
          return next;
        })
      }
      onKeep={jest.fn()}
    />
  );
}
const show = (start: TableDraft = emptyDraft('constantTorque')) => renderThemed(<Typed start={start} />);
const press = (...labels: (string | RegExp)[]) => {
  for (const label of labels) fireEvent.press(screen.getAllByLabelText(label).at(-1)!);
};
const keys = (figures: string) => press(...figures);

test('figures go from cell to cell along the row, and the next row begins at its first', () => {
  show();
  keys('905');
  press('next cell');
  keys('862');
  press('next row');
  keys('1012');
  expect(
    now()
      .rows.slice(0, 2)
      .map(({ cells }) => cells.slice(0, 2)),
  ).toEqual([
    ['905', '862'],
    ['1012', ''],
  ]);
});

test('a dash is the manufacturer’s and goes on; clear empties a cell; a figure has no more than six places', () => {
  show();
  press('blank: no figure');
  keys('12345678');
  expect(now().rows[0]!.cells.slice(0, 2)).toEqual([LEFT_OUT, '123456']);
  press('clear');
  expect(now().rows[0]!.cells.slice(0, 2)).toEqual([LEFT_OUT, '']);
  // Over a dash one types as over nothing.
  press(/^Row 1, column 1: left out/);
  keys('9');
  expect(now().rows[0]!.cells[0]).toBe('9');
});

test('a cell that breaks the pattern is asked about, with the likely slip, which a touch puts right', () => {
  const slipped = draftOf(TABLE);
  show({
    ...slipped,
    rows: slipped.rows.map((row, i) => (i === 0 ? { ...row, cells: row.cells.with(3, '1102') } : row)),
  });
  expect(screen.getByLabelText('Row 3, column 4: 1102, check it')).toBeTruthy();
  fireEvent.press(screen.getByText(/^Use \d+$/));
  expect(Number(now().rows[0]!.cells[3])).toBeLessThan(1049);
  expect(screen.queryByLabelText(/, check it$/)).toBeNull();
});

test('statics and taps are added from the keypad', () => {
  show(emptyDraft('psc'));
  const { rows, staticsInWc } = emptyDraft('psc');
  press('+ static', '+ tap');
  expect(now().staticsInWc).toHaveLength(staticsInWc.length + 1);
  expect(now().rows).toHaveLength(rows.length + 1);
  expect(now().rows.every(({ cells }) => cells.length === staticsInWc.length + 1)).toBe(true);
});

test('the mark of a tap is written as on the board, never twice, and a row can be taken out', () => {
  show();
  press('Row 1. Change');
  const mark = () => screen.getByLabelText('Tap name');
  fireEvent.changeText(mark(), '2');
  expect(screen.getByText('Another row is named 2 already.')).toBeTruthy();
  fireEvent.press(screen.getByText('Set'));
  expect(told).not.toHaveBeenCalled();
  fireEvent.changeText(mark(), ' LO ');
  fireEvent.press(screen.getByText('Set'));
  expect(now().rows[0]!.name).toBe('LO');
  press('Row 2. Change');
  fireEvent.press(screen.getByText('Remove row'));
  expect(
    now()
      .rows.map(({ name }) => name)
      .slice(0, 2),
  ).toEqual(['LO', '3']);
});

test('a static stays between its neighbours; taken out, its column goes with it', () => {
  show();
  const begun = emptyDraft('constantTorque').staticsInWc;
  press('Static 0.20. Change');
  const type = (figure: string) => {
    for (const key of figure) press(key === '.' ? 'point' : key);
  };
  type('.9');
  expect(screen.getByText(/it must be under 0\.30/)).toBeTruthy();
  // Refused, it stays open with what was typed.
  fireEvent.press(screen.getByText('Check it'));
  expect(told).not.toHaveBeenCalled();
  expect(screen.getByText(/^0?\.9$/)).toBeTruthy();
  press('delete', 'delete');
  type('.25');
  fireEvent.press(screen.getByText('Set'));
  expect(now().staticsInWc.slice(0, 3)).toEqual([0.1, 0.25, 0.3]);
  expect(now().staticsInWc).toHaveLength(begun.length);
  press('Static 0.25. Change');
  fireEvent.press(screen.getByText('take out'));
  expect(now().staticsInWc).toEqual(begun.filter((staticInWc) => staticInWc !== 0.2));
  expect(now().rows.every(({ cells }) => cells.length === begun.length - 1)).toBe(true);
});

test('of a belt drive RPM and horsepower are typed in one grid, one after the other', () => {
  show(emptyDraft('beltDrive', 5));
  keys('700');
  press('horsepower');
  press('0', 'point', '6', 'point', '1');
  const { cells, bhp } = now().rows[0]!;
  expect([cells[0], bhp[0]]).toEqual(['700', '0.61']);
  expect(screen.getByText('+ airflow')).toBeTruthy();
  expect(screen.queryByText('+ static')).toBeNull();
});
