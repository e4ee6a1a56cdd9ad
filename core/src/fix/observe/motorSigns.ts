import type { FanLag } from '../../air/fan';

/** What a meter shows at a motor, over what it should. */
export interface MotorSigns {
  readonly rpm: number;
  readonly amps: number;
  readonly volts: number;
  readonly microfarads: number;
}

const between = (value: number, from: number, to: number, low: number, high: number) =>
  low + ((high - low) * (value - from)) / (to - from);

/**
 * What each lag of a fan shows at its motor beside what the airflow does, as factors. (J)
 *
 * A caked wheel bites less: the motor runs a shade faster and lighter. A weak capacitor slows the motor and draws more; so does low voltage.
 * A belt that slips turns the wheel slower and loads the motor less. A motor that holds its airflow turns a dirty wheel faster.
 */
function signsOfLag({ cause, factor }: FanLag): MotorSigns {
  const plain = { rpm: 1, amps: 1, volts: 1, microfarads: 1 };
  switch (cause) {
    case 'wheel':
      return { ...plain, rpm: 1 + 0.15 * (1 - factor), amps: factor };
    case 'capacitor':
      return {
        ...plain,
        rpm: factor,
        amps: between(factor, 0.95, 0.85, 1.06, 1.16),
        microfarads: between(factor, 0.95, 0.85, 0.85, 0.55),
      };
    case 'volts':
      return { ...plain, rpm: factor, amps: 1.05, volts: between(factor, 0.97, 0.91, 0.92, 0.86) };
    case 'slip':
      return { ...plain, rpm: factor };
    default:
      return plain;
  }
}

/** What all lags show together. */
export const motorSigns = (lags: readonly FanLag[] = []): MotorSigns =>
  lags.map(signsOfLag).reduce(
    (all, one) => ({
      rpm: all.rpm * one.rpm,
      amps: all.amps * one.amps,
      volts: all.volts * one.volts,
      microfarads: all.microfarads * one.microfarads,
    }),
    { rpm: 1, amps: 1, volts: 1, microfarads: 1 },
  );
