import { conditionOf, type Cabinet, type PracticeCase } from '@huff/core/practice';
import type { PlaceId } from '@huff/core/instruments';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { cabinetOfDrill, caseOf, type OpenDrill } from './drillStore';
import { connectDrill } from './drillBridge';

/** The case of a drill with its cabinet as it is now; the instruments read it as long as this is shown. */
export function useCabinet(drill: OpenDrill): {
  readonly practice: PracticeCase;
  readonly cabinet: Cabinet;
  /** What a place truly is, for a hint that gives it away. */
  readonly truth: (place: PlaceId) => number | undefined;
  readonly runs: boolean;
} {
  const { code, acts } = drill;
  const practice = useMemo(() => caseOf(code), [code]);
  const cabinet = useMemo(() => cabinetOfDrill({ code, acts }), [code, acts]);
  const link = useRef<ReturnType<typeof connectDrill>>(undefined);
  useEffect(() => {
    const made = connectDrill(practice);
    link.current = made;
    return () => made.stop();
  }, [practice]);
  // After the link, so that its first values are those of this cabinet.
  useEffect(() => link.current?.follow(cabinet), [cabinet]);
  const truth = useCallback((place: PlaceId) => link.current?.truth(place), []);
  return { practice, cabinet, truth, runs: conditionOf(practice, cabinet).runs };
}
