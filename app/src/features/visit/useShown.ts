import { intoWhole, partVisit, type PartedVisit, type VisitDto } from '@huff/contract';
import { useCallback, useDeferredValue, useMemo } from 'react';

/** A change, with the version it was made to: what was drawn a moment ago must not undo what came since. */
export type OnChange = (from: VisitDto, to: VisitDto) => void;

/** A visit with the part of it that the stations show. */
interface Shown {
  readonly whole: VisitDto;
  readonly parted: PartedVisit;
  readonly visit: VisitDto;
}

/** Once a plan is decided, the stations show what was read since; what was found before stays under Fix and Prove. */
function shownOf(whole: VisitDto): Shown {
  const parted = partVisit(whole);
  return { whole, parted, visit: parted.after ?? parted.before };
}

/** Takes a change of the part that is shown over into the whole visit. */
const useSetter = ({ whole, visit }: Shown, onChange: OnChange) =>
  useCallback((changed: VisitDto) => onChange(whole, intoWhole(whole, visit, changed)), [whole, visit, onChange]);

/**
 * The part of a visit that the stations show: as it stands, and as it is drawn, which may be a moment behind. Result strip and keypad
 * follow a reading at once; the drawings come in the next pass, so that they never hold them up. Each is paired with what it changes: a
 * touch on a drawing that is a moment old changes just what was touched.
 */
export function useShown(whole: VisitDto, onChange: OnChange) {
  const now = useMemo(() => shownOf(whole), [whole]);
  const deferred = useDeferredValue(now);
  return { now, onVisit: useSetter(now, onChange), deferred, onDrawn: useSetter(deferred, onChange) };
}
