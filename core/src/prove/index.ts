export * from './planRecord';
export * from './proof';
