import { moistAir, type AirFacts } from '../../air/moistAir';
import type { ToolLine } from '../../base/forms/tool';

/** Altitude and, where it was measured, the state of the air: the fields of every tool that needs real density. */
export const AIR_FIELDS = {
  altitudeFt: { kind: 'number', label: 'Altitude', unit: 'ft', min: -1000, max: 15_000, assumed: 0 },
  airF: {
    kind: 'number',
    label: 'Air, dry bulb',
    unit: 'degF',
    min: -20,
    max: 180,
    optional: true,
    hint: 'Blank: standard air at this altitude.',
  },
  airRhPercent: { kind: 'number', label: 'Air, relative humidity', unit: 'percent', min: 0, max: 100, optional: true },
} as const;

interface AirValues {
  readonly altitudeFt: number;
  readonly airF?: number;
  readonly airRhPercent?: number;
}

/** Facts of the air from the fields; without a humidity 40 % is taken, which moves the density by less than 0.5 %. */
export function airFacts({ altitudeFt, airF, airRhPercent }: AirValues): AirFacts {
  return airF === undefined
    ? { altitudeFt }
    : { altitudeFt, air: moistAir(airF, { relativeHumidity: Math.max(0.5, airRhPercent ?? 40) / 100 }, altitudeFt) };
}

export const airLine = (densityLbFt3: number): ToolLine => ({
  label: 'air density',
  value: densityLbFt3,
  unit: 'lbPerCuFt',
  source: 'computed',
});
