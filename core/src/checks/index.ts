export { CHECK_POINTS, checkPoint } from './catalogue';
export { checkFault, checkQuestion, checkText, outcomeOf, standingChecks } from './check';
export type { Check, CheckContext, CheckNumber, CheckOutcome, CheckPoint, CheckState } from './checkPoint';
export { withTold } from './told';
