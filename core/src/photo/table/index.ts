export { misread } from './figures';
export type { PhotoTable } from './photoTable';
export { LEFT_OUT_MARK } from './tableCell';
export { readTables, type ReadStage } from './readTable';
export { quartersToUpright } from './upright';
