import { shownWords } from '../../base/words';
/** Risk that ice grows on a cooling coil. */
export interface FreezingRisk {
  readonly word: 'low' | 'near' | 'ice';
  /** Estimated or measured evaporating temperature, °F. */
  readonly evaporatingF: number;
  readonly sentence: string;
}

/** (J) How far the refrigerant boils below the coil's apparatus dew point for each ton it makes of a nominal ton, °F. */
const BELOW_APPARATUS_F = 10.5;
/** Over this nothing freezes, whatever the estimate's error. */
const NO_ICE_F = 40;

/**
 * Whether the coil will freeze: ice grows when the refrigerant boils under 32 °F.
 *
 * @param returnF return dry bulb, °F
 * @param evaporatingF measured saturation temperature at the suction side, °F; else estimated from the coil model
 * @param coil the model's apparatus dew point at the airflow found, °F, and its capacity a nominal ton, 0 to 1.5
 * @source rule of the trade: the evaporator runs 30 to 35 °F under the return air
 * @source coil film: about 10.5 °F between apparatus and boiling at one ton a nominal ton
 * @example freezingRisk(75, undefined, { apparatusF: 40, capacityShare: 0.92 })?.word // 'ice': it boils at 30
 */
export function freezingRisk(
  returnF: number,
  evaporatingF?: number,
  coil?: { readonly apparatusF: number; readonly capacityShare: number },
): FreezingRisk | undefined {
  const estimate = evaporatingF ?? (coil && coil.apparatusF - BELOW_APPARATUS_F * coil.capacityShare);
  if (estimate === undefined) return undefined;
  const split = Math.round(returnF - estimate);
  const how = evaporatingF === undefined ? 'Estimated from the coil model' : 'Measured';
  const at = `${how}: evaporating at ${shownWords(estimate, 'degF', 0)}, ${shownWords(split, 'deltaF', 0)} below return air`;
  if (estimate < 32) {
    return {
      word: 'ice',
      evaporatingF: estimate,
      sentence: `${at}. Under ${shownWords(32, 'degF', 0)} ice grows. Run the fan only until it is clear.`,
    };
  }
  return estimate <= NO_ICE_F
    ? { word: 'near', evaporatingF: estimate, sentence: `${at}. Close to freezing: less air or less load will ice it.` }
    : { word: 'low', evaporatingF: estimate, sentence: `${at}. No ice at this load.` };
}
