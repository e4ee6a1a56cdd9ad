import type { KeptText, VerdictWord } from '@huff/core';
import type { KeptItem, RoofMarks, VisitFigures } from '@huff/core/call';

/** What a list says of a visit: computed by core, on the server for all and on the phone for what has not arrived. */
export interface VisitSummary {
  readonly id: string;
  readonly title: string;
  readonly unitId: string | null;
  readonly startedAt: string;
  readonly staticInWc: number | null;
  readonly staticWord: VerdictWord;
  readonly flowCfm: number | null;
  readonly flowSigmaCfm: number | null;
  readonly flowWord: VerdictWord;
  readonly dropF: number | null;
  readonly dropWord: VerdictWord;
  /** The finding that is taken first, in words. */
  readonly worstFinding: KeptText | null;
  /** What to read next, in words. */
  readonly nextStep: KeptText | null;
  readonly headline: KeptText;
  /** Everything found and carried, with what became of it; told by the server alone. */
  readonly found?: readonly KeptItem[] | null;
  /** What is followed over the years; told by the server alone. */
  readonly figures?: VisitFigures | null;
  /** How each check of a roof sheet stands; told by the server alone. */
  readonly marks?: RoofMarks | null;
}
