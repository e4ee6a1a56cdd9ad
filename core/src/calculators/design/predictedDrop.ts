import { shownWords } from '../../base/words';
import { moistAir } from '../../air/moistAir';
import { freezingRisk, predictCoil } from '../../air/coil';
import { COOLING_FIELDS, enteringAir } from '../fields/coolingFields';
import { defineTool } from '../../base/forms/tool';

/** The drop a sound coil gives at an airflow. @source `predictCoil` @example 3 tons, 75/62.5, 95 outdoors, 1,200 CFM → 20.9 °F */
export const predictedDrop = defineTool({
  id: 'predictedDrop',
  name: 'Predicted temperature drop',
  group: 'Temperature',
  says: 'Temperature drop expected of a good coil and charge at this airflow, with capacity and icing risk.',
  fields: { ...COOLING_FIELDS, flowCfm: { kind: 'number', label: 'Airflow', unit: 'cfm', min: 75, max: 97_500 } },
  hides: (raw) => [raw.moisture === 'rh' ? 'returnWetF' : 'returnRhPercent'],
  solve(v) {
    const perTon = v.flowCfm / v.tons;
    if (perTon < 150 || perTon > 650) {
      return {
        ok: false,
        errors: [
          {
            field: 'flowCfm',
            message: `${shownWords(perTon, 'cfmPerTon')} is outside the coil model’s 150 to 650. Check airflow and tons.`,
          },
        ],
      };
    }
    const entering = enteringAir(v);
    if ('ok' in entering) return entering;
    const air = moistAir(v.returnF, entering, v.altitudeFt);
    const load = { tons: v.tons, entering: air, outdoorF: v.outdoorF, altitudeFt: v.altitudeFt };
    const coil = predictCoil(load, v.flowCfm);
    const ice = freezingRisk(v.returnF, undefined, {
      apparatusF: coil.apparatusF,
      capacityShare: coil.capacityBtuH / (12_000 * v.tons),
    });
    return {
      ok: true,
      headline: { label: 'predicted drop', value: coil.dropF, unit: 'deltaF', source: 'computed' },
      lines: [
        { label: 'CFM per ton', value: perTon, unit: 'cfmPerTon', source: 'computed' },
        { label: 'total capacity', value: coil.capacityBtuH, unit: 'btuH', source: 'computed' },
        { label: 'sensible capacity', value: coil.sensibleBtuH, unit: 'btuH', source: 'computed' },
        { label: 'apparatus dew point', value: coil.apparatusF, unit: 'degF', source: 'computed' },
        { label: 'return dew point', value: air.dewPointF, unit: 'degF', source: 'computed' },
      ],
      formula:
        'bypass-factor model: supply = BF × return + (1 − BF) × apparatus dew point, BF = 0.10^√(400 ÷ CFM per ton)',
      notes: [
        coil.wet ? 'The coil is wet.' : 'The return air is so dry that the coil stays dry: all capacity is sensible.',
        ...(ice ? [ice.sentence] : []),
      ],
    };
  },
});
