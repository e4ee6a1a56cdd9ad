export * from './layouts';
export * from './system';
export * from './stages';
export * from './equipment';
