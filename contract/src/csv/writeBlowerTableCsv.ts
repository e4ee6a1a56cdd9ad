import Papa from 'papaparse';
import type { BlowerTableDto, RpmFiguresDto } from '../blowerTable';
import { writtenTableUnits } from './unitHeads';

type Rows = (string | number | null)[][];

type Units = ReturnType<typeof writtenTableUnits>;

const tapRows = ({ taps }: Pick<BlowerTableDto, 'taps'>, statics: Rows[0], { shownFlow }: Units): Rows => [
  ['tap', ...statics],
  ...taps.flatMap((row): Rows => [
    [row.tap, ...row.flowsCfm.map((flow) => (flow === null ? null : shownFlow(flow)))],
    ...(row.watts ? [[`${row.tap} watts`, ...row.watts]] : []),
  ]),
];

const rpmRows = ({ flowsCfm, rpm, bhp }: RpmFiguresDto, statics: Rows[0], units: Units): Rows => [
  [units.flowHead, ...statics],
  ...flowsCfm.map((flow, i) => [
    units.shownFlow(flow),
    ...statics.map((_, j) => {
      const [turns, power] = [rpm[i]?.[j] ?? null, bhp[i]?.[j] ?? null];
      return turns === null ? null : power === null ? turns : `${turns}/${power}`;
    }),
  ]),
];

/**
 * A blower table as CSV text that `readBlowerTableCsv` reads back to the same table, in the units of whoever asks. Cells that a spreadsheet would run as
 * a formula are guarded.
 */
export function writeBlowerTableCsv(
  table: Pick<BlowerTableDto, 'name' | 'motor' | 'tons' | 'staticsInWc' | 'taps' | 'byRpm'>,
): string {
  const units = writtenTableUnits();
  const statics = table.staticsInWc.map(units.shownStatic);
  const rows: Rows = [
    ['table', table.name],
    ['motor', table.motor],
    ...(table.tons ? [['tons', table.tons]] : []),
    ...units.rows,
    ...(table.byRpm ? rpmRows(table.byRpm, statics, units) : tapRows(table, statics, units)),
  ];
  return `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
