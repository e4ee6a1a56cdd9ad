import type { Conditions, PressureReading } from '../../air/readings';
import type { System } from '../../air/system';
import type { VisitAssessment } from '../assess';

/** A reading taken again under other conditions than before. */
export interface ConditionChange {
  readonly port: string;
  readonly sentence: string;
}

const CONDITION_WORDS: readonly [keyof Conditions, string][] = [
  ['door', 'door'],
  ['filter', 'filter'],
  ['coil', 'coil'],
  ['mode', 'mode'],
  ['tap', 'tap'],
];

const MINUTES_APART = 10;

/** In which conditions two readings of one port differ, in words. The tap is the plan's to change. */
function conditionChange(before: PressureReading, after: PressureReading, tapChanged: boolean): string | undefined {
  const differing = CONDITION_WORDS.flatMap(([key, name]) => {
    const [a, b] = [before.conditions[key], after.conditions[key]];
    if (a === undefined || b === undefined || a === null || b === null || a === b) return [];
    return key === 'tap' && tapChanged ? [] : [`${name} ${a} then, ${b} now`];
  });
  const [m, n] = [before.conditions.minutesRunning, after.conditions.minutesRunning];
  if (typeof m === 'number' && typeof n === 'number' && Math.abs(m - n) > MINUTES_APART)
    differing.push(`${m} minutes running then, ${n} now`);
  return differing.length === 0 ? undefined : differing.join('; ');
}

/** The readings that were taken again under other conditions than before. */
export function conditionChanges(
  before: VisitAssessment,
  after: VisitAssessment,
  tapChanged: boolean,
): ConditionChange[] {
  return [...after.counted].flatMap(([port, reading]): ConditionChange[] => {
    const old = before.counted.get(port);
    const sentence = old && conditionChange(old, reading, tapChanged);
    return sentence ? [{ port, sentence: `${port}: ${sentence}. Conditions differ. Measure again the same way.` }] : [];
  });
}

/** What keeps readings from being proof: another speed than the plan's, or conditions that differ. */
export function contradictionsOf(changedSystem: System, before: VisitAssessment, after: VisitAssessment): string[] {
  const { stop } = after;
  if (stop) return [`Not verified: ${stop.name}. ${stop.first}`];
  const found: string[] = [];
  const planned = changedSystem.fan.tap;
  const other = [...after.counted.values()].find(
    ({ conditions: { tap } }) => tap && tap !== planned && after.counted.size > 0,
  );
  if (other?.conditions.tap && !changedSystem.fan.usual && changedSystem.fan.motor !== 'beltDrive')
    found.push(
      `Re-measured on tap ${other.conditions.tap}, but the plan is for ${planned}. That does not verify it. Set the speed, or choose a new plan.`,
    );
  const refused = after.standing.filter(({ notCounted }) => notCounted === 'doorOff' || notCounted === 'filterOut');
  if (after.judgement.tespInWc === undefined && before.judgement.tespInWc !== undefined && refused.length > 0)
    found.push(
      'These were re-measured with the door off or the filter out, so they verify nothing. Measure as before.',
    );
  return found;
}
