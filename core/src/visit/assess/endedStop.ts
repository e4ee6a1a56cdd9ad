import type { Look } from '../../judge/look';
import { takenMs, type PressureReading } from '../../air/readings';
import { isStopLook, isStopPoint, stopOf, type Stop } from '../../call/stop';
import type { Question } from './openQuestion';
import { evidenceOf, type EvidenceContext } from './evidence';
import { type Fact, stepsOf } from '../../call/facts';

interface EndedStop {
  readonly stop: Stop;
  /** When it was recorded as dealt with. */
  readonly endedMs: number;
}

/** Whether a fact may have stopped the visit: most visits have none, and nothing is walked through. */
const mayStop = ({ kind, inputs }: Fact): boolean =>
  kind === 'look'
    ? isStopLook(inputs as unknown as Look)
    : kind === 'check' && typeof inputs.point === 'string' && isStopPoint(inputs.point);

/** The last stop of a visit that no longer stands, and when it ended; undefined where there was none, or where nobody recorded a time. */
function lastEnded(facts: readonly Fact[], context: EvidenceContext): EndedStop | undefined {
  const first = facts.findIndex(mayStop);
  if (first < 0) return undefined;
  for (let made = facts.length - 1; made > first; made -= 1) {
    const { kind, takenAt, clockOffsetMs } = facts[made]!;
    if (kind !== 'look' && kind !== 'check' && kind !== 'outcome') continue;
    const before = facts.slice(0, made);
    const { recorded } = evidenceOf(before, context);
    const stop = stopOf({ looks: recorded, steps: stepsOf(before), lineVolts: context.nominalVolts });
    if (stop) return takenAt === undefined ? undefined : { stop, endedMs: takenMs({ takenAt, clockOffsetMs }) };
  }
  return undefined;
}

/**
 * Statics that were read while something stopped the visit: what they say is of the air as it was then. They hold the verdict until they are read
 * again, or until somebody says that they hold.
 *
 * @param counted the statics that count
 * @param answered ids of questions somebody answered
 */
export function readBeforeStopEnded(
  facts: readonly Fact[],
  context: EvidenceContext,
  counted: ReadonlyMap<string, PressureReading>,
  answered: ReadonlySet<string>,
): Question[] {
  if (counted.size === 0) return [];
  const ended = lastEnded(facts, context);
  // Smells and flames do not change what a probe reads.
  if (!ended || ended.stop.isDanger) return [];
  const id = `before ${ended.stop.id}`;
  const early = [...counted].flatMap(([port, { takenAt, clockOffsetMs }]) =>
    takenAt !== undefined && takenMs({ takenAt, clockOffsetMs }) < ended.endedMs ? [port] : [],
  );
  if (early.length === 0 || answered.has(id)) return [];
  return [
    {
      id,
      holdsVerdict: true,
      sentence: `${early.join(', ')} ${early.length > 1 ? 'were' : 'was'} read while the visit was stopped: ${ended.stop.name}. Read ${early.length > 1 ? 'them' : 'it'} again.`,
      answer: 'Keep these readings',
    },
  ];
}
