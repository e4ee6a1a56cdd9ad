import type { VerdictWord } from '@huff/core';
import type { Drawing } from '../shapes';

/** A figure for the owner: what it is, what is right, before and after. */
export interface OwnerFigure {
  readonly name: string;
  /** Unit and what is right: "CFM; 1,080 to 1,320 is right". */
  readonly under: string;
  readonly before?: string;
  readonly now: string;
  /** Where it lies, and what is right, for a bar. */
  readonly bar?: {
    readonly low: number;
    readonly high: number;
    readonly now: number;
    readonly before?: number;
    readonly most: number;
  };
  readonly word: VerdictWord;
}

/** What a document is made of. Paper, browser and phone draw the same blocks. */
export type Block =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'text'; readonly text: string; readonly soft?: true }
  | { readonly kind: 'list'; readonly items: readonly string[] }
  | { readonly kind: 'figures'; readonly rows: readonly OwnerFigure[] }
  | {
      readonly kind: 'table';
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
      /** Columns of figures, by place: they stand at the right. */
      readonly figures?: readonly number[];
      /** Widths as shares; equal when absent. */
      readonly shares?: readonly number[];
    }
  | { readonly kind: 'drawing'; readonly drawing: Drawing }
  | {
      readonly kind: 'verdict';
      readonly word: VerdictWord;
      readonly name: string;
      readonly text: string;
      readonly lines: readonly string[];
    }
  | { readonly kind: 'mark'; readonly signature?: string; readonly name?: string; readonly at: string }
  | { readonly kind: 'link'; readonly url: string; readonly words: string }
  /** Small, side by side, at the right of the list that follows. */
  | { readonly kind: 'photoRow'; readonly photos: readonly { readonly id: string; readonly caption: string }[] }
  | { readonly kind: 'photo'; readonly id: string; readonly caption: string };

/** A document: a page for the owner, and what the next technician needs. */
export interface VisitDocument {
  /** Who comes, where the shop has said so. */
  readonly head?: {
    readonly name: string;
    readonly under: string;
    /** JPEG in base64. */
    readonly logo?: string;
  };
  /** What it is, and who made it when. */
  readonly made: { readonly name: string; readonly under: string };
  readonly title: string;
  readonly under: string;
  readonly owner: readonly Block[];
  readonly technician: readonly Block[];
}
