export * from './filterOut';
export * from './resistance';
