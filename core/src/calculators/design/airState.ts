import { barometricPsia, moistAir, sensibleFactor } from '../../air/moistAir';
import { defineTool, refuse } from '../../base/forms/tool';

/** Density, moisture and heat of air. @source ASHRAE Handbook of Fundamentals ch. 1, through psychrolib @example 80/67 at sea level → 31.4 Btu/lb */
export const airState = defineTool({
  id: 'airState',
  name: 'Density and moist air',
  group: 'Air',
  says: 'Density, moisture, dew point and enthalpy of air at an altitude.',
  fields: {
    dryBulbF: { kind: 'number', label: 'Dry bulb', unit: 'degF', min: -20, max: 180 },
    moisture: {
      kind: 'choice',
      label: 'Moisture from',
      options: [
        { id: 'wetBulb', text: 'wet bulb' },
        { id: 'rh', text: 'relative humidity' },
      ],
    },
    wetBulbF: { kind: 'number', label: 'Wet bulb', unit: 'degF', min: -20, max: 120 },
    rhPercent: { kind: 'number', label: 'Relative humidity', unit: 'percent', min: 0.5, max: 100 },
    altitudeFt: { kind: 'number', label: 'Altitude', unit: 'ft', min: -1000, max: 15_000, assumed: 0 },
  },
  hides: (raw) => [raw.moisture === 'rh' ? 'wetBulbF' : 'rhPercent'],
  solve(v) {
    if (v.moisture === 'wetBulb' && v.wetBulbF > v.dryBulbF) {
      return refuse('wetBulbF', 'The wet bulb cannot be above the dry bulb. Are they swapped, or is the sock dry?');
    }
    const air = moistAir(
      v.dryBulbF,
      v.moisture === 'rh' ? { relativeHumidity: v.rhPercent / 100 } : { wetBulbF: v.wetBulbF },
      v.altitudeFt,
    );
    const facts = { altitudeFt: v.altitudeFt, air };
    return {
      ok: true,
      headline: { label: 'density', value: air.densityLbFt3, unit: 'lbPerCuFt', source: 'computed' },
      lines: [
        {
          label: 'sensible factor',
          value: sensibleFactor(facts),
          unit: 'factor',
          source: 'computed',
          note: '1.08 for standard air',
        },
        { label: 'of standard density', value: (100 * air.densityLbFt3) / 0.075, unit: 'percent', source: 'computed' },
        { label: 'enthalpy', value: air.enthalpyBtuLb, unit: 'btuPerLb', source: 'computed' },
        { label: 'wet bulb', value: air.wetBulbF, unit: 'degF', source: 'computed' },
        { label: 'dew point', value: air.dewPointF, unit: 'degF', source: 'computed' },
        { label: 'relative humidity', value: 100 * air.relativeHumidity, unit: 'percent', source: 'computed' },
        { label: 'humidity ratio', value: air.humidityRatio, unit: 'lbPerLb', source: 'computed' },
        {
          label: 'barometer',
          value: barometricPsia(v.altitudeFt),
          unit: 'psia',
          source: 'computed',
          note: 'standard atmosphere',
        },
      ],
      formula: 'moist air by ASHRAE; factor = 60 × ρ × (0.24 + 0.45 × W)',
      notes: [],
    };
  },
});
