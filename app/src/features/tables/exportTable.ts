import type { BlowerTableDto } from '@huff/contract';
import { writeBlowerTableCsv } from '@huff/contract/csv';
import { saveFile } from '../../data/saveFile';

/** "AH 36, constant torque" → "AH-36-constant-torque.csv" */
const csvName = (name: string) => `${name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'table'}.csv`;

/** Hands the table to the browser as a CSV file. */
export function exportTable(table: BlowerTableDto): void {
  saveFile(csvName(table.name), 'text/csv', writeBlowerTableCsv(table));
}
