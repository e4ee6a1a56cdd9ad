export { CHECK_POINTS, checkPoint, type PointStep, STEP_POINTS, stepOfPoint } from './catalogue';
export { checkFault, checkQuestion, checkText, outcomeOf, standingChecks } from './check';
export { withTold } from './told';
export { itemToldBy, lookTold, MEASURED_LOOKS, type Rating } from './lookTold';
