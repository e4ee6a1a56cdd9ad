import {
  ASSUMED_POWER_FACTOR,
  electricWatts,
  fanLaws,
  imbalanceFinding,
  imbalancePercent,
  mostAmps,
} from '../../air/drive';
import { defineTool, refuse, type RawInputs, type ToolLine } from '../../base/forms/tool';
import { loadOf } from './loadOf';

const LEGS = { kind: 'list', min: 0, least: 3, most: 3, optional: true } as const;

/** Single-phase has no legs; legs that were typed stand for the single figure. */
const hides = (raw: RawInputs) => {
  if (raw.phases !== 'three') return ['legVolts', 'legAmps'];
  const { legVolts, legAmps } = loadOf(raw);
  return [...(legVolts ? ['volts'] : []), ...(legAmps ? ['amps'] : [])];
};

/** Motor load now and at another speed. @source fan laws; plate amps × service factor @example 4.6 A, 823 to 922 RPM → 6.5 A */
export const motorLoadTool = defineTool({
  id: 'motorLoad',
  name: 'Motor load',
  group: 'Electrical',
  says: 'Amps against the nameplate, power, and amps at another speed.',
  care: 'Live work: qualified people only. Doors on, running normally. On three phase read each leg, or enter the highest.',
  fields: {
    phases: {
      kind: 'choice',
      label: 'Supply',
      options: [
        { id: 'one', text: 'single-phase' },
        { id: 'three', text: 'three-phase' },
      ],
    },
    volts: { kind: 'number', label: 'Motor volts', unit: 'volts', min: 90, max: 700 },
    legVolts: { ...LEGS, label: 'Each leg', unit: 'volts', max: 700, hint: 'Tells how uneven they are.' },
    amps: { kind: 'number', label: 'Amps', unit: 'amps', min: 0.05, max: 300 },
    legAmps: { ...LEGS, label: 'Each leg', unit: 'amps', max: 300, hint: 'The highest counts.' },
    watts: { kind: 'number', label: 'Metered power', unit: 'watts', min: 5, max: 60_000, optional: true },
    plateAmps: {
      kind: 'number',
      label: 'Full-load amps (FLA)',
      unit: 'amps',
      min: 0.05,
      max: 300,
      optional: true,
    },
    serviceFactor: { kind: 'number', label: 'Service factor', unit: 'factor', min: 1, max: 1.5, assumed: 1 },
    rpmNow: { kind: 'number', label: 'Blower now', unit: 'rpm', min: 50, max: 5000, optional: true },
    rpmThen: { kind: 'number', label: 'Blower then', unit: 'rpm', min: 50, max: 5000, optional: true },
  },
  hides,
  solve(values) {
    const { phases, watts, plateAmps, serviceFactor, rpmNow, rpmThen } = values;
    const load = loadOf(values);
    const { volts, amps, legVolts, legAmps } = load;
    const idle = (['legVolts', 'legAmps'] as const).find((id) => values[id] && !load[id]);
    if (idle !== undefined || volts === undefined || amps === undefined)
      return refuse(idle ?? 'amps', 'No amps on any leg. Measure with the motor running.');
    const lines: ToolLine[] = [
      watts === undefined
        ? {
            label: 'power',
            value: electricWatts(volts, amps, ASSUMED_POWER_FACTOR, phases === 'three' ? 3 : 1),
            unit: 'watts',
            source: 'assumed',
            note: `assumed power factor ${ASSUMED_POWER_FACTOR}`,
          }
        : { label: 'power, metered', value: watts, unit: 'watts', source: 'typed' },
    ];
    const notes: string[] = [];
    for (const [of, legs] of [
      ['volts', legVolts],
      ['amps', legAmps],
    ] as const) {
      if (!legs) continue;
      const percent = imbalancePercent(legs);
      lines.push({ label: `imbalance of ${of}`, value: percent, unit: 'percentFine', source: 'computed' });
      const { level, sentence } = imbalanceFinding(of, percent);
      if (level !== 'good') notes.push(`${of === 'volts' ? 'Volts' : 'Amps'}: ${sentence}`);
    }
    if (phases === 'three' && !legAmps) notes.push('Amps of one leg only. Measure the other two; the highest counts.');
    const most = plateAmps === undefined ? undefined : mostAmps(plateAmps, serviceFactor);
    if (most !== undefined) {
      lines.push({
        label: 'of max amps',
        value: (100 * amps) / most,
        unit: 'percent',
        source: 'computed',
      });
      if (amps > most)
        notes.push(`It draws more than the ${most.toFixed(1)} A allowed. Do not raise the speed; find what loads it.`);
    }
    if (rpmNow !== undefined && rpmThen !== undefined) {
      const then = amps * fanLaws(rpmThen / rpmNow).power;
      lines.push({ label: 'amps then', value: then, unit: 'amps', source: 'computed' });
      if (most !== undefined && then > most && amps <= most)
        notes.push(
          `At ${rpmThen} RPM it would draw over ${most.toFixed(1)} A. Choose a larger motor or a lower speed.`,
        );
    }
    return {
      ok: true,
      headline: { label: 'motor now', value: amps, unit: 'amps', source: 'typed' },
      lines,
      formula: 'W = V × A × pf (× √3); amps ∝ RPM³ on unchanged ducts',
      notes,
    };
  },
});
