import Papa from 'papaparse';
import type { BlowerTableDto, RpmFiguresDto } from '../blowerTable';

type Rows = (string | number | null)[][];

const tapRows = ({ staticsInWc, taps }: Pick<BlowerTableDto, 'staticsInWc' | 'taps'>): Rows => [
  ['tap', ...staticsInWc],
  ...taps.flatMap((row): Rows => [
    [row.tap, ...row.flowsCfm],
    ...(row.watts ? [[`${row.tap} watts`, ...row.watts]] : []),
  ]),
];

const rpmRows = ({ flowsCfm, rpm, bhp }: RpmFiguresDto, staticsInWc: readonly number[]): Rows => [
  ['CFM', ...staticsInWc],
  ...flowsCfm.map((flow, i) => [
    flow,
    ...staticsInWc.map((_, j) => {
      const [turns, power] = [rpm[i]?.[j] ?? null, bhp[i]?.[j] ?? null];
      return turns === null ? null : power === null ? turns : `${turns}/${power}`;
    }),
  ]),
];

/**
 * A blower table as CSV text that `readBlowerTableCsv` reads back to the same table. Cells that a spreadsheet would run as
 * a formula are guarded.
 */
export function writeBlowerTableCsv(
  table: Pick<BlowerTableDto, 'name' | 'motor' | 'tons' | 'staticsInWc' | 'taps' | 'byRpm'>,
): string {
  const rows: Rows = [
    ['table', table.name],
    ['motor', table.motor],
    ...(table.tons ? [['tons', table.tons]] : []),
    ...(table.byRpm ? rpmRows(table.byRpm, table.staticsInWc) : tapRows(table)),
  ];
  return `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
