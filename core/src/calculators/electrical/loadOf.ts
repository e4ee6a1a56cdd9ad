import { meanOf, threeLegs } from '../../air/drive';
import type { RawInputs } from '../../base/forms/tool';

/** What a meter read at a motor. */
export interface MeasuredLoad {
  /** The mean of the legs where they were read. */
  readonly volts?: number;
  /** The highest leg where they were read. */
  readonly amps?: number;
  readonly legVolts?: readonly [number, number, number];
  readonly legAmps?: readonly [number, number, number];
}

const numberOf = (value: unknown) => (typeof value === 'number' ? value : undefined);

/**
 * Volts and amps of a motor out of what was typed: the legs of a three-phase motor go before a single figure.
 *
 * @param raw inputs of the motor load, V and A
 * @source a motor is judged by its hottest winding: the highest leg; its voltage is the mean of the legs (NEMA MG 1)
 * @example loadOf({ phases: 'three', volts: 230, legAmps: [4.3, 4.5, 4.6] }).amps // 4.6
 */
export function loadOf(raw: RawInputs): MeasuredLoad {
  const three = raw.phases === 'three';
  const [legVolts, legAmps] = three ? [threeLegs(raw.legVolts), threeLegs(raw.legAmps)] : [];
  return {
    legVolts,
    legAmps,
    volts: legVolts ? meanOf(legVolts) : numberOf(raw.volts),
    amps: legAmps ? Math.max(...legAmps) : numberOf(raw.amps),
  };
}
