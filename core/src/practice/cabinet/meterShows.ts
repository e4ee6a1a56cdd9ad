import { checkPoint } from '../../call/points';
import type { Check } from '../../call/checks';
import { POWER_SCHEMES } from '../../call/power/schemes';
import { likelyOutcome } from '../../call/power/practice';
import { CASE_MICROFARADS, CASE_VOLTS, type PracticeCase } from '../cases';
import type { Cabinet } from './cabinet';

/** What a meter shows at a point of the way of power, or what is seen there; undefined where the unit has no such point or no such fault. */
export function meterShows({ power }: PracticeCase, cabinet: Cabinet, point: string): Check | undefined {
  const scheme = POWER_SCHEMES.find(({ id }) => id === power?.scheme);
  const plan = checkPoint(point);
  const has = scheme && [...scheme.steps, ...scheme.beside].some((step) => step.point === point);
  if (!power || !has || !plan) return undefined;
  const reads = likelyOutcome(scheme, power.cause, point, {
    lineVolts: CASE_VOLTS,
    ratedMicrofarads: CASE_MICROFARADS,
  });
  // With the disconnect off no point carries anything.
  if (!cabinet.isPowered && plan.power === 'live' && plan.number?.unit === 'volts') return { point, value: 0 };
  return reads;
}
