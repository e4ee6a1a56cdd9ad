export { misread } from './figures';
export { LEFT_OUT_MARK, type PhotoTable } from './photoTable';
export { readTables, type ReadStage } from './readTable';
export { quartersToUpright } from './upright';
