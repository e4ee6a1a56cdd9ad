import { ended, shownWords, unitText } from '../../base/words';
import { densityOf, STANDARD_DENSITY, velocityFpm } from '../../air/moistAir';
import { ductAreaSqFt, straightRun, traversePlan, type Duct } from '../../air/traverse';
import { AIR_FIELDS, airFacts, airLine } from '../fields/airFields';
import { defineTool, refuse, type RawInputs } from '../../base/forms/tool';

/** A pitot tube says little below this. */
const PITOT_LEAST_FPM = 700;
/** A velocity pressure under this share of the largest is not to be trusted. */
const PITOT_LEAST_SHARE = 0.1;

/** The duct of a traverse's inputs, or undefined while it is not known. */
export function traverseDuct(raw: RawInputs): Duct | undefined {
  const size = (id: string) => (typeof raw[id] === 'number' && raw[id] >= 3 && raw[id] <= 200 ? raw[id] : undefined);
  if (raw.shape === 'round') {
    const diameterIn = size('diameterIn');
    return diameterIn === undefined ? undefined : { shape: 'round', diameterIn };
  }
  const widthIn = size('widthIn');
  const heightIn = size('heightIn');
  return widthIn === undefined || heightIn === undefined ? undefined : { shape: 'rectangle', widthIn, heightIn };
}

/** Readings the chosen plan wants. */
export function traversePoints(raw: RawInputs): number | undefined {
  const duct = traverseDuct(raw);
  return duct && traversePlan(duct, raw.plan === 'sweep' ? 'sweep' : 'points').points;
}

/**
 * Airflow of a duct traverse: mean velocity × area. With a pitot tube each velocity pressure becomes a velocity first, and
 * the velocities are averaged.
 *
 * @source ASHRAE Standard 111; a hot wire reads standard velocity, × 0.075/ρ
 * @example 20 × 10 in. with 25 points of 800 fpm → 1,111 CFM
 */
