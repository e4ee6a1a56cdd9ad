import { summaryOf, type VisitDto } from '@huff/contract';
import { rememberedOf } from '@huff/contract/call';
import type { ShopDto } from '@huff/contract/fix';
import type { VisitSummary } from '@huff/contract/spine';
import { rulesOf, type ShopRules } from '@huff/core';
import type { KeptItem } from '@huff/core/call';
import { searchTextOf, wordsOf } from './searchText';

/** What a visit is judged from, as it goes to another thread. */
export interface JudgeWork {
  readonly record: VisitDto;
  readonly shopRules: ShopRules | null;
  readonly odds: ShopDto['odds'];
  /** What the unit's visit before this one left. */
  readonly earlier: readonly KeptItem[];
}

/** What lists say of a visit, and what it is found by. */
export interface Judged {
  readonly summary: VisitSummary;
  readonly searchText: string;
  readonly words: readonly string[];
}

/** @throws whatever core cannot judge */
export function judgeVisit({ record, shopRules, odds, earlier }: JudgeWork): Judged {
  const rules = rulesOf(shopRules);
  const remembered = rememberedOf(record, { rules, odds, earlier: [...earlier] });
  const searchText = searchTextOf(record, remembered.found);
  return { summary: { ...summaryOf(record, rules), ...remembered }, searchText, words: wordsOf(searchText) };
}
