import Papa from 'papaparse';
import type { BlowerTableDto } from '../blowerTable';

/**
 * A blower table as CSV text that `readBlowerTableCsv` reads back to the same table. Cells that a spreadsheet would run as
 * a formula are guarded.
 */
export function writeBlowerTableCsv(
  table: Pick<BlowerTableDto, 'name' | 'motor' | 'tons' | 'staticsInWc' | 'taps'>,
): string {
  const rows: (string | number | null)[][] = [
    ['table', table.name],
    ['motor', table.motor],
    ...(table.tons ? [['tons', table.tons]] : []),
    ['tap', ...table.staticsInWc],
    ...table.taps.map((row) => [row.tap, ...row.flowsCfm]),
  ];
  return `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
