export { CHECK_POINTS, checkPoint } from './catalogue';
export { type Check, checkFault, checkQuestion, checkText, outcomeOf, standingChecks } from './check';
export type { CheckContext, CheckNumber, CheckOutcome, CheckPoint, CheckState } from './checkPoint';
