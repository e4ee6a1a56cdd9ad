import { defineTool } from '../../base/forms/tool';
import { toolText } from '../../base/forms/units';

/** What a dehumidify switch without its sensor takes off for good. */
const DEHUMIDIFY_CUT = 0.15;
const CFM_PER_FLASH = 100;

/**
 * Airflow a constant-airflow motor is asked for: the switch table's figure, or flashes × 100. It is a request, true only
 * under the manufacturer's greatest static.
 *
 * @source manufacturers' practice for constant-airflow blowers; the cut of about 15 % is a rule of thumb
 * @example a switch setting of 1,200 CFM with the dehumidify switch on and no sensor → 1,020 CFM; 12 flashes → 1,200, the cut is in them
 */
export const requestedFlow = defineTool({
  id: 'requestedFlow',
  name: 'Constant-airflow setting',
  group: 'Airflow',
  says: 'Airflow requested from a constant-airflow motor, by its switches or flash count.',
  care: 'Count the flashes twice. The motor holds its airflow only up to its power limit.',
  fields: {
    by: {
      kind: 'choice',
      label: 'Known from',
      options: [
        { id: 'flashes', text: 'flash count' },
        { id: 'table', text: 'switch table' },
      ],
    },
    flashes: { kind: 'number', label: 'Flashes', unit: 'count', min: 1, max: 60 },
    tableCfm: { kind: 'number', label: 'Switch setting, CFM', unit: 'cfm', min: 100, max: 10_000 },
    dehumidify: {
      kind: 'choice',
      label: 'Dehumidify switch',
      options: [
        { id: 'off', text: 'off' },
        { id: 'withSensor', text: 'on, sensor wired' },
        { id: 'noSensor', text: 'on, no sensor' },
      ],
    },
    tespInWc: { kind: 'number', label: 'TESP now', unit: 'inWc', min: 0, max: 5, optional: true },
    maxInWc: {
      kind: 'number',
      label: 'Full-airflow static limit',
      unit: 'inWc',
      min: 0.1,
      max: 5,
      optional: true,
      hint: 'From the manufacturer’s data, often 0.8 to 1.0.',
    },
  },
  hides: (raw) => [raw.by === 'table' ? 'flashes' : 'tableCfm'],
  solve(v) {
    const asked = v.by === 'table' ? v.tableCfm : v.flashes * CFM_PER_FLASH;
    // The flash count already shows the cut request: it is taken once.
    const cut = v.dehumidify === 'noSensor' && v.by === 'table' ? 1 - DEHUMIDIFY_CUT : 1;
    const flowCfm = asked * cut;
    const over = v.tespInWc !== undefined && v.maxInWc !== undefined && v.tespInWc > v.maxInWc;
    const doubts = [
      over &&
        `${toolText(v.tespInWc, 'inWc')} is above the ${toolText(v.maxInWc, 'inWc')} limit for full airflow: it moves less than requested.`,
      v.dehumidify === 'noSensor' &&
        'The dehumidify switch is on without a sensor: always about 15 % less air. Turn it off.',
      v.tespInWc === undefined && 'Static is unknown, so the motor may not reach its requested airflow.',
    ].filter((d) => d !== false);
    return {
      ok: true,
      headline: { label: 'requested airflow', value: flowCfm, unit: 'cfm', source: 'computed' },
      lines: [{ label: 'requested', value: asked, unit: 'cfm', source: v.by === 'table' ? 'makersTable' : 'typed' }],
      formula: v.by === 'table' ? 'Switch setting, CFM' : 'CFM = flashes × 100',
      notes: doubts,
      flow: { flowCfm, sigmaShare: over ? 0.2 : 0.1, doubts },
    };
  },
});
