import { sensibleFactor } from '../../air/moistAir';
import { hasSpeed } from '../../air/fan';
import type { HeatBand } from '../../judge/verdicts';
import type { VerdictWord } from '../../base/verdict';
import { operate, type Operation } from '../../air/operate';
import { onTap, type HeatingFacts, type System } from '../../air/system';
import { shownWords, shownText, flowWords, flowText } from '../../base/words';

export interface HeatingPrediction {
  /** undefined when the table does not know its tap. */
  readonly operation?: Operation;
  readonly riseF?: number;
  readonly word: VerdictWord;
  /** What the nameplate allows, and what it means. */
  readonly sentence: string;
}

/** How much of the plate's rise range stays clear at either end before it is called the edge. */
const RISE_EDGE = 0.1;

/** Temperature rise of a heat output into an airflow, °F: Btu/h ÷ (60·ρ·0.24·CFM). @example riseAt(40_000, 1000, 0) // 37.0 */
export const riseAt = (outputBtuH: number, flowCfm: number, altitudeFt = 0): number =>
  outputBtuH / (sensibleFactor({ altitudeFt }) * flowCfm);

/**
 * The airflow that keeps a heater's rise within its plate, and over its kit's least, CFM.
 *
 * @param heating output above 0 Btu/h, rises above 0 °F
 * @param altitudeFt −1,000 to 15,000
 * @source energy balance: CFM = Btu/h ÷ (60·ρ·0.24·ΔT); nameplate
 * @returns undefined while output or rise is not known, or when they contradict each other
 * @example heatBand({ outputBtuH: 64_000, riseMinF: 35, riseMaxF: 65 }) // 912 to 1,693 CFM, 1,185 at the middle of the rise
 */
export function heatBand(heating: HeatingFacts | undefined, altitudeFt = 0): HeatBand | undefined {
  const { outputBtuH, riseMinF, riseMaxF, leastCfm = 0 } = heating ?? {};
  if (outputBtuH === undefined || !riseMinF || !riseMaxF) return undefined;
  // The rise falls as the airflow grows: what gives a rise of 1 °F, divided by the rise.
  const oneDegreeCfm = riseAt(outputBtuH, 1, altitudeFt);
  const lowCfm = Math.max(oneDegreeCfm / riseMaxF, leastCfm);
  const highCfm = oneDegreeCfm / riseMinF;
  return lowCfm < highCfm
    ? {
        lowCfm,
        highCfm,
        targetCfm: Math.max(lowCfm, (2 * oneDegreeCfm) / (riseMinF + riseMaxF)),
        from: `heat: the nameplate rise of ${shownText(riseMinF, 'deltaF', 0)} to ${shownWords(riseMaxF, 'deltaF', 0)}`,
      }
    : undefined;
}

/** Heating on its own speed: rise against the plate, airflow against the heat kit's least. */
export function predictHeating(system: System): HeatingPrediction | undefined {
  const { heating } = system;
  if (!heating || (heating.outputBtuH === undefined && heating.leastCfm === undefined)) return undefined;
  const tap = heating.tap ?? system.fan.tap;
  if (!hasSpeed(system.fan, tap))
    return {
      word: 'cantSay',
      sentence: system.fan.usual
        ? `Without a table there is no airflow for ${tap}. Measure in heating on its own speed.`
        : `The blower table has no ${tap}. Choose the heating tap as the table names it.`,
    };
  const operation = operate(onTap(system, tap));
  if (operation.kind === 'offTable')
    return { operation, word: 'cantSay', sentence: `Heating on tap ${operation.tap} is off the table.` };
  const { flowCfm } = operation;
  const { outputBtuH, riseMinF, riseMaxF, leastCfm } = heating;
  if (leastCfm !== undefined && flowCfm < leastCfm)
    return {
      operation,
      word: 'outside',
      sentence: `Heating moves ${flowWords(flowCfm)}; the heat kit needs ${flowText(leastCfm)}.`,
    };
  if (outputBtuH === undefined || riseMinF === undefined || riseMaxF === undefined) {
    return { operation, word: 'cantSay', sentence: 'Missing: heater output, or the nameplate’s temperature rise.' };
  }
  const riseF = riseAt(outputBtuH, flowCfm, system.altitudeFt);
  const edge = RISE_EDGE * (riseMaxF - riseMinF);
  const range = `the nameplate allows ${riseMinF} to ${riseMaxF}`;
  const says = `Rise ${shownWords(riseF, 'deltaF', 0)}, ${range}.`;
  if (riseF > riseMaxF)
    return { operation, riseF, word: 'outside', sentence: `${says} Too little air for the heat: limits will trip.` };
  if (riseF < riseMinF)
    return { operation, riseF, word: 'outside', sentence: `${says} Too much air for the heat: it may condense.` };
  const word = riseF > riseMaxF - edge || riseF < riseMinF + edge ? 'atTheEdge' : 'inside';
  return { operation, riseF, word, sentence: says };
}
