export type { PlateFieldId } from './plateFields';
export { type PlateReading, readPlate } from './readPlate';
