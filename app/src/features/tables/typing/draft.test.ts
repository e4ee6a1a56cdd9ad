import { check, BlowerTableDto } from '@huff/contract';
import { setMeasures, SI_MEASURES, tapRow, US_MEASURES } from '@huff/core';
import { TABLE } from '../../../testing/visits';
import {
  draftOf,
  emptyDraft,
  figuresOf,
  LEFT_OUT,
  nextPlace,
  staticFault,
  withCell,
  withoutRow,
  withoutStatic,
  withRow,
  withStatic,
  type TableDraft,
} from './draft';

const put = (draft: TableDraft, row: number, column: number, text: string) =>
  withCell(draft, 'cells', { row, column }, () => text);
const figures = (draft: TableDraft) => {
  const made = figuresOf(draft);
  if (!made.ok) throw new Error(made.why);
  return made.figures;
};

afterEach(() => setMeasures(US_MEASURES));

test('two cells are a table: the rest is left away', () => {
  const draft = put(put(emptyDraft('constantTorque'), 2, 4, '973'), 2, 5, '932');
  expect(figures(draft)).toEqual({ staticsInWc: [0.5, 0.6], taps: [{ tap: '3', flowsCfm: [973, 932] }], part: true });
});

test('nothing, one cell, and one static of several taps are no table yet, and it is said what is missing', () => {
  const draft = emptyDraft('psc');
  expect(figuresOf(draft)).toMatchObject({ ok: false, why: expect.stringContaining('two statics of one tap') });
  const one = put(put(draft, 0, 0, '900'), 1, 0, '1000');
  expect(figuresOf(one)).toMatchObject({ ok: false, why: expect.stringContaining('only a point') });
  expect(figuresOf(put(one, 0, 1, '950'))).toMatchObject({
    ok: false,
    why: expect.stringContaining('falls as static'),
  });
});

test('a cell left out by the manufacturer stays blank; a cell not typed is not bridged either', () => {
  let draft = emptyDraft('constantTorque');
  for (const [column, text] of ['905', '862', LEFT_OUT, '770'].entries()) draft = put(draft, 0, column, text);
  expect(figures(draft).taps[0]!.flowsCfm).toEqual([905, 862, 770]);
  expect(figures(put(draft, 1, 2, '934')).taps.map((row) => row.flowsCfm)).toEqual([
    [905, 862, null, 770],
    [null, null, 934, null],
  ]);
});

test('a whole table goes through a draft and comes back as it was', () => {
  expect(figures(draftOf(TABLE))).toEqual({ staticsInWc: TABLE.staticsInWc, taps: TABLE.taps });
});

test('typed in L/s it is kept in CFM, to the last digit that was typed', () => {
  setMeasures(SI_MEASURES);
  const draft = put(put(emptyDraft('psc'), 0, 0, '425'), 0, 1, '410');
  const [at] = figures(draft).taps[0]!.flowsCfm;
  expect(at).toBeCloseTo(900.5, 1);
  expect(draftOf(figures(draft)).rows[0]!.cells).toEqual(['425', '410']);
});

test('of a belt drive: RPM and horsepower by airflow, read between its figures', () => {
  let draft: TableDraft = { ...emptyDraft('beltDrive', 5), staticsInWc: [0.4, 0.6] };
  draft = { ...draft, rows: draft.rows.slice(0, 3).map((row) => ({ ...row, cells: ['', ''], bhp: ['', ''] })) };
  for (const [row, column, rpm, bhp] of [
    [0, 0, '700', '0.61'],
    [0, 1, '780', '0.74'],
    [1, 0, '760', '0.82'],
    [1, 1, '835', '0.97'],
  ] as const)
    draft = withCell(put(draft, row, column, rpm), 'bhp', { row, column }, () => bhp);
  expect(figuresOf(draft)).toMatchObject({
    ok: false,
    why: expect.stringContaining('No RPM has two statics yet'),
  });
  draft = put(put(draft, 2, 0, '820'), 2, 1, '890');
  const made = figures(draft);
  expect(made.byRpm).toMatchObject({
    flowsCfm: [1600, 1800, 2000],
    bhp: [
      [0.61, 0.74],
      [0.82, 0.97],
      [null, null],
    ],
  });
  const row = tapRow(made, '800')!.flowsCfm;
  expect(row[0]).toBeCloseTo(1800 + (200 * 40) / 60, 6);
  expect(row[1]).toBeCloseTo(1600 + (200 * 20) / 55, 6);
  const record = { id: '11110000-0000-4000-8000-000000000001', name: 'Typed', motor: 'beltDrive', ...made };
  expect(check(BlowerTableDto, record)).toMatchObject({ ok: true });
});

test('rows and statics are added in place and taken out, statics stay rising', () => {
  let draft = withStatic(withRow(emptyDraft('constantTorque')));
  expect(draft.rows.at(-1)!.name).toBe('6');
  expect(draft.staticsInWc.at(-1)).toBe(0.7);
  expect(draft.rows.every((row) => row.cells.length === draft.staticsInWc.length)).toBe(true);
  expect(withRow(emptyDraft('constantAirflow')).rows.at(-1)!.name).toBe('E');
  expect(staticFault(draft, 2, 0.35)).toBeUndefined();
  expect(staticFault(draft, 2, 0.15)).toContain('above 0.20');
  expect(staticFault(draft, 2, 0.4)).toContain('under 0.40');
  draft = withoutStatic(withoutRow(draft, 0), 0);
  expect(draft.rows[0]!.name).toBe('2');
  expect(draft.staticsInWc[0]).toBe(0.2);
});

test('going on from cell to cell ends at the last', () => {
  const draft = emptyDraft('psc');
  expect(nextPlace(draft, { row: 0, column: 5 })).toEqual({ row: 1, column: 0 });
  expect(nextPlace(draft, { row: 2, column: 5 })).toBeUndefined();
});
