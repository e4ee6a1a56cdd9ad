import { speedName } from '../../fix/advise';
import { staticAt } from '../../air/fan';
import type { JudgedSection, Judgement, KnownFlow } from '../../judge/verdicts';
import type { System } from '../../air/system';
import { WORKABLE_FRICTION } from '../../air/duct';
import { shownWords, staticText, sentenceCase } from '../../base/words';

/** What the second school says: the friction rate the ducts may have. */
export interface DuctBudget {
  readonly availableInWc: number;
  readonly leftInWc: number;
  readonly ratePer100Ft?: number;
  readonly word: 'inside' | 'outside' | 'cantSay';
  readonly sentence: string;
}

/** Registers, grilles and dampers together, in. w.c., when they were not read. */
const OUTLETS_IN_WC = 0.09;

const dropOf = (sections: readonly JudgedSection[], kind: 'filter' | 'coil') =>
  sections.find((s) => s.stages.length === 1 && s.stages[0] === kind)?.dropInWc;

/**
 * What is left for the ducts: the blower's static at the target flow on its tap, less what filter and coil take there and an
 * allowance for outlets; over the effective length it is a friction rate.
 *
 * @param lengthFt total effective length, when it is known
 * @source residential duct design practice; workable 0.06 to 0.18 in. w.c. per 100 ft
 */
export function ductBudgetOf(
  { target, sections }: Judgement,
  system: System | undefined,
  flow: KnownFlow | undefined,
  lengthFt: number | undefined,
): DuctBudget | undefined {
  if (!target || !flow || !system) return undefined;
  const { flowCfm } = flow;
  const availableInWc = staticAt(system.fan, target.flowCfm);
  if (availableInWc === undefined) {
    return {
      availableInWc: 0,
      leftInWc: 0,
      word: 'outside',
      sentence: `${sentenceCase(speedName(system, system.fan.tap))} never reaches the target airflow on its curve. Nothing is left for ducts.`,
    };
  }
  const scale = target.flowCfm / flowCfm;
  const filter = (dropOf(sections, 'filter') ?? 0) * Math.pow(scale, 1.3);
  const coil = (dropOf(sections, 'coil') ?? 0) * Math.pow(scale, 1.8);
  const leftInWc = availableInWc - filter - coil - OUTLETS_IN_WC;
  const taken = `${staticText(availableInWc)} available, less filter ${staticText(filter)}, coil ${staticText(coil)}, outlets ${staticText(OUTLETS_IN_WC)}`;
  if (leftInWc <= 0) {
    return { availableInWc, leftInWc, word: 'outside', sentence: `${taken}: nothing is left for ducts.` };
  }
  if (lengthFt === undefined) {
    return {
      availableInWc,
      leftInWc,
      word: 'cantSay',
      sentence: `${taken}: ${staticText(leftInWc)} is left. Enter the effective length to get a friction rate.`,
    };
  }
  const ratePer100Ft = (100 * leftInWc) / lengthFt;
  const { min, max } = WORKABLE_FRICTION;
  const inside = ratePer100Ft >= min && ratePer100Ft <= max;
  return {
    availableInWc,
    leftInWc,
    ratePer100Ft,
    word: inside ? 'inside' : 'outside',
    sentence: `${taken}: ${staticText(leftInWc)} over ${shownWords(lengthFt, 'ft')} is ${ratePer100Ft.toFixed(3)} per 100 ft; workable is ${min} to ${max}.`,
  };
}