export const traverse = defineTool({
  id: 'traverse',
  name: 'Duct traverse',
  group: 'Airflow',
  says: 'Airflow from the average velocity in a duct, at planned points or swept through three holes.',
  care: 'Straight duct: 7½ diameters after a fitting and 3 before the next. Hold the probe square to the duct, tip into the flow. Tape the marks before you start; plug the holes after.',
  fields: {
    shape: {
      kind: 'choice',
      label: 'Duct',
      options: [
        { id: 'rectangle', text: 'rectangle' },
        { id: 'round', text: 'round' },
      ],
    },
    widthIn: { kind: 'number', label: 'Inside width', unit: 'in', min: 3, max: 200 },
    heightIn: { kind: 'number', label: 'Inside depth', unit: 'in', min: 3, max: 200 },
    diameterIn: { kind: 'number', label: 'Inside diameter', unit: 'in', min: 3, max: 200 },
    plan: {
      kind: 'choice',
      label: 'How',
      options: [
        { id: 'points', text: 'planned points' },
        { id: 'sweep', text: 'three-hole sweep' },
      ],
    },
    instrument: {
      kind: 'choice',
      label: 'Instrument',
      options: [
        { id: 'velocity', text: 'vane, fpm' },
        { id: 'hotWire', text: 'hot wire, fpm' },
        { id: 'pitot', text: 'pitot, in. w.c.' },
      ],
    },
    readings: {
      kind: 'list',
      label: 'Readings by hole',
      unit: 'count',
      min: 0,
      max: 10_000,
      least: 1,
      most: 60,
      hint: 'fpm, or velocity pressure in in. w.c. A timed average counts as one.',
    },
    beforeIn: {
      kind: 'number',
      label: 'Straight duct upstream',
      unit: 'in',
      min: 0,
      max: 2000,
      optional: true,
    },
    afterIn: { kind: 'number', label: 'Straight duct downstream', unit: 'in', min: 0, max: 2000, optional: true },
    ...AIR_FIELDS,
  },
  hides: (raw) => (raw.shape === 'round' ? ['widthIn', 'heightIn'] : ['diameterIn']),
  solve(v) {
    const duct: Duct =
      v.shape === 'round'
        ? { shape: 'round', diameterIn: v.diameterIn }
        : { shape: 'rectangle', widthIn: v.widthIn, heightIn: v.heightIn };
    const plan = traversePlan(duct, v.plan);
    if (v.readings.length !== plan.points) {
      return refuse(
        'readings',
        `${v.readings.length} of ${plan.points} readings: this plan needs one at each point. A missing one shifts the average.`,
      );
    }
    const pitot = v.instrument === 'pitot';
    if (pitot && v.readings.some((vp) => vp > 5)) {
      return refuse(
        'readings',
        `Velocity pressure over ${ended(shownWords(5, 'inWc'))} If these are ${unitText('fpm')}, choose vane or hot wire.`,
      );
    }
    const facts = airFacts(v);
    const density = densityOf(facts);
    const largest = Math.max(...v.readings);
    const weak = pitot ? v.readings.filter((vp) => vp < PITOT_LEAST_SHARE * largest).length : 0;
    // A hot wire is cooled by mass: it shows what standard air would have to move. A vane turns with the air itself.
    const perStandard = v.instrument === 'hotWire' ? STANDARD_DENSITY / density : 1;
    const velocities = pitot
      ? v.readings.map((vp) => velocityFpm(vp, density))
      : v.readings.map((fpm) => fpm * perStandard);
    const meanFpm = velocities.reduce((sum, fpm) => sum + fpm, 0) / velocities.length;
    if (meanFpm <= 0) return refuse('readings', 'All readings are 0. Is the blower on?');
    const areaSqFt = ductAreaSqFt(duct);
    const flowCfm = meanFpm * areaSqFt;
    const run =
      v.beforeIn === undefined || v.afterIn === undefined ? undefined : straightRun(duct, v.beforeIn, v.afterIn);
    const spread =
      Math.sqrt(velocities.reduce((sum, fpm) => sum + (fpm - meanFpm) ** 2, 0) / velocities.length) / meanFpm;
    const doubts = [
      run && !run.enough && run.sentence,
      !run && 'Straight run not entered: assumed short.',
      pitot && meanFpm < PITOT_LEAST_FPM && `A pitot tube is unreliable under ${shownWords(PITOT_LEAST_FPM, 'fpm')}.`,
      weak > 0 &&
        `${weak} of ${v.readings.length} velocity pressures are under a tenth of the largest. A pitot tube is unreliable there.`,
      v.plan === 'sweep' && 'Swept by hand through three holes, not a planned grid.',
      spread > 0.35 && 'The velocities differ a lot: a fitting is close, or the probe was turned.',
    ].filter((d): d is string => typeof d === 'string');
    const sigma =
      0.05 *
      (run?.widen ?? 1.6) *
      (v.plan === 'sweep' ? 1.5 : 1) *
      (pitot && meanFpm < PITOT_LEAST_FPM ? 1.5 : 1) *
      (1 + weak / v.readings.length);
    return {
      ok: true,
      headline: { label: 'airflow', value: flowCfm, unit: 'cfm', source: 'computed' },
      lines: [
        { label: 'mean velocity', value: meanFpm, unit: 'fpm', source: 'computed' },
        { label: 'area', value: areaSqFt, unit: 'sqFt', source: 'computed' },
        ...(pitot || perStandard !== 1 ? [airLine(density)] : []),
      ],
      formula: pitot
        ? 'CFM = average of 1096.7 × √(VP ÷ ρ) × area'
        : v.instrument === 'hotWire'
          ? 'CFM = average velocity × 0.075 ÷ ρ × area'
          : 'CFM = average velocity × area',
      notes: doubts,
      flow: { flowCfm, sigmaShare: Math.min(0.18, sigma * (spread > 0.35 ? 1.2 : 1)), doubts },
    };
  },
});
