export { ampsDrift } from './ampsDrift';
export { BLOWER_MOTOR_CAUSES, isPowerCause, powerCause, POWER_CAUSES } from './causes';
export type { PointStand } from './reach';
export { type NextTest, nextTests, type Priors, suspects } from './suspects';
export { assessPower, type PowerAssessment, powerContext } from './assessPower';
export { partAtFix } from './closedReadings';
export { SECTION_ORDER } from './fixedOrder';
export { repeatedAlike } from './repeated';
