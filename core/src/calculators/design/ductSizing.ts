import { densityOf } from '../../air/moistAir';
import { ductFriction, equivalentDiameterIn, roundSizeIn } from '../../air/duct';
import { defineTool, refuse } from '../../base/forms/tool';
import { DUCT_FIELDS, factorOf, roughnessOf } from './ductFields';

/** The lowest even width whose rectangle is worth a round duct, for a given height. */
function widthFor(roundIn: number, heightIn: number): number | undefined {
  for (let width = 4; width <= 96; width += 2) if (equivalentDiameterIn(width, heightIn) >= roundIn) return width;
  return undefined;
}

/** Equal-friction size to the next standard size. @source Darcy and Weisbach with Colebrook @example 400 CFM at 0.10, 900 fpm → 10 in. */
export const ductSizing = defineTool({
  id: 'ductSizing',
  name: 'Duct size',
  group: 'Ducts',
  says: 'Smallest standard round duct within a friction rate and velocity, and an equal rectangular duct.',
  care: 'Duct changes must follow local code.',
  fields: {
    flowCfm: { kind: 'number', label: 'Airflow', unit: 'cfm', min: 10, max: 20_000 },
    frictionLimit: {
      kind: 'number',
      label: 'Friction limit',
      unit: 'inWcPer100Ft',
      min: 0.02,
      max: 0.5,
      assumed: 0.08,
    },
    velocityLimitFpm: { kind: 'number', label: 'Velocity limit', unit: 'fpm', min: 300, max: 3000, assumed: 900 },
    heightIn: { kind: 'number', label: 'Rectangle height', unit: 'in', min: 4, max: 40, assumed: 8 },
    ...DUCT_FIELDS,
  },
  hides: (raw) => (raw.material === 'flexStretched' ? [] : ['compressionPercent']),
  solve(v) {
    const density = densityOf({ altitudeFt: v.altitudeFt });
    const factor = (d: number) => factorOf(v, d);
    const size = roundSizeIn(v.flowCfm, v.frictionLimit, v.velocityLimitFpm, roughnessOf(v), density, factor);
    if (size === undefined) {
      return refuse(
        'flowCfm',
        'This needs more than a 36 in. round duct. Split the airflow, or allow more friction or velocity.',
      );
    }
    const got = ductFriction(v.flowCfm, size, roughnessOf(v), density, factor(size));
    const width = widthFor(size, v.heightIn);
    return {
      ok: true,
      headline: { label: 'round size', value: size, unit: 'in', source: 'computed' },
      lines: [
        { label: 'friction rate', value: got.frictionPer100FtInWc, unit: 'inWcPer100Ft', source: 'computed' },
        { label: 'velocity', value: got.velocityFpm, unit: 'fpm', source: 'computed' },
        ...(width === undefined
          ? []
          : [
              {
                label: `rectangle width`,
                value: width,
                unit: 'in',
                source: 'computed',
              } as const,
            ]),
      ],
      formula: 'the smallest standard size with friction and velocity within the limits',
      notes:
        width !== undefined && width > 4 * v.heightIn ? ['The rectangle is flatter than 4 to 1: make it taller.'] : [],
    };
  },
});
