import { densityOf, moistAir } from '../../air/moistAir';
import { airSideCapacity } from '../../air/coil';
import { airLine } from '../fields/airFields';
import { defineTool, refuse } from '../../base/forms/tool';

/** Capacity measured on the air side. @source 4.5·CFM·Δh and 1.08·CFM·ΔT with real density @example 1,000 CFM, 75/62.5 to 55/54 → 24,800 Btu/h */
export const capacity = defineTool({
  id: 'capacity',
  name: 'Capacity from the air',
  group: 'Temperature',
  says: 'Total and sensible capacity from airflow and the air before and after the coil.',
  fields: {
    flowCfm: { kind: 'number', label: 'Airflow', unit: 'cfm', min: 50, max: 60_000 },
    returnF: { kind: 'number', label: 'Return dry bulb', unit: 'degF', min: 40, max: 120 },
    returnWetF: { kind: 'number', label: 'Return wet bulb', unit: 'degF', min: 32, max: 100 },
    supplyF: { kind: 'number', label: 'Supply dry bulb', unit: 'degF', min: 30, max: 120 },
    supplyWetF: { kind: 'number', label: 'Supply wet bulb', unit: 'degF', min: 30, max: 100 },
    tons: { kind: 'number', label: 'Nominal tons', unit: 'tons', min: 0.5, max: 150, optional: true },
    altitudeFt: { kind: 'number', label: 'Altitude', unit: 'ft', min: -1000, max: 15_000, assumed: 0 },
  },
  solve(v) {
    for (const [wet, dry, field] of [
      [v.returnWetF, v.returnF, 'returnWetF'],
      [v.supplyWetF, v.supplyF, 'supplyWetF'],
    ] as const) {
      if (wet > dry)
        return refuse(field, 'The wet bulb cannot be above the dry bulb. Are they swapped, or is the sock dry?');
    }
    const entering = moistAir(v.returnF, { wetBulbF: v.returnWetF }, v.altitudeFt);
    const leaving = moistAir(v.supplyF, { wetBulbF: v.supplyWetF }, v.altitudeFt);
    const density = densityOf({ altitudeFt: v.altitudeFt });
    const { totalBtuH, sensibleBtuH } = airSideCapacity(v.flowCfm, entering, leaving, density);
    if (totalBtuH <= 0)
      return refuse(
        'supplyWetF',
        'Supply air holds more heat than return air, so it is not cooling. Are the probes swapped?',
      );
    return {
      ok: true,
      headline: { label: 'total capacity', value: totalBtuH, unit: 'btuH', source: 'computed' },
      lines: [
        { label: 'in tons', value: totalBtuH / 12_000, unit: 'tons', source: 'computed' },
        { label: 'sensible', value: sensibleBtuH, unit: 'btuH', source: 'computed' },
        { label: 'sensible share', value: (100 * sensibleBtuH) / totalBtuH, unit: 'percent', source: 'computed' },
        ...(v.tons
          ? [{ label: 'of nominal', value: totalBtuH / (120 * v.tons), unit: 'percent', source: 'computed' } as const]
          : []),
        airLine(density),
      ],
      formula: 'total = 60 × ρ × CFM × Δh; sensible = 60 × ρ × (0.24 + 0.45 × W) × CFM × Δt',
      notes: [],
    };
  },
});
