import { BUILDING_POINTS } from '../building/points';
import { COMPLAINT_POINTS } from '../complaint/points';
import { HEAT_POINTS } from '../heat/points';
import { AFTER_MOTOR_POINTS } from '../power/afterMotor';
import { POWER_POINTS } from '../power/points';
import { REFRIGERANT_POINTS } from '../refrigerant/points';
import { UPKEEP_POINTS } from '../upkeep/points';
import type { CheckPoint } from './checkPoint';

/** Every point of every station. A new one is a line in its station's list. */
export const CHECK_POINTS: readonly CheckPoint[] = [
  ...COMPLAINT_POINTS,
  ...POWER_POINTS,
  ...AFTER_MOTOR_POINTS,
  ...HEAT_POINTS,
  ...REFRIGERANT_POINTS,
  ...BUILDING_POINTS,
  ...UPKEEP_POINTS,
];

const BY_ID = new Map(CHECK_POINTS.map((point) => [point.id, point]));

export const checkPoint = (id: string): CheckPoint | undefined => BY_ID.get(id);
