export { explain } from '../../core/src/fix/explain';
export { READING_IDS, UNKNOWNS, unitModel } from '../../core/src/fix/observe';
export { explainedUnit } from '../../core/fixtures/explained';
