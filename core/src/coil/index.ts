export * from './coilModel';
export * from './freezing';
