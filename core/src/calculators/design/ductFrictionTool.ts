import { shownWords } from '../../base/words';
import { densityOf } from '../../air/moistAir';
import { ductFriction, equivalentDiameterIn } from '../../air/duct';
import { ductAreaSqFt } from '../../air/traverse';
import { defineTool } from '../../base/forms/tool';
import { DUCT_FIELDS, factorOf, roughnessOf } from './ductFields';

/** Friction and velocity of a duct. @source Darcy and Weisbach with Colebrook @example 1,000 CFM in 14 in. sheet metal → 0.089 per 100 ft */
export const ductFrictionTool = defineTool({
  id: 'ductFriction',
  name: 'Duct friction',
  group: 'Ducts',
  says: 'Friction rate, velocity and pressure drop of a round, rectangular or flexible duct.',
  fields: {
    flowCfm: { kind: 'number', label: 'Airflow', unit: 'cfm', min: 10, max: 60_000 },
    shape: {
      kind: 'choice',
      label: 'Shape',
      options: [
        { id: 'round', text: 'round' },
        { id: 'rectangle', text: 'rectangle' },
      ],
    },
    diameterIn: { kind: 'number', label: 'Diameter', unit: 'in', min: 3, max: 96 },
    widthIn: { kind: 'number', label: 'Width', unit: 'in', min: 3, max: 120 },
    heightIn: { kind: 'number', label: 'Height', unit: 'in', min: 3, max: 120 },
    lengthFt: {
      kind: 'number',
      label: 'Total effective length',
      unit: 'ft',
      min: 1,
      max: 2000,
      assumed: 100,
      hint: 'Straight length and the equivalent length of fittings.',
    },
    ...DUCT_FIELDS,
  },
  hides: (raw) => [
    ...(raw.shape === 'rectangle' ? ['diameterIn'] : ['widthIn', 'heightIn']),
    ...(raw.material === 'flexStretched' ? [] : ['compressionPercent']),
  ],
  solve(v) {
    const round = v.shape === 'round';
    const diameterIn = round ? v.diameterIn : equivalentDiameterIn(v.widthIn, v.heightIn);
    const area = ductAreaSqFt(
      round ? { shape: 'round', diameterIn } : { shape: 'rectangle', widthIn: v.widthIn, heightIn: v.heightIn },
    );
    const density = densityOf({ altitudeFt: v.altitudeFt });
    const friction = ductFriction(v.flowCfm, diameterIn, roughnessOf(v), density, factorOf(v, diameterIn));
    const velocity = v.flowCfm / area;
    return {
      ok: true,
      headline: {
        label: 'friction rate',
        value: friction.frictionPer100FtInWc,
        unit: 'inWcPer100Ft',
        source: 'computed',
      },
      lines: [
        {
          label: 'total pressure drop',
          value: (friction.frictionPer100FtInWc * v.lengthFt) / 100,
          unit: 'inWc',
          source: 'computed',
        },
        { label: 'velocity', value: velocity, unit: 'fpm', source: 'computed' },
        ...(round ? [] : [{ label: 'equivalent round', value: diameterIn, unit: 'in', source: 'computed' } as const]),
        { label: 'friction factor', value: friction.frictionFactor, unit: 'factor', source: 'computed' },
      ],
      formula: 'Δp/100 ft = f × 1200/D × ρ × (V/1096.7)², f by Colebrook',
      notes:
        velocity > 900 ? [`${shownWords(velocity, 'fpm')} is noisy in a house branch; 600 to 900 is typical.`] : [],
    };
  },
});
