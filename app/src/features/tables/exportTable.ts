import type { BlowerTableDto } from '@huff/contract';
import { writeBlowerTableCsv } from '@huff/contract/csv';

/** "AH 36, constant torque" → "AH-36-constant-torque.csv" */
export const csvName = (name: string) =>
  `${name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'table'}.csv`;

/** Hands the table to the browser as a CSV file. */
export function exportTable(table: BlowerTableDto): void {
  const url = URL.createObjectURL(new Blob([writeBlowerTableCsv(table)], { type: 'text/csv' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = csvName(table.name);
  link.click();
  URL.revokeObjectURL(url);
}
