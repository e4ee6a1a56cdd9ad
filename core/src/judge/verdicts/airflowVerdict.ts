import { normalBetween } from '../../base/numbers/normal';
import { flowWords, flowText, oddsText } from '../../base/words';
import type { Target } from './target';
import type { Verdict, VerdictWord } from '../../base/verdict/verdict';

/** An airflow as it is known: one value with one σ, whatever it came from. */
export interface KnownFlow {
  readonly flowCfm: number;
  readonly sigmaCfm: number;
}

/** The chance that an airflow lies in its band, 0 to 1. @example oddsInBand({ flowCfm: 1200, sigmaCfm: 120 }, 1,080 to 1,320) // 0.68 */
export const oddsInBand = ({ flowCfm, sigmaCfm }: KnownFlow, { lowCfm, highCfm }: Target): number =>
  normalBetween(flowCfm, sigmaCfm, lowCfm, highCfm);

/** Whether σ is over the band's half width: then there is no plain inside or outside. */
export function isTooUnsure({ flowCfm, sigmaCfm }: KnownFlow, { lowCfm, highCfm }: Target): boolean {
  const [half, middle] = [(highCfm - lowCfm) / 2, (highCfm + lowCfm) / 2];
  // σ goes with the airflow; above the band its middle's share counts, so that more air is no reason for more doubt.
  return sigmaCfm > half * Math.max(1, flowCfm / middle) * (1 + 1e-9);
}

/**
 * The word for an airflow of which σ is known: within one σ of an end of the band it is at the edge, whatever side.
 *
 * @example airflowWordOf({ flowCfm: 1060, sigmaCfm: 60 }, 1,080 to 1,320) // 'atTheEdge'
 */
export function airflowWordOf(flow: KnownFlow, target: Target): VerdictWord {
  if (isTooUnsure(flow, target)) return 'cantSay';
  const { flowCfm, sigmaCfm } = flow;
  const nearest = Math.min(Math.abs(flowCfm - target.lowCfm), Math.abs(flowCfm - target.highCfm));
  if (nearest < sigmaCfm * (1 - 1e-9)) return 'atTheEdge';
  return flowCfm > target.lowCfm && flowCfm < target.highCfm ? 'inside' : 'outside';
}

/**
 * Airflow against the target band: the word with its odds, the limit and the sentence of its verdict.
 *
 * @param why what keeps it from being said, where that is known: goes before σ
 */
export function airflowAgainst(
  flow: KnownFlow,
  target: Target,
  tons: number | undefined,
  why?: string,
): Pick<Verdict, 'value' | 'word' | 'limit' | 'sentence' | 'odds'> {
  const { flowCfm, sigmaCfm } = flow;
  const odds = oddsInBand(flow, target);
  const unsure = why !== undefined || isTooUnsure(flow, target);
  const side = flowCfm < target.lowCfm ? 'below' : flowCfm > target.highCfm ? 'above' : 'within';
  const perTon = tons === undefined ? '' : `, ${flowText(flowCfm / tons)} per ton`;
  const band = `${flowText(target.lowCfm)} to ${flowText(target.highCfm)}${target.from ? ` (${target.from})` : ''}`;
  const figure = `${flowText(flowCfm)} ± ${flowWords(sigmaCfm)}${perTon}`;
  return {
    value: flowCfm,
    odds,
    word: unsure ? 'cantSay' : airflowWordOf(flow, target),
    limit: {
      low: target.lowCfm,
      high: target.highCfm,
      source: target.source ?? 'ruleOfThumb',
      name: 'target range',
    },
    sentence: unsure
      ? `${figure}: too uncertain for the target of ${band}; ${oddsText(odds)} likely within it.${why ? ` ${why}` : ''}`
      : `${figure}: ${side} the target of ${band}; ${oddsText(odds)} likely within it.`,
  };
}
