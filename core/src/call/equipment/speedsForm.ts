import { inputFaults, soundInputs, type FieldSet, type RawInputs } from '../../base/forms';
import type { HeatingFacts, LowStage } from '../../air/system';

/** The other speeds of a unit, and what its heat needs. */
export const SPEEDS_FORM = {
  fields: {
    heatTap: { kind: 'text', label: 'Heating tap', most: 16, optional: true },
    heatOutputBtuH: {
      kind: 'number',
      label: 'Heat output',
      unit: 'btuH',
      min: 1000,
      max: 5_000_000,
      optional: true,
    },
    heatLeastCfm: {
      kind: 'number',
      label: 'Minimum heating airflow',
      unit: 'cfm',
      min: 20,
      max: 60_000,
      optional: true,
    },
    lowTap: { kind: 'text', label: 'Low-stage tap', most: 16, optional: true },
    lowSharePercent: {
      kind: 'number',
      label: 'Low-stage airflow, %',
      unit: 'percent',
      min: 30,
      max: 100,
      assumed: 70,
    },
  },
} as const satisfies FieldSet;

/** The low stage and the heating behind what was typed, with the plate's rise; nothing while something is wrong. */
export function speedsOf(
  raw: RawInputs,
  rise?: { readonly min: number; readonly max: number },
): { heating?: HeatingFacts; lowStage?: LowStage } {
  if (inputFaults(SPEEDS_FORM, raw).length > 0) return {};
  const { heatTap, heatOutputBtuH, heatLeastCfm, lowTap, lowSharePercent } = soundInputs(SPEEDS_FORM, raw);
  const heats = heatOutputBtuH !== undefined || heatLeastCfm !== undefined;
  return {
    heating: heats
      ? {
          tap: heatTap,
          outputBtuH: heatOutputBtuH,
          leastCfm: heatLeastCfm,
          riseMinF: rise?.min,
          riseMaxF: rise?.max,
        }
      : undefined,
    lowStage: lowTap === undefined ? undefined : { tap: lowTap, share: lowSharePercent / 100 },
  };
}
