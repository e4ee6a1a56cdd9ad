import { checkPoint } from '../points';
import type { Check, CheckContext } from '../checks';
import { assessPower } from './assessPower';
import { powerCause } from './causes';
import type { PowerScheme } from '../electrical/scheme';
import { likelihoodsOf } from './suspects';

/** A figure of each class at a point: what a meter would show. */
function figureOf(point: string, cls: string, { lineVolts = 240, ratedMicrofarads = 10 }: CheckContext): number {
  const { unit } = checkPoint(point)!.number!;
  const isGood = cls === 'good';
  if (unit === 'volts') {
    if (point === 'motorVoltsAtRest') return isGood ? 0 : lineVolts;
    if (point === 'callAtRest' || point === 'tapVoltsAtRest') return isGood ? 0 : 26;
    const isLine = ['lineVolts', 'legVoltsLow', 'motorVolts', 'motorSupply'].includes(point);
    return isGood ? (isLine ? lineVolts : 26) : 0;
  }
  if (unit === 'microfarads') return isGood ? ratedMicrofarads : ratedMicrofarads / 3;
  if (unit === 'ohms') return point === 'harnessOhms' ? (isGood ? 0.1 : 4) : isGood ? 60 : 9000;
  if (unit === 'microamps') return isGood ? 3 : 0.3;
  return isGood ? 2 : 40;
}

/** What is read at a point when a cause is at work and nothing slips: the likeliest of its classes. */
export function likelyOutcome(scheme: PowerScheme, cause: string, point: string, context: CheckContext = {}): Check {
  const { causes, at } = likelihoodsOf(scheme);
  const i = causes.findIndex(({ id }) => id === cause);
  const [cls] = [...at.get(point)!].reduce((most, next) => (next[1][i]! > most[1][i]! ? next : most));
  return checkPoint(point)!.number ? { point, value: figureOf(point, cls, context) } : { point, state: cls };
}

/**
 * Follows tests until a cause is found or none tells more: its own next tests, or a fixed order.
 *
 * @param order when given, tests are made in this order, whatever they tell
 * @returns the likeliest cause at the end, its share, and how many tests it took
 */
export function testsUntilFound(
  scheme: PowerScheme,
  cause: string,
  context: CheckContext,
  order?: readonly string[],
): { readonly found?: string; readonly share: number; readonly tests: number } {
  const checks = new Map<string, Check>();
  // The complaint is known before any test.
  if (powerCause(cause).runsOn) checks.set('complaint', { point: 'complaint', state: 'neverStops' });
  const before = checks.size;
  const repeated = new Set<string>();
  const { at } = likelihoodsOf(scheme);
  const fixed = (order ?? []).filter((point) => at.has(point));
  for (;;) {
    const { found, suspects, next: own } = assessPower({ scheme, checks, context, staticRead: true, repeated });
    const first = suspects.ranked[0];
    if (own?.again && !order) {
      repeated.add(own.point.id);
      continue;
    }
    const next = order ? fixed[checks.size - before] : own && !checks.has(own.point.id) ? own.point.id : undefined;
    if (found || next === undefined)
      return {
        found: (found ?? first)?.cause.id,
        share: first?.share ?? 0,
        tests: checks.size - before + repeated.size,
      };
    checks.set(next, likelyOutcome(scheme, cause, next, context));
  }
}
