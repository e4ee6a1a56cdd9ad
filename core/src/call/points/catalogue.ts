import { BUILDING_POINTS } from '../building/points';
import { COMPLAINT_POINTS } from '../complaint/points';
import { HEAT_POINTS } from '../heat/points';
import { OUTDOOR_POINTS } from '../outdoor/points';
import { AFTER_MOTOR_POINTS } from '../electrical/afterMotor';
import { POWER_POINTS } from '../electrical/points';
import { STATIC_POINTS } from '../checks/totalStatic';
import { REFRIGERANT_POINTS } from '../refrigerant/points';
import { UPKEEP_POINTS } from '../maintenance/points';
import type { CheckPoint } from '../checks/checkPoint';

/** The points of each step that is worked point by point: the one list that drawings, progress and validation go by. */
export const STEP_POINTS = {
  call: COMPLAINT_POINTS,
  pressure: STATIC_POINTS,
  power: [...POWER_POINTS, ...AFTER_MOTOR_POINTS, ...OUTDOOR_POINTS],
  heat: HEAT_POINTS,
  refrigerant: REFRIGERANT_POINTS,
  building: BUILDING_POINTS,
  upkeep: UPKEEP_POINTS,
} as const satisfies Readonly<Record<string, readonly CheckPoint[]>>;

/** A step that is worked point by point. */
export type PointStep = keyof typeof STEP_POINTS;

/** Every point of every step. A new one is a line in its step's list. */
export const CHECK_POINTS: readonly CheckPoint[] = Object.values(STEP_POINTS).flat();

const STEP_OF = new Map(
  Object.entries(STEP_POINTS).flatMap(([step, points]) => points.map(({ id }) => [id, step as PointStep] as const)),
);

/** The step a point belongs to; undefined where there is no such point. @example stepOfPoint('legVoltsLow') // 'power' */
export const stepOfPoint = (id: string): PointStep | undefined => STEP_OF.get(id);

const BY_ID = new Map(CHECK_POINTS.map((point) => [point.id, point]));

export const checkPoint = (id: string): CheckPoint | undefined => BY_ID.get(id);
