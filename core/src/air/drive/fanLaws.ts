/**
 * What a change of speed does on an unchanged duct system: airflow ∝ RPM, static ∝ RPM², brake horsepower ∝ RPM³.
 *
 * @param ratio new RPM ÷ old RPM, above 0
 * @source fan laws, e.g. AMCA 201 and ASHRAE Handbook, HVAC Systems and Equipment, Fans
 * @example fanLaws(1.12) // { flow: 1.12, static: 1.2544, power: 1.405 }
 */
export const fanLaws = (ratio: number) => ({ flow: ratio, static: ratio * ratio, power: ratio * ratio * ratio });

/**
 * Blower RPM by the sheaves: motor RPM × motor pitch ÷ blower pitch. Pitch, not outside, diameter.
 * @example blowerRpm(1745, 3.3, 7) // 822.6
 */
export const blowerRpm = (motorRpm: number, motorPitchIn: number, blowerPitchIn: number): number =>
  (motorRpm * motorPitchIn) / blowerPitchIn;

/**
 * Belt slip as a share: 1 − measured RPM ÷ RPM by the sheaves. Over 0.03 the belt is slack, worn, oily or misaligned.
 * @example beltSlip(790, 822.6) // 0.04
 */
export const beltSlip = (measuredRpm: number, ratioRpm: number): number => 1 - measuredRpm / ratioRpm;

export const MOST_SLIP = 0.03;
