import type { VerdictWord } from '../judge';

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
      why: `Return and outdoors are ${Math.abs(span).toFixed(0)} °F apart: too near. Read it on a colder or hotter day.`,
    };
  if (share < -2 * sigma || share > 1 + 2 * sigma)
    return {
      ok: false,
      why: 'Mixed air lies outside of return and outdoors: is the probe in mixed air, and none in the sun?',
    };
  return { ok: true, share: Math.min(1, Math.max(0, share)), sigma };
}

/** Flows of a building, CFM. */
export interface BuildingFlows {
  readonly exhaustCfm: readonly number[];
  readonly makeUpCfm: readonly number[];
  /** Outdoor air at the units. */
  readonly outdoorAirCfm: readonly number[];
}

/** Building against outdoors: a little over is wanted. in. w.c. (J) */
const BUILDING_IN_WC = { low: -0.02, high: 0.05 } as const;

export interface BuildingNet {
  readonly netCfm: number;
  readonly word: VerdictWord;
  readonly sentence: string;
  /** What each unit has to bring, CFM, to come out even; absent when it does. */
  readonly missingCfm?: number;
}

const sum = (list: readonly number[]) => list.reduce((total, one) => total + one, 0);

/**
 * Net of a building: make-up + outdoor air − exhaust.
 *
 * @param pressureInWc building against outdoors, when it was read
 * @example netBuilding({ exhaustCfm: [2400], makeUpCfm: [0], outdoorAirCfm: [600] }).netCfm // −1,800
 */
export function netBuilding(
  { exhaustCfm, makeUpCfm, outdoorAirCfm }: BuildingFlows,
  pressureInWc?: number,
): BuildingNet {
  const [out, inwards] = [sum(exhaustCfm), sum(makeUpCfm) + sum(outdoorAirCfm)];
  const netCfm = inwards - out;
  const slack = 0.05 * Math.max(out, inwards, 1);
  const pulls = netCfm < -slack || (pressureInWc !== undefined && pressureInWc < BUILDING_IN_WC.low);
  const isDisagreed =
    pressureInWc !== undefined && Math.abs(pressureInWc) > 0.02 && Math.sign(pressureInWc) !== Math.sign(netCfm);
  if (isDisagreed)
    return {
      netCfm,
      word: 'cantSay',
      sentence: 'Flows and building pressure point different ways: a fan was left out, or the hose stood in the wind.',
    };
  if (pulls)
    return {
      netCfm,
      word: 'outside',
      missingCfm: Math.max(0, -netCfm),
      sentence:
        'More goes out than comes in: doors pull, flues draw back, units freeze or do not heat. Make-up on, minimum positions back.',
    };
  if (pressureInWc !== undefined && pressureInWc > BUILDING_IN_WC.high)
    return {
      netCfm,
      word: 'atTheEdge',
      sentence: 'The building is pushed: doors stand open, walls take moisture. Less outdoor air, or exhaust on.',
    };
  return { netCfm, word: 'inside', sentence: 'As much comes in as goes out, or a little more.' };
}
