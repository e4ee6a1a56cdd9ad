export * from './planRecord';
export * from './proof';
export * from './untouched';
