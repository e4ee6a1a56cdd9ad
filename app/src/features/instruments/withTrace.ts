import type { VisitDto } from '@huff/contract';
import { traceOf, type PlaceId, type Sample } from '@huff/core/instruments';
import { withFact } from '../visitState/newFact';

/** What showed a value: a probe, or a channel of a log. */
interface TracedProbe {
  readonly id: string;
  readonly place?: PlaceId;
  readonly samples: readonly Sample[];
}

/** The visit with what a probe showed in the minutes before its value was captured. @param readingId the reading or the fact that was captured */
export function withTrace(visit: VisitDto, probe: TracedProbe | undefined, readingId: string, now: Date): VisitDto {
  const trace = probe?.place && traceOf(probe.samples);
  if (!trace) return visit;
  const { seconds, values } = trace;
  return withFact(visit, 'trace', { readingId, place: probe.place, probe: probe.id, seconds, values }, now);
}
