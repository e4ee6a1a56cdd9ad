import type { VerdictWord } from '../../base/verdict';
import { sentenceCase, shownWords } from '../../base/words';

/** σ of a thermometer in a duct, °F (J). */
const TEMP_SIGMA_F = 0.7;
/** An outdoor-air share surer than this is told; else return and outdoors are too near. */
const MOST_SHARE_SIGMA = 0.1;

/**
 * Share of outdoor air in the mixed air: (return − mixed) ÷ (return − outdoors), with its error.
 *
 * @param returnF, mixedF, outdoorF dry bulb, °F
 * @returns share 0 to 1 and σ; or why it cannot be told
 * @source mixing of two air streams of equal heat capacity
 * @example outdoorAirShare(72, 64, 32) // share 0.20, σ 0.02
 */
export function outdoorAirShare(
  returnF: number,
  mixedF: number,
  outdoorF: number,
):
  { readonly ok: true; readonly share: number; readonly sigma: number } | { readonly ok: false; readonly why: string } {
  const span = returnF - outdoorF;
  const share = (returnF - mixedF) / span;
  const sigma = (TEMP_SIGMA_F * Math.sqrt(1 + (1 - share) ** 2 + share ** 2)) / Math.abs(span);
  if (!Number.isFinite(share) || sigma > MOST_SHARE_SIGMA)
    return {
      ok: false,
      why: `Return and outdoor air are ${shownWords(Math.abs(span), 'deltaF', 0)} apart: too close. Measure on a colder or hotter day.`,
    };
  if (share < -2 * sigma || share > 1 + 2 * sigma)
    return {
      ok: false,
      why: 'Mixed air is not between return and outdoor air. Is the probe in mixed air, and is none in the sun?',
    };
  return { ok: true, share: Math.min(1, Math.max(0, share)), sigma };
}

/** Flows of a building, CFM: of each fan and unit; [0] where there is none, empty while it is not read. */
export interface BuildingFlows {
  readonly exhaustCfm: readonly number[];
  readonly makeUpCfm: readonly number[];
  /** Outdoor air at the units. */
  readonly outdoorAirCfm: readonly number[];
}

/** Building against outdoors: a little over is wanted. in. w.c. (J) */
const BUILDING_IN_WC = { low: -0.02, high: 0.05 } as const;
/** Nearer to nothing the wind moves a hose as much: it contradicts no flow. in. w.c. (J) */
const WIND_IN_WC = 0.02;
/** Flows that differ by less than this share of the larger side are even (J). */
const EVEN_SHARE = 0.05;
/** One σ of a flow read or taken from a plate, as a share (J): fans are known no better. */
const FLOW_SIGMA = 0.1;

const FLOW_NAMES: readonly (readonly [keyof BuildingFlows, string])[] = [
  ['exhaustCfm', 'exhaust'],
  ['makeUpCfm', 'make-up air'],
  ['outdoorAirCfm', 'outdoor air'],
];

export interface BuildingNet {
  /** Absent while a flow is not read. */
  readonly netCfm?: number;
  readonly word: VerdictWord;
  readonly sentence: string;
  /** What the units have to bring, CFM, to come out even; absent when they do. */
  readonly missingCfm?: number;
}

const sum = (list: readonly number[]) => list.reduce((total, one) => total + one, 0);

const PULLED =
  'doors pull in, flues backdraft, units freeze or do not heat. Turn make-up air on and restore minimum damper positions.';

/**
 * Net of a building: make-up + outdoor air − exhaust. A flow that was not read is never taken for none.
 *
 * @param flows CFM, 0 and up
 * @param pressureInWc building against outdoors, in. w.c., −1 to 1, when it was read: by it alone a building is pulled or pushed
 * @returns net in CFM, negative when more goes out; never throws
 * @source mass in = mass out, at one density; limits (J)
 * @example netBuilding({ exhaustCfm: [2400], makeUpCfm: [0], outdoorAirCfm: [600] }).netCfm // −1,800
 * @example netBuilding({ exhaustCfm: [2400], makeUpCfm: [], outdoorAirCfm: [] }).word // 'cantSay'
 */
export function netBuilding(flows: BuildingFlows, pressureInWc?: number): BuildingNet {
  const unread = FLOW_NAMES.filter(([id]) => flows[id].length === 0).map(([, name]) => name);
  const [out, inwards] = [sum(flows.exhaustCfm), sum(flows.makeUpCfm) + sum(flows.outdoorAirCfm)];
  const net = unread.length > 0 ? undefined : inwards - out;
  // Within this it is even, and no pressure contradicts it.
  const slack = EVEN_SHARE * Math.max(out, inwards, 1);
  // One σ of the net: each flow by its own error. Within twice that only a pressure tells.
  const sigma = Math.hypot(...FLOW_NAMES.flatMap(([id]) => flows[id].map((one) => FLOW_SIGMA * one)));
  const isSure = net !== undefined && Math.abs(net) > 2 * sigma;
  const side = net === undefined || Math.abs(net) <= slack ? 0 : Math.sign(net);
  const found = { ...(net !== undefined ? { netCfm: net } : {}), ...(side < 0 ? { missingCfm: -net! } : {}) };
  const pressed =
    pressureInWc === undefined
      ? 0
      : pressureInWc < BUILDING_IN_WC.low
        ? -1
        : pressureInWc > BUILDING_IN_WC.high
          ? 1
          : 0;
  if (
    pressureInWc !== undefined &&
    side !== 0 &&
    Math.abs(pressureInWc) > WIND_IN_WC &&
    Math.sign(pressureInWc) !== side
  )
    return {
      ...found,
      word: 'cantSay',
      sentence: 'Airflows and building pressure disagree: a fan was left out, or the hose was in the wind.',
    };
  if (side !== 0 && pressed === 0 && !isSure)
    return {
      ...found,
      word: 'atTheEdge',
      sentence: `${side < 0 ? 'More air goes out than comes in' : 'More air comes in than goes out'}, but by less than the error of these airflows. Measure the building pressure.`,
    };
  if (side < 0) return { ...found, word: 'outside', sentence: `More air goes out than comes in: ${PULLED}` };
  if (pressed < 0)
    return {
      ...found,
      word: 'outside',
      sentence:
        net === undefined
          ? `The building is under negative pressure: ${PULLED}`
          : 'The building is under negative pressure though the airflows add up. An exhaust was left out, or a unit brings in less than it should.',
    };
  if (side > 0 && isSure && pressed >= 0)
    return {
      ...found,
      word: 'outside',
      sentence:
        'Far more air comes in than goes out: doors blow open and walls get damp. Reduce outdoor air, or turn exhaust on.',
    };
  if (pressed > 0)
    return {
      ...found,
      word: 'atTheEdge',
      sentence:
        'The building is over-pressurized: doors stay open and walls get damp. Reduce outdoor air, or turn exhaust on.',
    };
  if (unread.length > 0)
    return {
      word: 'cantSay',
      sentence: `${sentenceCase(unread.join(' and '))} not entered. Enter 0 if there is none.`,
    };
  return { ...found, word: 'inside', sentence: 'Balanced, or slightly positive.' };
}
