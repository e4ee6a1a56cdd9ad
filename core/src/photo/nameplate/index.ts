export type { PlateFieldId } from './plateFields';
export { nothingFound, type PlateReading, readPlate } from './readPlate';
