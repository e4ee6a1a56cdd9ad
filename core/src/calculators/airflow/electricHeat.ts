import { shownWords } from '../../base/words';
import { densityOf, sensibleFactor } from '../../air/moistAir';
import { AIR_FIELDS, airFacts, airLine } from '../fields/airFields';
import { defineTool, refuse } from '../../base/forms/tool';
import { toolFigure } from '../../base/forms/units';
import { RISE_FIELDS, riseFault } from './rise';

const BTU_PER_WATT_HOUR = 3.412;

/**
 * Airflow from the heat an electric heater gives the air: CFM = V·A·3.412 ÷ (60·ρ·c·ΔT), three-phase V·A·√3.
 *
 * @source energy balance; 1 W = 3.412 Btu/h
 * @example worked example B: 238 V, 41.2 A, 31.5 °F at sea level → 983.4 CFM
 */
export const electricHeat = defineTool({
  id: 'electricHeat',
  name: 'Electric heat rise',
  group: 'Airflow',
  says: 'Airflow from heater volts, amps and temperature rise.',
  care: 'All elements on and steady for 3 to 5 min. Read element amps without the blower. Keep the supply probe out of sight of the elements. Live parts: place meter leads first, hands clear.',
  fields: {
    phase: {
      kind: 'choice',
      label: 'Supply',
      options: [
        { id: 'single', text: 'single phase' },
        { id: 'three', text: 'three phase' },
      ],
    },
    volts: { kind: 'number', label: 'Heater volts', unit: 'volts', min: 90, max: 600 },
    amps: { kind: 'number', label: 'Element amps', unit: 'amps', min: 0, max: 400, above: true },
    compressor: {
      kind: 'choice',
      label: 'Heat pump compressor',
      options: [
        { id: 'off', text: 'off: emergency heat' },
        { id: 'on', text: 'on' },
      ],
    },
    ...RISE_FIELDS,
    blowerWatts: {
      kind: 'number',
      label: 'Blower watts',
      unit: 'watts',
      min: 0,
      max: 5000,
      assumed: 0,
    },
    minutes: { kind: 'number', label: 'Minutes running', unit: 'count', min: 0, max: 600, optional: true },
    ...AIR_FIELDS,
  },
  solve(v) {
    if (v.compressor === 'on')
      return refuse(
        'compressor',
        'With the compressor on, its heat is not in these amps. Switch to emergency heat and measure again.',
      );
    const riseF = v.supplyF - v.returnF;
    const fault = riseFault(riseF, 'the elements are');
    if (fault) return fault;
    const facts = airFacts(v);
    const factor = sensibleFactor(facts);
    const watts = v.volts * v.amps * (v.phase === 'three' ? Math.sqrt(3) : 1);
    const heatBtuH = (watts + v.blowerWatts) * BTU_PER_WATT_HOUR;
    const flowCfm = heatBtuH / (factor * riseF);
    const early = v.minutes !== undefined && v.minutes < 3;
    const doubts = [
      early && `Read after ${v.minutes} min: elements come on in steps. Wait 3 to 5 min.`,
      riseF < 10 &&
        `A rise under ${shownWords(10, 'deltaF', 0)}: each degree of error changes the airflow by 10 % or more.`,
    ].filter((d) => d !== false);
    return {
      ok: true,
      headline: { label: 'airflow', value: flowCfm, unit: 'cfm', source: 'computed' },
      lines: [
        { label: 'temperature rise', value: riseF, unit: 'deltaF', source: 'computed' },
        { label: 'heat', value: heatBtuH, unit: 'btuH', source: 'computed' },
        { label: 'sensible factor', value: factor, unit: 'factor', source: 'computed', note: '1.08 for standard air' },
        airLine(densityOf(facts)),
      ],
      formula: `CFM = V × A${v.phase === 'three' ? ' × √3' : ''} × 3.412 ÷ (${toolFigure(factor, 'factor')} × rise)`,
      notes: doubts,
      heatBtuH,
      flow: { flowCfm, sigmaShare: 0.06 * (early ? 1.7 : 1) * (riseF < 10 ? 1.5 : 1), doubts },
    };
  },
});
