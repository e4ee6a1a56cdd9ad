import type { VisitDto } from '@huff/contract';
import { traceOf } from '@huff/core/instruments';
import type { LiveProbe } from '../../data/bridge/bridgeStore';
import { withFact } from '../visitState/newFact';

/** The visit with what a probe showed in the minutes before its value was captured. @param readingId the reading that was captured */
export function withTrace(visit: VisitDto, probe: LiveProbe | undefined, readingId: string, now: Date): VisitDto {
  const trace = probe?.place && traceOf(probe.samples);
  if (!trace) return visit;
  const { seconds, values } = trace;
  return withFact(visit, 'trace', { readingId, place: probe.place, probe: probe.id, seconds, values }, now);
}
