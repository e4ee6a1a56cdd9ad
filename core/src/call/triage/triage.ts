import type { Concern } from './concern';
import { TRIAGE_AREAS, type TriageArea } from './effort';

/** What became of something found: fixed, offered at a price, refused, kept an eye on, or nothing yet. */
export const TRIAGE_OUTCOMES = ['open', 'dealtWith', 'quoted', 'declined', 'watch'] as const;
export type TriageOutcome = (typeof TRIAGE_OUTCOMES)[number];

/** As a person reads it. */
export const OUTCOME_TEXT: Readonly<Record<TriageOutcome, string>> = {
  open: 'open',
  dealtWith: 'fixed',
  quoted: 'quoted',
  declined: 'declined',
  watch: 'watch',
};

/** One thing found, with what it asks for. */
export interface TriageItem {
  /** The same for the same finding, however often it is computed. */
  readonly id: string;
  readonly area: TriageArea;
  readonly words: string;
  /** What fixes it, in words. */
  readonly toDo?: string;
  /** Usual minutes and price of the part, dollars (J). */
  readonly minutes: number;
  readonly money: number;
  readonly outcome: TriageOutcome;
  /** What was asked for it, in the shop’s money. */
  readonly quoted?: number;
  /** When it was found first, where that was at an earlier visit. */
  readonly since?: string;
  /** What it was measured by: measured again at a later visit, that says what stands. */
  readonly measuredBy?: string;
  /** What else shows the same cause, in words. */
  readonly evidence?: readonly string[];
  /** It has a cause that is not known: nothing is asked for it. */
  readonly isSymptom?: true;
  /** Why it matters, where the technician said so. */
  readonly concern?: Concern;
  /** The fact that says it, where it is in the technician's own words. */
  readonly ownFact?: string;
  /** It stops the visit: it comes before everything else. */
  readonly isStop?: true;
  /** The look it comes from, when it is one: its outcome is kept there. */
  readonly look?: string;
  /** The state that look found. */
  readonly looked?: string;
}

const AREA_ORDER: ReadonlyMap<TriageArea, number> = new Map(TRIAGE_AREAS.map(({ id }, i) => [id, i]));

/** What was found, in the order it is taken; what is settled goes last within its area. */
export const inTriageOrder = (items: readonly TriageItem[]): TriageItem[] =>
  [...items].sort(
    (a, b) =>
      Number(b.isStop ?? false) - Number(a.isStop ?? false) ||
      AREA_ORDER.get(a.area)! - AREA_ORDER.get(b.area)! ||
      Number(a.outcome !== 'open') - Number(b.outcome !== 'open'),
  );

/** Minutes and money of what is open or quoted. */
export const triageSum = (items: readonly TriageItem[]): { readonly minutes: number; readonly money: number } =>
  items
    .filter(({ outcome }) => outcome === 'open' || outcome === 'quoted')
    .reduce((sum, { minutes, money }) => ({ minutes: sum.minutes + minutes, money: sum.money + money }), {
      minutes: 0,
      money: 0,
    });

/**
 * What work takes, as it is told; nothing where it takes neither time nor parts.
 *
 * @param minutes usual minutes, 0 and up
 * @param money usual price of its parts in the shop’s money, 0 and up
 * @param currency sign of the shop’s money
 * @example effortWords({ minutes: 30, money: 5 }, '$') // 'about 30 min, parts about $5'
 */
export function effortWords(
  { minutes, money }: { readonly minutes: number; readonly money: number },
  currency: string,
): string | undefined {
  const words = [minutes > 0 && `about ${minutes} min`, money > 0 && `parts about ${currency}${money}`];
  return words.filter(Boolean).join(', ') || undefined;
}
