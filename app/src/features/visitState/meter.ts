import type { Check } from '@huff/core/call';
import { createContext, use } from 'react';

/** A meter that shows something by itself: the one of a practice unit. A real visit has none. */
export interface Meter {
  /** What it shows at a point; undefined where it shows nothing. */
  readonly shows: (point: string) => Check | undefined;
  /** Whether the leads were put there already. */
  readonly isOn: (point: string) => boolean;
  /** The leads are put there. */
  readonly touch: (point: string) => void;
  /** In an exam the app does not say what is likely, or what to read next. */
  readonly isSilent: boolean;
}

const MeterContext = createContext<Meter | undefined>(undefined);

export const MeterProvider = MeterContext;

export const useMeter = (): Meter | undefined => use(MeterContext);
