export type StationState = 'empty' | 'started' | 'done';

export interface Station {
  readonly id: string;
  readonly name: string;
  readonly state: StationState;
  /** What it still lacks, in words. */
  readonly lacks?: string;
  /** What it came to, in a few words. */
  readonly says?: string;
  /** Not in the run that was set; a touch away behind it. */
  readonly isAside?: boolean;
}

export const STATE_TEXT: Readonly<Record<StationState, string>> = {
  empty: 'not begun',
  started: 'begun',
  done: 'done',
};

/** A step as it is heard: its name, how far it is, what it still lacks. */
export const spokenStep = ({ name, state, lacks }: Station): string =>
  `${name}, ${STATE_TEXT[state]}${lacks ? `. ${lacks}` : ''}`;
