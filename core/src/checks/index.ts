export { CHECK_POINTS, checkPoint, type PointStep, STEP_POINTS, stepOfPoint } from './catalogue';
export { checkFault, checkQuestion, checkText, outcomeOf, standingChecks } from './check';
export type { Check, CheckContext, CheckNumber, CheckOutcome, CheckPoint, CheckState } from './checkPoint';
export { POWER_STATES, type PowerState } from './powerState';
export { withTold } from './told';
