export { heatBand, predictHeating } from './heating';
export { type MeasuredFacts, measuredSystem, type MeasuredSystem } from './measuredSystem';
export { airflowWord, type Goal, predict, type Prediction, QUIET_DUCT_FPM } from './predict';
export { motorLoad, type MotorLoad, powerOf } from './power';
export { wearWarnings } from './wear';
