import type { ReactNode } from 'react';

/** What a station puts into the page: its own pane, what stands beside it on a wide screen, and its foot. */
export interface FrameParts {
  readonly main: ReactNode;
  readonly side: ReactNode;
  readonly foot: ReactNode;
}

export type Frame = (parts: FrameParts) => ReactNode;
