import { CLOCK_WORTH_TELLING_MS } from '@huff/contract/spine';
import type { Author } from '../http/author';

/** Who sends, from which device, and how far its clock is off. */
export interface Sender {
  readonly author: Author;
  readonly device: string;
  readonly clockOffsetMs: number;
}

/** An offset that is worth keeping with a time; null for a clock that is right enough. */
export const offsetToKeep = (clockOffsetMs: number): number | null =>
  Math.abs(clockOffsetMs) > CLOCK_WORTH_TELLING_MS ? clockOffsetMs : null;
