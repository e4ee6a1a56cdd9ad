import { CONTROL_POINTS } from './controlPoints';
import { MOTOR_POINTS } from './motorPoints';
import { SUPPLY_POINTS } from './supplyPoints';

/** Where power is looked for, what it should read there, and what it costs to look. */
export const POWER_POINTS = [...SUPPLY_POINTS, ...CONTROL_POINTS, ...MOTOR_POINTS];
