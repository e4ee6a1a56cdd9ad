export { ampsDrift } from './ampsDrift';
export type { PowerCause } from './cause';
export { BLOWER_MOTOR_CAUSES, isPowerCause, powerCause, POWER_CAUSES } from './causes';
export { type PointStand, powerReach } from './reach';
export type { Lane, PowerScheme, SchemeStep } from './scheme';
export { POWER_SCHEMES, schemeFor } from './schemes';
export {
  classesOf,
  likelihoodsOf,
  type NextTest,
  nextTests,
  type Priors,
  type Repeated,
  type Suspect,
  suspects,
  type Suspects,
} from './suspects';
export { assessPower, type PowerAssessment, powerContext } from './assessPower';
export { partAtFix, type PartedReadings } from './closedReadings';
export { SECTION_ORDER } from './fixedOrder';
export { repeatedAlike } from './repeated';
