import { checkPoint, type Check, type CheckContext } from '../checks';
import { assessPower } from './assessPower';
import type { PowerScheme } from './scheme';
import { likelihoodsOf, nextTests } from './suspects';

/** A figure of each class at a point: what a meter would show. */
function figureOf(point: string, cls: string, { lineVolts = 240, ratedMicrofarads = 10 }: CheckContext): number {
  const { unit } = checkPoint(point)!.number!;
  const isGood = cls === 'good';
  if (unit === 'volts') {
    if (point === 'motorVoltsAtRest') return isGood ? 0 : lineVolts;
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
  const { at } = likelihoodsOf(scheme);
  const fixed = (order ?? []).filter((point) => at.has(point));
  for (;;) {
    const { found, suspects } = assessPower({ scheme, checks, context, staticRead: true });
    const first = suspects.ranked[0];
    const next = order ? fixed[checks.size] : nextTests(scheme, checks, context)[0]?.point.id;
    if (found || next === undefined) return { found: first?.cause.id, share: first?.share ?? 0, tests: checks.size };
    checks.set(next, likelyOutcome(scheme, cause, next, context));
  }
}
