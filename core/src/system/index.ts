export * from './layouts';
export * from './system';
