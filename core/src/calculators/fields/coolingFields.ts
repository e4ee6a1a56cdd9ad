import type { Moisture } from '../../air/moistAir';
import { refuse, type ToolOutcome } from '../../base/forms/tool';

/** Return air, outdoor air and size of the machine: what every cooling tool asks. */
export const COOLING_FIELDS = {
  tons: { kind: 'number', label: 'Nominal tons', unit: 'tons', min: 0.5, max: 150 },
  returnF: { kind: 'number', label: 'Return dry bulb', unit: 'degF', min: 50, max: 110 },
  moisture: {
    kind: 'choice',
    label: 'Moisture from',
    options: [
      { id: 'wetBulb', text: 'wet bulb' },
      { id: 'rh', text: 'relative humidity' },
    ],
  },
  returnWetF: { kind: 'number', label: 'Return wet bulb', unit: 'degF', min: 32, max: 90 },
  returnRhPercent: { kind: 'number', label: 'Return relative humidity', unit: 'percent', min: 1, max: 100 },
  outdoorF: { kind: 'number', label: 'Outdoor dry bulb', unit: 'degF', min: 40, max: 130 },
  altitudeFt: { kind: 'number', label: 'Altitude', unit: 'ft', min: -1000, max: 15_000, assumed: 0 },
} as const;

/** The same where only the two temperatures need be known: the rest is assumed, and the page says so. */
export const LENIENT_COOLING_FIELDS = {
  ...COOLING_FIELDS,
  tons: { ...COOLING_FIELDS.tons, optional: true },
  returnWetF: { ...COOLING_FIELDS.returnWetF, optional: true },
  returnRhPercent: { ...COOLING_FIELDS.returnRhPercent, optional: true },
  outdoorF: { ...COOLING_FIELDS.outdoorF, optional: true },
} as const;

interface CoolingValues {
  readonly moisture: 'wetBulb' | 'rh';
  readonly returnF: number;
  readonly returnWetF: number;
  readonly returnRhPercent: number;
}

/** The moisture of the return air, or what is wrong with it. */
export function enteringAir(v: CoolingValues): Moisture | (ToolOutcome & { readonly ok: false }) {
  if (v.moisture === 'rh') return { relativeHumidity: v.returnRhPercent / 100 };
  if (v.returnWetF > v.returnF) {
    return refuse(
      'returnWetF',
      'The wet bulb cannot be above the dry bulb. Are they swapped, or is the sock dry?',
    ) as ToolOutcome & {
      ok: false;
    };
  }
  return { wetBulbF: v.returnWetF };
}
