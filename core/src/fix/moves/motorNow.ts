import { predict, type Goal, type MotorLoad } from '../model';
import type { System } from '../../air/system';

/** The motor's load as the system stands. */
export const predictLoad = (system: System, goal: Goal): MotorLoad | undefined => predict(system, goal).motor;
