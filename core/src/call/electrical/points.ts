import { usually } from '../checks/checkPoint';
import { AMPS_POINTS } from './ampsPoints';
import { CONTROL_POINTS } from './controlPoints';
import { MOTOR_POINTS } from './motorPoints';
import { SUPPLY_POINTS } from './supplyPoints';

/** Where power is looked for, what it should read there, and what it costs to look. */
export const POWER_POINTS = [
  ...usually({ area: 'power', minutes: 20, money: 15 }, [...SUPPLY_POINTS, ...CONTROL_POINTS]),
  ...usually({ area: 'blower', minutes: 30, money: 40 }, [...MOTOR_POINTS, ...AMPS_POINTS]),
];
