export { type CircuitConditions, circuitTables, type CircuitTables } from './circuitTable';
export { type Observation, observe } from './observe';
export { filterOutAt, placeOf, READING_IDS, type ReadingId } from './readingIds';
export { type UnitModel, unitModel, unitModels, type UnitReference, type Unknown, UNKNOWNS } from './unitModel';
