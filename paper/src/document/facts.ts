import {
  assess,
  partVisit,
  type Assessment,
  type PartedVisit,
  type SiteDto,
  type UnitDto,
  type VisitDto,
} from '@huff/contract';
import { assessCallOf } from '@huff/contract/call';
import type { ShopDto } from '@huff/contract/fix';
import { DEFAULT_RULES, type Measures, type Rules, type ShopCard } from '@huff/core';
import { handedOver, type CallAssessment, type KeptItem, type HandOver } from '@huff/core/call';
import { proofOf, type Proof } from '@huff/core/fix';

/** What a document of a visit is made from. */
export interface DocumentSource {
  readonly visit: VisitDto;
  readonly unit?: UnitDto;
  readonly site?: SiteDto;
  readonly rules?: Rules;
  readonly odds?: ShopDto['odds'];
  /** What the unit’s visit before left unsettled. */
  readonly carried?: readonly KeptItem[];
  readonly photos?: readonly { readonly id: string; readonly item: string }[];
  /** Where the unit’s record is opened. */
  readonly link?: string;
  /** As "Europe/Rome": in whose hours moments are written. */
  readonly zone: string;
  /** In which units it is written, where many are served; else in those of this screen. */
  readonly measures?: Measures;
  /** Width of drawings, px, where it is not that of paper. */
  readonly drawingWidth?: number;
  /** Who comes: the head of the owner’s page. */
  readonly card?: ShopCard;
  /** The shop’s logo, JPEG in base64. */
  readonly logo?: string;
  /** Sign of the shop’s money. */
  readonly currency?: string;
}

/** A visit as documents speak of it: judged before and after, with everything found. */
export interface DocumentFacts extends DocumentSource {
  readonly parted: PartedVisit;
  /** As found. */
  readonly before: Assessment;
  /** As it is left: after the plan, else as found. */
  readonly now: Assessment;
  readonly proof?: Proof;
  readonly call: CallAssessment;
  readonly handOver?: HandOver;
}

/** Judges a visit for its documents. */
export function documentFacts(source: DocumentSource): DocumentFacts {
  const { visit, rules = DEFAULT_RULES, odds, carried } = source;
  const parted = partVisit(visit);
  const before = assess(parted.before, rules);
  const after = parted.after && assess(parted.after, rules);
  const now = after ?? before;
  return {
    ...source,
    parted,
    before,
    now,
    proof: parted.plan && after ? proofOf(parted.plan.record, before, after) : undefined,
    call: assessCallOf({ ...(parted.after ?? visit), facts: visit.facts }, now, rules, odds, carried),
    handOver: handedOver(visit.facts ?? []),
  };
}
