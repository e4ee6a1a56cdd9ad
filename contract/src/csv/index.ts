export * from './readBlowerTableCsv';
export * from './writeBlowerTableCsv';
