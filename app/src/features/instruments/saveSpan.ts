import type { VisitDto } from '@huff/contract';
import { portOf, signedStaticInWc } from '@huff/core';
import { portAt, type PlaceId, type Sample, type SteadySpan } from '@huff/core/instruments';
import { v4 as uuid } from 'uuid';
import { holdValue } from '../../data/bridge/heldValues';
import { AS_IT_RUNS, runState, withReading } from '../visitState/newVisit';
import type { Assessment } from '../visitState/useAssessment';
import { withTrace } from './withTrace';

/** A steady stretch of a log, with the place it was measured at. */
interface PlacedSpan {
  readonly span: SteadySpan;
  readonly place: PlaceId;
  /** The channel of the log. */
  readonly name: string;
  readonly samples: readonly Sample[];
  /** The log’s times are those of a clock. */
  readonly isClock: boolean;
}

/** When the stretch was measured; now where the log cannot say, or says a time out of the visit. */
function momentOf({ span, isClock }: PlacedSpan, visit: VisitDto, now: Date): Date {
  const isInVisit = span.toMs >= Date.parse(visit.startedAt) && span.toMs <= now.getTime();
  return isClock && isInVisit ? new Date(span.toMs) : now;
}

/**
 * The visit with a steady stretch of a log as a reading of its port, and its trace beside it. What is no port’s is held for the form that asks for
 * it, and the visit stays as it is.
 */
export function withSpan(visit: VisitDto, assessment: Assessment, placed: PlacedSpan, now: Date): VisitDto {
  const { span, place, name } = placed;
  const samples = placed.samples.filter(({ atMs }) => atMs >= span.fromMs && atMs <= span.toMs);
  const port = portAt(place);
  const plan = port && portOf(assessment.layout, port);
  if (!plan) {
    holdValue(visit.id, place, { value: span.mean, from: name, samples });
    return visit;
  }
  const id = uuid();
  const at = momentOf(placed, visit, now);
  const last = visit.readings.at(-1)?.conditions ?? AS_IT_RUNS;
  const reading = {
    id,
    port,
    // The side decides the sign, whichever way the hoses were on the instrument.
    staticInWc: signedStaticInWc(plan.side, span.mean),
    conditions: runState(visit, { ...last, door: 'on', filter: 'in' }),
    replacesId: assessment.counted.get(port)?.id ?? null,
    byProbe: true,
  };
  return withTrace(withReading(visit, reading, at), { id: name, place, samples }, id, at);
}
