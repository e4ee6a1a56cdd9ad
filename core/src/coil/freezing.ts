/** Risk that ice grows on a cooling coil. */
export interface FreezingRisk {
  readonly word: 'low' | 'near' | 'ice';
  /** Estimated or measured evaporating temperature, °F. */
  readonly evaporatingF: number;
  readonly sentence: string;
}

/** Evaporating temperature under return dry bulb in healthy cooling, °F. */
export const USUAL_SPLIT_F = { min: 30, max: 35 } as const;

/** How far the refrigerant boils below the coil's apparatus dew point, °F. */
const BELOW_APPARATUS_F = 6;

/**
 * Whether the coil will freeze: ice grows when the refrigerant boils under 32 °F.
 *
 * @param returnF return dry bulb, °F
 * @param evaporatingF measured saturation temperature at the suction side, °F; else estimated from the coil model
 * @param apparatusF apparatus dew point of the model at the airflow found, °F
 * @source rule of the trade: the evaporator runs 30 to 35 °F under the return air
 * @example freezingRisk(75, undefined, 35)?.word // 'ice'
 */
export function freezingRisk(returnF: number, evaporatingF?: number, apparatusF?: number): FreezingRisk | undefined {
  const estimate = evaporatingF ?? (apparatusF === undefined ? undefined : apparatusF - BELOW_APPARATUS_F);
  if (estimate === undefined) return undefined;
  const split = Math.round(returnF - estimate);
  const how = evaporatingF === undefined ? 'Estimated from the coil model' : 'Measured';
  const at = `${how}: the coil boils at ${Math.round(estimate)} °F, ${split} °F under the return air`;
  if (estimate < 32) {
    return {
      word: 'ice',
      evaporatingF: estimate,
      sentence: `${at}. Under 32 °F ice grows: fan only until it is clear.`,
    };
  }
  return estimate < 36
    ? { word: 'near', evaporatingF: estimate, sentence: `${at}. Close to freezing: less air or less load will ice it.` }
    : { word: 'low', evaporatingF: estimate, sentence: `${at}. No ice at this load.` };
}
