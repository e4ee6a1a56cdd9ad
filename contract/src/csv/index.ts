export * from './readBlowerTableCsv';
export * from './writeBlowerTableCsv';
export * from './sheets';
