import type { VisitDto } from '@huff/contract';
import { createContext, use, useMemo, type ReactNode } from 'react';

export interface Whole {
  /** The whole visit, before and after its plan, as it stands this moment. */
  readonly whole: VisitDto;
  readonly setWhole: (changed: VisitDto) => void;
}

const WholeContext = createContext<Whole | undefined>(undefined);

interface WholeVisitProps {
  readonly visit: VisitDto;
  readonly onVisit: (changed: VisitDto) => void;
  readonly children: ReactNode;
}

/** Lets everything inside it read and change the whole visit. */
export function WholeVisit({ visit, onVisit, children }: WholeVisitProps) {
  const value = useMemo(() => ({ whole: visit, setWhole: onVisit }), [visit, onVisit]);
  return <WholeContext value={value}>{children}</WholeContext>;
}

/** The whole visit that one is in, and how a change of it is kept. A form that is filled in is drawn from it: never from a moment ago. */
export function useWholeVisit(): Whole {
  const found = use(WholeContext);
  if (!found) throw new Error('useWholeVisit is used outside of WholeVisit.');
  return found;
}
