import type { Look } from '../../judge/look';
import {
  explain,
  optionsOf,
  readingSigma,
  type EvidenceReading,
  type Explanation,
  type ExplainRequest,
} from '../../fix/explain';
import { READING_IDS, type ReadingId } from '../../fix/observe';
import { boundaryPorts, layoutOf } from '../../air/system';
import type { PracticeCase } from './drawCase';
import { lookSeen, SIGHT_ITEMS } from './lookSeen';
import { AS_FOUND_RUNNING, realUnit, type RealUnit } from './realUnit';

/** What a case is asked with: what is known of its unit, with nothing read yet. */
export type CaseRequest = ExplainRequest;

/** What the search says of single causes alone: in a third of the time. */
export function singlesAnswer(request: ExplainRequest): Explanation {
  for (const { answer } of explain(request)) if (answer) return answer;
  throw new Error('The search gave no answer.');
}

/** What the whole search says: single causes and pairs. */
export function wholeAnswer(request: ExplainRequest): Explanation {
  let last: Explanation | undefined;
  for (const { answer } of explain(request)) if (answer) last = answer;
  return last!;
}

/** The request with what was read and looked at. @param values of readings, as they were read */
export function requestWith(
  practice: PracticeCase,
  request: CaseRequest,
  values: ReadonlyMap<ReadingId, number>,
  looked: ReadonlySet<string>,
): ExplainRequest {
  const evidence = [...values].map(([reading, value]): EvidenceReading => ({
    reading,
    value,
    sigma: readingSigma(reading, value),
  }));
  const looks = [...looked].flatMap((item): Look[] => {
    const sight = lookSeen(practice, item);
    return sight ? [{ item, state: sight.state }] : [];
  });
  const options = optionsOf({
    layout: practice.layout,
    motor: practice.motor,
    cools: request.system.cooling !== undefined,
    read: new Set(values.keys()),
    looked,
    hasPlate: true,
  });
  return { ...request, evidence, looks, options };
}

/** Every reading of a unit as it truly is. */
const allValues = (unit: RealUnit): Map<ReadingId, number> =>
  new Map(
    READING_IDS.flatMap((reading): [ReadingId, number][] => {
      const value = unit.read(reading, AS_FOUND_RUNNING);
      return value === undefined ? [] : [[reading, value]];
    }),
  );

/** The causes in the order of their odds, likeliest first. */
const ranked = ({ causes }: Explanation) => [...causes].sort((a, b) => b.share - a.share).map(({ id }) => id);

/** So likely the fault must be once everything was read. */
const LEAST_SHARE = 0.6;
/** Shares of the fault after the two statics of the boundary alone, from easy to hard. (J) */
const DIFFICULTY_SHARES = [0.5, 0.3, 0.15, 0.07] as const;

/**
 * Whether a case can be solved with the instruments given, and how hard it is: the search for causes says both.
 *
 * @returns 1 easy to 5 hard; undefined for a case that even every reading leaves open
 */
export function rated(practice: PracticeCase, request: CaseRequest): number | undefined {
  const truth = practice.faults.map(({ cause }) => cause);
  const unit = realUnit(practice, request);
  const values = allValues(unit);
  const healthy = realUnit({ ...practice, faults: [] }, request);
  // A fault that changes nothing is none: the speed is at its end already.
  if (
    truth.length > 0 &&
    [...values].every(([reading, value]) => Math.abs(value - (healthy.read(reading, AS_FOUND_RUNNING) ?? 0)) < 1e-9)
  )
    return undefined;
  const search = truth.length > 1 ? wholeAnswer : singlesAnswer;
  const whole = search(requestWith(practice, request, values, new Set(SIGHT_ITEMS)));
  const order = ranked(whole);
  const shareOf = (answer: Explanation, id: string) => answer.causes.find((one) => one.id === id)?.share ?? 0;
  // Of two faults: no other two explain everything better.
  const pair = whole.explanations.find(({ causes }) => causes.length === 2);
  const isSolved =
    truth.length > 1
      ? truth.every((id) => pair?.causes.includes(id))
      : order[0] === truth[0] && shareOf(whole, truth[0]!) >= LEAST_SHARE;
  if (!isSolved) return undefined;
  const first = boundaryPorts(layoutOf({ layout: practice.layout }));
  const early = new Map([...values].filter(([reading]) => first.some((port) => port === reading)));
  const share = Math.min(
    ...truth.map((id) => shareOf(singlesAnswer(requestWith(practice, request, early, new Set())), id)),
  );
  return 1 + DIFFICULTY_SHARES.filter((least) => share < least).length;
}
