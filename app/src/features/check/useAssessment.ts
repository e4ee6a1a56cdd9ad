import { pressureReading, unitFacts, visitRules, type VisitDto } from '@huff/contract';
import {
  countedPressures,
  DEFAULT_RULES,
  judge,
  LAYOUTS,
  nextReading,
  standingOf,
  tapAdvice,
  type PortId,
} from '@huff/core';
import { useMemo } from 'react';

/** Everything that can be said of a visit, computed on the phone from its readings. */
export function assess(visit: VisitDto) {
  const rules = visitRules(visit, DEFAULT_RULES);
  const readings = visit.readings.map(pressureReading);
  const layout = LAYOUTS[visit.layout];
  const judgement = judge(unitFacts(visit), readings, rules);
  const counted = countedPressures(layout, readings);
  return {
    judgement,
    advice: tapAdvice(judgement, rules),
    next: nextReading(visit.layout, readings),
    counted,
    pressures: new Map<PortId, number>([...counted].map(([port, r]) => [port, r.staticInWc])),
    standing: standingOf(layout, readings),
  };
}

export type Assessment = ReturnType<typeof assess>;

export const useAssessment = (visit: VisitDto): Assessment => useMemo(() => assess(visit), [visit]);
