import { layoutOf, portOf, shownUnit, takenMs, toShown, type Layout } from '@huff/core';
import { unitFacts, type FactDto, type ReadingDto, type VisitDto } from '@huff/contract';
import Papa from 'papaparse';

/** Columns of the readings of a visit as CSV. */
export const READING_COLUMNS = [
  'takenAt',
  'kind',
  'what',
  'field',
  'value',
  'unit',
  'while',
  'from',
  'id',
  'replacesId',
] as const;

type Row = (string | number | null)[];

const ran = (conditions: object | null | undefined): string =>
  Object.entries(conditions ?? {})
    .filter(([, value]) => value !== null && value !== undefined)
    .map(([name, value]) => `${name} ${String(value)}`)
    .join('; ');

/** In the unit of whoever asks; as it was read in the US. */
const shownStatic = ({ value }: ReadingDto) =>
  shownUnit('inWc').per === 1 ? value : Number(toShown(value, 'inWc').toPrecision(8));

const readingRow = (reading: ReadingDto, layout: Layout): Row => [
  new Date(takenMs(reading)).toISOString(),
  'static',
  portOf(layout, reading.port)?.name ?? reading.port,
  reading.port,
  shownStatic(reading),
  shownUnit('inWc').per === 1 ? reading.unit : shownUnit('inWc').text,
  ran(reading.conditions),
  reading.origin,
  reading.id,
  reading.replacesId ?? null,
];

const cell = (value: unknown): string | number =>
  typeof value === 'number' || typeof value === 'string' ? value : JSON.stringify(value);

/** A fact has a row for each of its inputs: nothing of it is lost, and a sheet can filter by them. */
const factRows = (fact: FactDto): Row[] =>
  Object.entries(fact.inputs).map(([field, value]) => [
    new Date(takenMs(fact)).toISOString(),
    fact.kind,
    typeof fact.inputs.point === 'string'
      ? fact.inputs.point
      : typeof fact.inputs.item === 'string'
        ? fact.inputs.item
        : '',
    field,
    cell(value),
    '',
    ran(fact.conditions),
    'typed',
    fact.id,
    fact.replacesId ?? null,
  ]);

/** Every reading and fact of a visit as CSV, the earliest first. Statics are in the unit of whoever asks; a fact's field names the unit it
 * is stored in. Cells that a spreadsheet would run as a formula are guarded. */
export function readingsCsv(visit: VisitDto): string {
  const layout = layoutOf(unitFacts(visit));
  const rows = [
    ...visit.readings.map((reading) => ({ at: takenMs(reading), rows: [readingRow(reading, layout)] })),
    ...(visit.facts ?? [])
      .filter(({ kind }) => kind !== 'plan')
      .map((fact) => ({ at: takenMs(fact), rows: factRows(fact) })),
  ].sort((a, b) => a.at - b.at);
  const text = Papa.unparse([[...READING_COLUMNS], ...rows.flatMap((one) => one.rows)], {
    newline: '\r\n',
    escapeFormulae: true,
  });
  return `${text}\r\n`;
}
