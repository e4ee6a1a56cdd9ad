import { shownWords, shownText } from '../../base/words';
import { flowFromDrop, predictCoil } from '../../air/coil';
import { moistAir } from '../../air/moistAir';
import { defineTool, refuse } from '../../base/forms/tool';
import { COOLING_FIELDS, enteringAir } from '../fields/coolingFields';

/**
 * Airflow at which the coil model gives the measured temperature drop.
 *
 * @source `predictCoil`, solved for the airflow
 * @example 3 tons, 80/67, 95 outdoors, 21.2 °F → about 1,204 CFM
 */
export const coolingDrop = defineTool({
  id: 'coolingDrop',
  name: 'Temperature drop',
  group: 'Airflow',
  says: 'Airflow at which a good coil would give the measured drop.',
  get care() {
    return `Only with a good charge and compressor. Run 10 to 15 min, with return air at ${shownText(68, 'degF', 0)} to ${shownWords(85, 'degF', 0)}. Keep probes at the unit, away from coil spray.`;
  },
  fields: {
    ...COOLING_FIELDS,
    supplyF: { kind: 'number', label: 'Supply dry bulb', unit: 'degF', min: 20, max: 100 },
    minutes: { kind: 'number', label: 'Minutes running', unit: 'count', min: 0, max: 1440, optional: true },
  },
  hides: (raw) => [raw.moisture === 'rh' ? 'returnWetF' : 'returnRhPercent'],
  solve(v) {
    const dropF = v.returnF - v.supplyF;
    if (dropF <= 0)
      return refuse('supplyF', 'The supply is not colder than the return. Swapped probes, or no cooling?');
    const entering = enteringAir(v);
    if ('ok' in entering) return entering;
    const load = {
      tons: v.tons,
      entering: moistAir(v.returnF, entering, v.altitudeFt),
      outdoorF: v.outdoorF,
      altitudeFt: v.altitudeFt,
    };
    const flowCfm = flowFromDrop(load, dropF);
    if (flowCfm === undefined) {
      const at400 = predictCoil(load, 400 * v.tons).dropF;
      return refuse(
        'supplyF',
        `No airflow from ${shownText(150, 'cfmPerTon')} to ${shownWords(650, 'cfmPerTon')} gives ${shownWords(dropF, 'deltaF')}; ${shownText(400, 'cfmPerTon')} per ton would give ${shownText(at400, 'deltaF')}. Check the refrigerant side, or measure again.`,
      );
    }
    const early = v.minutes !== undefined && v.minutes < 10;
    const doubts = [
      early && `Read after ${v.minutes} min: the drop is not steady before 10 to 15 min.`,
      (v.returnF < 68 || v.returnF > 85) &&
        `Return air outside ${shownText(68, 'degF', 0)} to ${shownWords(85, 'degF', 0)}: the model is less certain there.`,
    ].filter((d) => d !== false);
    return {
      ok: true,
      headline: { label: 'airflow', value: flowCfm, unit: 'cfm', source: 'computed' },
      lines: [{ label: 'measured drop', value: dropF, unit: 'deltaF', source: 'computed' }],
      formula: 'the airflow at which the coil model (bypass factor) gives this drop',
      notes: ['Valid only with a good charge and compressor.', ...doubts],
      flow: { flowCfm, sigmaShare: 0.15 * (doubts.length > 0 ? 1.4 : 1), doubts },
    };
  },
});
