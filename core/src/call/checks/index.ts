export type { Check, CheckContext, CheckOutcome, CheckPoint } from './checkPoint';
export { POWER_STATES, type PowerState } from './powerState';
export { TOTAL_STATIC_POINT } from './totalStatic';
