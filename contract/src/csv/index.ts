export { type CsvFault, type CsvReading, type CsvTable, readBlowerTableCsv } from './readBlowerTableCsv';
export { writeBlowerTableCsv } from './writeBlowerTableCsv';
export {
  type Known,
  type PartLine,
  readSheet,
  type Sheet,
  SHEET_LIMITS,
  SHEET_WORDS,
  type SheetReading,
  type SheetRecords,
  type SheetRow,
  SHEETS,
  withParts,
  writeSheet,
} from './sheets';
export { writeDrillsCsv } from './writeDrillsCsv';
export { writeTracesCsv } from './writeTracesCsv';
export {
  LOG_PARTS,
  type LogColumns,
  type LogHead,
  logHead,
  type LogPart,
  type LogReading,
  type LogSeries,
  readLogCsv,
} from './readLogCsv';
