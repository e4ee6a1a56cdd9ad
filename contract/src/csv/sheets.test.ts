import { SI_MEASURES, withMeasures } from '@huff/core';
import fc from 'fast-check';
import Papa from 'papaparse';
import type { SiteDto } from '../site';
import type { UnitDto } from '../unit';
import {
  readSheet,
  SHEET_LIMITS,
  SHEETS,
  withParts,
  writeSheet,
  type Known,
  type PartLine,
  type Sheet,
} from './sheets';

const id = (n: number) => `66660000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const site = (n: number, name: string, more: Partial<SiteDto> = {}): SiteDto => ({ id: id(n), name, ...more });
const unit: UnitDto = {
  id: id(10),
  siteId: id(1),
  name: 'Roof 1',
  layout: 'packaged',
  motor: 'beltDrive',
  tons: 7.5,
  cfmPerTon: 400,
  setup: { filterCount: 4, filterWidthIn: 20, filterHeightIn: 24.5, altitudeFt: 620 },
  plate: { model: '=HAX', serial: '-7734' },
};
const known: Known = {
  sites: [
    site(1, 'Lantern Quay, library', { address: '@1 Quay', altitudeFt: 620, email: 'desk@quay.example' }),
    site(2, 'Mill'),
  ],
  units: [unit],
  shop: {
    belts: [{ mark: 'A48', onTruck: true, cost: 14, counted: 3, countedAt: '2026-03-02T07:00:00.000Z' }],
    parts: [
      { id: id(20), kind: 'filter', name: 'Filter 20 × 25', widthIn: 20, heightIn: 25, onTruck: false, cost: 9.5 },
    ],
  },
};
let made = 100;
const reading = { known, newId: () => id((made += 1)) };
const read = (sheet: Sheet, text: string) => readSheet(sheet, text, reading);
const rowsOf = (sheet: Sheet, text: string) => {
  const answer = read(sheet, text);
  if (!answer.ok) throw new Error(JSON.stringify(answer.faults));
  return answer.rows;
};
const faultsOf = (sheet: Sheet, text: string) => {
  const answer = read(sheet, text);
  return answer.ok ? [] : answer.faults;
};
const csv = (...rows: readonly (readonly (string | number)[])[]) => Papa.unparse(rows as (string | number)[][]);

test.each(SHEETS)('%s go out and come in the same, and nothing in them is run by a spreadsheet', (sheet) => {
  const text = writeSheet(sheet, known);
  expect(rowsOf(sheet, text).map(({ state }) => state)).toEqual(rowsOf(sheet, text).map(() => 'same'));
  for (const cell of Papa.parse<string[]>(text.trim()).data.flat()) expect(cell).not.toMatch(/^[=+@]|^-(?!\d)/);
});

test('what is changed is named by its column; columns that are not there stay', () => {
  const [row] = rowsOf('units', csv(['site', 'name', 'tons'], ['lantern quay, LIBRARY', 'roof 1', '8,5']));
  expect(row).toMatchObject({ state: 'changed', changed: ['name', 'tons'] });
  expect(row!.record).toMatchObject({
    id: unit.id,
    tons: 8.5,
    setup: unit.setup,
    plate: unit.plate,
    motor: 'beltDrive',
  });
});

test('a blank cell says that it is not known; what every record has is not emptied by one', () => {
  const [row] = rowsOf(
    'units',
    csv(['id', 'site', 'name', 'tons', 'motor'], [unit.id, 'Lantern Quay, library', 'Roof 1', '', '']),
  );
  expect(row).toMatchObject({ state: 'changed', changed: ['tons'], record: { tons: null, motor: 'beltDrive' } });
});

test('a new line is a new record with an id of its own; of a unit what was not said is taken and said to be', () => {
  const [row] = rowsOf('units', csv(['site', 'name'], ['Mill', 'Hood']));
  expect(row).toMatchObject({
    state: 'new',
    record: { siteId: id(2), name: 'Hood', setup: { unsaid: ['layout', 'motor'] } },
  });
  expect((row!.record as UnitDto).id).toMatch(/^6666/);
});

test('thousands and decimals are told apart', () => {
  const altitudes = rowsOf('sites', csv(['name', 'altitude ft'], ['A', '1,250'], ['B', '620.5'], ['C', '12,5']));
  expect(altitudes.map(({ record }) => (record as SiteDto).altitudeFt)).toEqual([1250, 620.5, 12.5]);
});

test.each<[Sheet, string, RegExp, number | undefined]>([
  ['sites', '', /first line must name the columns/, undefined],
  ['sites', csv(['address'], ['x']), /“name” is not among them/, undefined],
  ['units', csv(['name'], ['Roof 9']), /“site” is not among them/, undefined],
  ['units', csv(['site', 'name'], ['Nowhere', 'Roof 9']), /no site of that name/, 2],
  ['units', csv(['site', 'name', 'tons'], ['Mill', 'Hood', 'three']), /“tons” must be a number/, 2],
  ['units', csv(['site', 'name', 'tons'], ['Mill', 'Hood', '900']), /Tons must be/, 2],
  ['units', csv(['site', 'name', 'motor'], ['Mill', 'Hood', 'steam']), /motor/i, 2],
  ['units', csv(['site', 'name'], ['Mill', 'Hood'], ['Mill', ' HOOD ']), /is there twice: line 2/, 3],
  ['sites', csv(['name', 'mail'], ['New', 'the desk']), /name@place/, 2],
  ['sites', csv(['id', 'name'], ['12', 'New']), /UUID/, 2],
  ['parts', csv(['kind', 'name', 'on the truck'], ['filter', 'F', 'maybe']), /yes or no/, 2],
  ['parts', csv(['kind', 'name', 'cost'], ['belt', 'C900', '3']), /belt size/, 2],
  ['sites', 'name\r\n', /no line below the headings/, undefined],
])('%s: %j is refused in a sentence', (sheet, text, words, line) => {
  const [fault] = faultsOf(sheet, text);
  expect(fault?.message).toMatch(words);
  expect(fault?.line).toBe(line);
});

test('a file without end is not read', () => {
  expect(faultsOf('sites', 'name\n'.repeat(SHEET_LIMITS.characters))[0]?.message).toMatch(/too large/);
  expect(faultsOf('sites', `name\n${'x\n'.repeat(SHEET_LIMITS.rows + 5)}`)[0]?.message).toMatch(/at most 5000 lines/);
});

test('whatever stands in a file, it is read or refused, never thrown', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...SHEETS),
      fc.array(fc.array(fc.string(), { maxLength: 6 }), { maxLength: 6 }),
      (sheet, rows) => {
        const heads = ['id', 'kind', 'site', 'name', 'tons', 'cost'];
        const answer = read(sheet, Papa.unparse([heads, ...rows]));
        expect(answer.ok || answer.faults.length > 0).toBe(true);
      },
    ),
  );
});

test('parts taken in leave counts, and what is not in the list', () => {
  const lines = rowsOf('parts', csv(['kind', 'name', 'cost'], ['belt', 'a48', '15'], ['contactor', '=30 A', '24'])).map(
    ({ record }) => record as PartLine,
  );
  const shop = withParts(known.shop, lines, () => id(90));
  expect(shop.belts).toEqual([{ ...known.shop.belts[0], cost: 15 }]);
  expect(shop.parts).toEqual([
    known.shop.parts![0],
    expect.objectContaining({ id: id(90), kind: 'contactor', name: '=30 A', cost: 24 }),
  ]);
});

test.each(SHEETS)('%s go out in metric units and come in the same, on a phone with either units', (sheet) => {
  const text = withMeasures(SI_MEASURES, () => writeSheet(sheet, known));
  const states = (readIt: () => ReturnType<typeof rowsOf>) => readIt().map(({ state }) => state);
  expect(new Set(states(() => rowsOf(sheet, text)))).toEqual(new Set(['same']));
  expect(new Set(states(() => withMeasures(SI_MEASURES, () => rowsOf(sheet, text))))).toEqual(new Set(['same']));
});
test('heads name the unit of whoever asks', () => {
  const heads = withMeasures(SI_MEASURES, () => writeSheet('units', known)).split('\r\n')[0]!;
  expect(heads).toContain('nameplate static Pa');
  expect(heads).toContain('target L/s per ton');
  expect(heads).toContain('filter width mm');
  const [row] = rowsOf('sites', csv(['name', 'altitude m'], ['Lantern Quay, library', 304.8]));
  expect(row).toMatchObject({ state: 'changed', record: { altitudeFt: 1000 }, changed: ['altitude ft'] });
});
