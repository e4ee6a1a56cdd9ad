import type { VerdictWord } from '@huff/core';
import type { RoofColumn } from '@huff/core/call';
import type { VisitSummary } from './spine/visitSummary';

/** How a check of a unit stood when it was last looked at, and at which visit that was. */
export interface KnownMark {
  readonly unitId: string;
  readonly column: RoofColumn;
  readonly word: VerdictWord;
  readonly visitId: string;
  readonly at: string;
}

/** A site's units as they are known: the last visit of each, and each check from the visit that last looked at it. */
export interface RoofSheet {
  readonly visits: readonly VisitSummary[];
  readonly marks: readonly KnownMark[];
}
