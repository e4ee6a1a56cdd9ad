import type { Check } from '../checks/checkPoint';
import { isCheck, isOutcome, type Step } from '../facts/outcome';
import { heatSequence, lastRun } from '../heat/electric';
import { heatTouches } from '../heat/touches';
import type { Look } from '../../judge/look';
import { STOPS, type StopRule } from './stops';

/**
 * Why nothing else is judged, advised, planned or promised at a visit. One value, made here alone; airflow and charge verdicts, advice, plans,
 * chance, verification, the next step, the owner's page and the lists all obey it.
 */
export interface Stop {
  readonly id: string;
  /** "ice on the coil": what it is, after "not judged:". */
  readonly name: string;
  /** What it does to readings, or whom it can hurt. */
  readonly why: string;
  /** The one thing to do, with its caution. */
  readonly first: string;
  /** People are at risk: not even tests are offered until it is safe. */
  readonly isDanger: boolean;
  /** Its circuit stays off until it is resolved. */
  readonly keepsOff: boolean;
  /** What was looked at, where a look showed it. */
  readonly item?: string;
  /** The point that showed it, where a check did. */
  readonly point?: string;
  /** The step where it is resolved. */
  readonly step: 'look' | 'power' | 'heat' | 'building';
}

/** What stops are read from. */
export interface StopFacts {
  /** The last look at each thing. */
  readonly looks: ReadonlyMap<string, Look>;
  /** What was read, tried or seen at points and what became of findings, in the order it was made. */
  readonly steps: readonly (Step & { readonly takenAt?: string })[];
  /** Nominal line voltage, V. */
  readonly lineVolts?: number;
}

const shownByLook = ({ looks: signs = [] }: StopRule, looks: StopFacts['looks']): string | undefined =>
  signs.find(({ item, states }) => {
    const look = looks.get(item);
    return look !== undefined && look.outcome !== 'dealtWith' && states.includes(look.state);
  })?.item;

/** The standing check of each point that nobody reported as fixed since. */
function openChecks(steps: StopFacts['steps']): ReadonlyMap<string, Check> {
  const open = new Map<string, Check>();
  for (const step of steps) {
    if (!isOutcome(step)) open.set(step.point, step);
    else if (step.state === 'dealtWith' && step.finding.startsWith('check-')) open.delete(step.finding.slice(6));
  }
  return open;
}

function shownByCheck(
  { checks: signs = [] }: StopRule,
  open: ReadonlyMap<string, Check>,
  lineVolts?: number,
): string | undefined {
  return signs.find(({ point, states, isAt }) => {
    const check = open.get(point);
    if (!check) return false;
    if (check.state !== undefined && states?.includes(check.state)) return true;
    return check.value !== undefined && isAt?.(check.value, lineVolts) === true;
  })?.point;
}

/** Elements that ran without air in the last run that was touched. */
const elementsAlone = (steps: StopFacts['steps']): boolean =>
  heatSequence(lastRun(heatTouches(steps.filter(isCheck)))).isStop === true;

/**
 * The stop of a visit: what endangers people first, then what keeps air from moving, then what makes every reading wrong.
 *
 * @returns undefined where nothing stops the visit
 * @example stopOf({ looks: new Map([['ice', { item: 'ice', state: 'coil' }]]), steps: [] })?.id // 'ice'
 */
export function stopOf({ looks, steps, lineVolts }: StopFacts): Stop | undefined {
  const open = openChecks(steps);
  for (const rule of STOPS) {
    const item = shownByLook(rule, looks);
    const point = shownByCheck(rule, open, lineVolts);
    if (item === undefined && point === undefined && !(rule.id === 'elements' && elementsAlone(steps))) continue;
    const { id, name, why, first, isDanger = false, keepsOff = false, step } = rule;
    return { id, name, why, first, isDanger, keepsOff, step, ...(item ? { item } : point ? { point } : {}) };
  }
  return undefined;
}

const LOOK_SIGNS = new Set(
  STOPS.flatMap(({ looks = [] }) => looks.flatMap(({ item, states }) => states.map((state) => `${item} ${state}`))),
);
const CHECK_POINTS = new Set(STOPS.flatMap(({ checks = [] }) => checks.map(({ point }) => point)));

/** Whether a look finds what stops a visit, whatever became of it. */
export const isStopLook = ({ item, state }: Pick<Look, 'item' | 'state'>): boolean =>
  LOOK_SIGNS.has(`${item} ${state}`);

/** Whether a check is made at a point that may stop a visit. */
export const isStopPoint = (point: string): boolean => CHECK_POINTS.has(point);
