import { beltDriveOf, DEFAULT_RULES, keepFigures, type Rules } from '@huff/core';
import { figuresOf, type KeptItem, keptItem, marksOf, type RoofMarks, type VisitFigures } from '@huff/core/call';
import { assessCallOf } from './callFacts';
import { assess, currentPart } from './plan';
import type { ShopDto } from './shop';
import type { VisitDto } from './visit';

/** What a visit leaves to the next: everything found, its own and what it carried, and the figures that are followed. */
export interface Remembered {
  readonly found: readonly KeptItem[];
  readonly figures: VisitFigures;
  /** How each check of a roof sheet stands. */
  readonly marks: RoofMarks;
}

/**
 * What a visit leaves to the next.
 *
 * @param earlier what the unit's visit before left
 */
export function rememberedOf(
  visit: VisitDto,
  {
    rules = DEFAULT_RULES,
    odds,
    earlier = [],
  }: { readonly rules?: Rules; readonly odds?: ShopDto['odds']; readonly earlier?: readonly KeptItem[] } = {},
): Remembered {
  const now = currentPart(visit);
  const { assessment, call, found } = keepFigures(() => {
    const judged = assess(now, rules);
    const whole = assessCallOf({ ...now, facts: visit.facts }, judged, rules, odds, earlier);
    return {
      assessment: judged,
      call: whole,
      found: whole.triage.map((item) => keptItem({ since: visit.startedAt, ...item })),
    };
  });
  const drive = now.setup?.drive ? beltDriveOf(now.setup.drive) : undefined;
  return {
    found,
    figures: figuresOf(assessment, { drive, circuits: call.circuits }),
    marks: marksOf({
      assessment,
      checks: call.checks,
      context: call.context,
      amps: call.amps,
      fixed: new Set(call.triage.flatMap(({ id, outcome }) => (outcome === 'dealtWith' ? [id] : []))),
    }),
  };
}
