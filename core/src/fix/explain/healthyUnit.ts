import { cleanDropInWc, type FilterFacts } from '../../air/filter';
import { COIL_EXPONENT, DUCT_EXPONENT, FILTER_EXPONENT, resistanceFromPoint } from '../../air/path';
import { layoutOf, type FilterPlace, type LayoutId, type Section, type StageKind } from '../../air/system';
import { DEFAULT_RULES, stageBudget, type Rules } from '../../judge/verdicts';
import type { Unknown } from '../observe';

/**
 * How far healthy units differ from each other, one σ of the logarithm. (J) The one place for these figures: explanations, made-up units and
 * tests draw from it.
 */
export const HEALTHY_SPREAD: Readonly<Record<Unknown, number>> = {
  returnDuct: 0.35,
  filter: 0.25,
  coil: 0.2,
  supplyDuct: 0.35,
  speed: 0.04,
  table: 0.08,
};

/** The nameplate static of a healthy unit where nobody read it, in. w.c. (J) */
export const USUAL_PLATE_IN_WC: Readonly<Record<LayoutId, number>> = {
  airHandler: 0.5,
  furnaceCasedCoil: 0.5,
  packaged: 0.8,
  makeUpAir: 1,
};

/** A healthy path takes this of its budget at the target airflow. (J) */
const TAKEN_OF_BUDGET = 0.78;
/** No stage takes less than this, in. w.c. */
const LEAST_DROP_IN_WC = 0.02;
const EXPONENT: Partial<Record<StageKind, number>> = { filter: FILTER_EXPONENT, coil: COIL_EXPONENT };

/** What a healthy path is drawn for. */
interface HealthyWish {
  readonly layout: LayoutId;
  readonly filterPlace?: FilterPlace;
  readonly maxTespInWc: number;
  readonly targetCfm: number;
  readonly rules?: Rules;
  /** Filters whose kind and size are known: a clean one's drop goes before the budget. */
  readonly filters?: FilterFacts;
  /** How tight the whole path is, against a sound one. */
  readonly tightness?: number;
}

/**
 * The air path of a healthy unit, stage by stage.
 *
 * @param z a standard normal number for each stage; 0 for the typical unit
 * @returns sections outside the cabinet, in order of flow
 * @example healthyPath({ layout: 'airHandler', maxTespInWc: 0.5, targetCfm: 1200 }).length // 3
 */
export function healthyPath(wish: HealthyWish, z: (kind: StageKind) => number = () => 0): Section[] {
  const { maxTespInWc, targetCfm, rules = DEFAULT_RULES, filters, tightness = 1 } = wish;
  const layout = layoutOf(wish);
  let side: 'return' | 'supply' = 'return';
  return layout.stages.flatMap(({ kind, external }) => {
    if (kind === 'blower') side = 'supply';
    if (!external) return [];
    const budget = stageBudget(layout, kind, rules) * maxTespInWc * TAKEN_OF_BUDGET;
    const clean = kind === 'filter' && filters ? cleanDropInWc(filters, targetCfm) : undefined;
    const spread = Math.exp((HEALTHY_SPREAD[kind as Unknown] ?? 0.3) * z(kind));
    const drop = Math.max(LEAST_DROP_IN_WC, (clean ?? budget) * spread * tightness);
    return [
      { stages: [kind], side, resistance: resistanceFromPoint(drop, targetCfm, EXPONENT[kind] ?? DUCT_EXPONENT) },
    ];
  });
}
