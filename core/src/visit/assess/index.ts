export { assessVisit, type VisitAssessment } from './assessVisit';
export { blowerHeatWatts, PROVEN_METHOD, TABLE_METHOD, USUAL_METHOD } from './estimates';
export { filterOutPressures } from './filterRetest';
export { FILTER_TELLS } from './filterTells';
export { JUDGEMENT_VERSION } from './judgementVersion';
export type { NextMeasure } from './nextMeasure';
export { MOTOR_METHOD } from './motorPower';
export type { VisitFacts } from './visitFacts';
export { totalStaticOf } from './totalStaticOf';
