export { misread } from './figures';
export { cleaned, LEFT_OUT_MARK, type PhotoTable, readTables, type ReadStage } from './readTable';
export { quartersToUpright } from './upright';
