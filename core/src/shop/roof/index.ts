export { roofCaution, roofEntries, type RoofEntry } from './entries';
export { marksOf, ROOF_COLUMNS, type RoofColumn, type RoofMarks } from './marks';
export { hoursNow, type HoursNow, typedHours } from './neededHours';
export { orderOfWork, type RoofUnitFound, type RoofWork } from './orderOfWork';
export { type RoofUnitParts, sparesFor, type TakeUp, takeUp } from './takeUp';
