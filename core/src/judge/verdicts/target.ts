import { shownText, flowText, percentText } from '../../base/words';
import type { Source } from '../../base/numbers/source';
import { ruleSource, type Rules } from './rules';
import { wordUnder, type VerdictWord } from '../../base/verdict/verdict';

/** The target airflow with its band, CFM. */
export interface Target {
  readonly flowCfm: number;
  readonly lowCfm: number;
  readonly highCfm: number;
  /** Where the band comes from, in words; plans of before have none. */
  readonly from?: string;
  /** Whose figure it is; plans of before have none. */
  readonly source?: Source;
}

/** The airflow a heater asks for, CFM, and why. */
export interface HeatBand {
  readonly lowCfm: number;
  readonly highCfm: number;
  /** What gives the middle of the nameplate's rise: the middle of the rise is not the middle of the airflow. */
  readonly targetCfm: number;
  readonly from: string;
}

const around = (flowCfm: number, rules: Rules, name: string, source: Source): Target => ({
  source,
  flowCfm,
  lowCfm: flowCfm * (1 - rules.bandShare),
  highCfm: flowCfm * (1 + rules.bandShare),
  from: `${name} ± ${percentText(rules.bandShare)}`,
});

/**
 * Target airflow and its band.
 *
 * @param tons nominal capacity, above 0
 * @example targetOf(3, DEFAULT_RULES) // { flowCfm: 1200, lowCfm: 1080, highCfm: 1320, from: '400 a ton ± 10 %' }
 */
export const targetOf = (tons: number, rules: Rules): Target =>
  around(
    tons * rules.cfmPerTon,
    rules,
    `${shownText(rules.cfmPerTon, 'cfmPerTon')} per ton`,
    ruleSource(rules, 'cfmPerTon'),
  );

/** What of a unit decides the airflow it should move. */
export interface TargetFacts {
  readonly tons?: number;
  /** Design airflow, CFM; goes before all else. */
  readonly designCfm?: number;
  /** While it heats: what its heater asks for; goes before tons × CFM per ton. */
  readonly heatBand?: HeatBand;
}

/** The target of a unit: its design airflow, what its heat asks for, its tons × CFM per ton; undefined when none is known. */
export function targetFor({ designCfm, heatBand, tons }: TargetFacts, rules: Rules): Target | undefined {
  if (designCfm !== undefined) return around(designCfm, rules, `design ${flowText(designCfm)}`, 'typed');
  if (heatBand) {
    const { lowCfm, highCfm, targetCfm, from } = heatBand;
    return { lowCfm, highCfm, from, flowCfm: targetCfm, source: 'nameplate' };
  }
  return tons === undefined ? undefined : targetOf(tons, rules);
}

/** A target for a share of the airflow: a low stage's. */
export const shareOfTarget = ({ flowCfm, lowCfm, highCfm }: Target, share: number): Target => ({
  flowCfm: flowCfm * share,
  lowCfm: lowCfm * share,
  highCfm: highCfm * share,
});

/**
 * The word for an airflow against its band.
 *
 * @param edgeShare from this share of the half width on it is at the edge
 * @example wordOnTarget(1100, { flowCfm: 1200, lowCfm: 1080, highCfm: 1320 }, 0.8) // 'atTheEdge'
 */
export function wordOnTarget(value: number, { lowCfm, highCfm }: Target, edgeShare: number): VerdictWord {
  return wordUnder(Math.abs(value - (lowCfm + highCfm) / 2), (highCfm - lowCfm) / 2, edgeShare);
}
