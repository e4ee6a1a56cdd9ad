import { defineTool, refuse } from '../../base/forms/tool';
import { median } from '../../base/numbers/median';
import { toolText } from '../../base/forms/units';

/** An outlet this much warmer or colder than the middle one, °F, has a duct in a hot space, a leak, or a loose run. */
const ODD_TEMPERATURE_F = 4;
/** An outlet with less than this share of the middle flow is weak. */
const WEAK_SHARE = 0.5;

/**
 * Airflow as the sum of outlets (or inlets), each by hood or by face velocity × area × free share. Names warm and weak ones.
 *
 * @source ASHRAE Standard 111: sum of terminal readings
 * @example 120, 95, 110 and 40 CFM → 365 CFM, outlet 4 weak
 */
export const registers = defineTool({
  id: 'registers',
  name: 'Outlets or inlets',
  group: 'Airflow',
  says: 'Total airflow from all outlets or all inlets. Also finds warm and weak ones.',
  care: 'Measure every one: leaks and missed grilles make the sum too small.',
  fields: {
    by: {
      kind: 'choice',
      label: 'Each read as',
      options: [
        { id: 'hood', text: 'CFM of a hood' },
        { id: 'velocity', text: 'face velocity' },
      ],
    },
    values: { kind: 'list', label: 'Outlet readings', unit: 'count', min: 0, max: 20_000, least: 1, most: 60 },
    faceSqIn: { kind: 'number', label: 'Outlet face area', unit: 'sqIn', min: 4, max: 5000 },
    freePercent: {
      kind: 'number',
      label: 'Free area',
      unit: 'percent',
      min: 20,
      max: 100,
      assumed: 75,
      hint: 'From the manufacturer; about 75 for a stamped grille.',
    },
    temperaturesF: {
      kind: 'list',
      label: 'Outlet temperatures',
      unit: 'degF',
      min: 20,
      max: 200,
      least: 1,
      most: 60,
      optional: true,
    },
  },
  hides: (raw) => (raw.by === 'velocity' ? [] : ['faceSqIn', 'freePercent']),
  solve(v) {
    const { temperaturesF } = v;
    if (temperaturesF && temperaturesF.length > 0 && temperaturesF.length !== v.values.length) {
      return refuse(
        'temperaturesF',
        `${v.values.length} readings, but ${temperaturesF.length} temperatures. Give one for each, in the same order.`,
      );
    }
    const area = v.by === 'velocity' ? (v.faceSqIn / 144) * (v.freePercent / 100) : 1;
    const flows = v.values.map((value) => value * area);
    const flowCfm = flows.reduce((sum, flow) => sum + flow, 0);
    if (flowCfm <= 0) return refuse('values', 'All outlets read 0. Is the blower on?');
    const middleFlow = median(flows);
    const middleTemperature = temperaturesF && temperaturesF.length > 0 ? median(temperaturesF) : undefined;
    const weak = flows.flatMap((flow, i) => (flow < WEAK_SHARE * middleFlow ? [i + 1] : []));
    const odd = (temperaturesF ?? []).flatMap((t, i) =>
      middleTemperature !== undefined && Math.abs(t - middleTemperature) > ODD_TEMPERATURE_F
        ? [`${i + 1} (${toolText(t, 'degF')})`]
        : [],
    );
    const few = flows.length < 3 ? ['Few outlets: make sure that none was missed.'] : [];
    return {
      ok: true,
      headline: { label: 'airflow, sum', value: flowCfm, unit: 'cfm', source: 'computed' },
      lines: [
        { label: 'outlets', value: flows.length, unit: 'count', source: 'typed' },
        { label: 'middle outlet', value: middleFlow, unit: 'cfm', source: 'computed' },
      ],
      formula: v.by === 'velocity' ? 'CFM = Σ velocity × face × free share' : 'CFM = Σ of the hood readings',
      notes: [
        ...(weak.length > 0
          ? [`Weak: outlet ${weak.join(', ')}. Look for a closed damper, a crushed or a loose run.`]
          : []),
        ...(odd.length > 0
          ? [`Odd temperature: outlet ${odd.join(', ')}. Look for a duct in a hot space, a leak, or a loose run.`]
          : []),
        ...few,
      ],
      flow: { flowCfm, sigmaShare: (v.by === 'velocity' ? 0.12 : 0.07) + (few.length > 0 ? 0.03 : 0), doubts: few },
    };
  },
});
