import { shownText, shownWords } from '../../base/words';
import { moistAir } from '../../air/moistAir';
import { airSideCapacity, freezingRisk, predictCoil } from '../../air/coil';
import { USUAL_COOLING_AIR } from '../../air/coil/usualCoolingAir';
import { enteringAir, LENIENT_COOLING_FIELDS } from '../fields/coolingFields';
import { defineTool, refuse } from '../../base/forms/tool';

/** The line that says when the coil is wet: the drawing of the drop shows it. */
export const RETURN_DEW_POINT = 'return dew point';

/** The temperature drop that was measured, beside what the coil model says. @source `predictCoil` @example 75/62.5, 51.1 supply, 3 tons at 940 CFM */
export const measuredDrop = defineTool({
  id: 'measuredDrop',
  name: 'Drop, measured and predicted',
  group: 'Temperature',
  says: 'Measured temperature drop compared with a good coil at this airflow.',
  care: 'Run 10 to 15 min. Measure at the unit, not at a far register. Keep the supply probe away from coil spray.',
  fields: {
    ...LENIENT_COOLING_FIELDS,
    supplyF: { kind: 'number', label: 'Supply dry bulb', unit: 'degF', min: 20, max: 110 },
    supplyWetF: { kind: 'number', label: 'Supply wet bulb', unit: 'degF', min: 20, max: 90, optional: true },
    flowCfm: { kind: 'number', label: 'Airflow', unit: 'cfm', min: 50, max: 60_000, optional: true },
    suctionSatF: {
      kind: 'number',
      label: 'Evaporating temperature',
      unit: 'degF',
      min: -20,
      max: 80,
      optional: true,
      hint: 'From the suction gauge, if it is on.',
    },
    roomF: {
      kind: 'number',
      label: 'Room dry bulb',
      unit: 'degF',
      min: 50,
      max: 110,
      optional: true,
      get hint() {
        return `Compared with the return at the unit: over ${shownWords(3, 'deltaF', 0)} apart is a leak.`;
      },
    },
    minutes: { kind: 'number', label: 'Minutes running', unit: 'count', min: 0, max: 1440, optional: true },
  },
  hides: (raw) => [raw.moisture === 'rh' ? 'returnWetF' : 'returnRhPercent'],
  solve(v) {
    const { returnWetF, returnRhPercent, outdoorF = USUAL_COOLING_AIR.outdoorF } = v;
    const isMoistureRead = (v.moisture === 'rh' ? returnRhPercent : returnWetF) !== undefined;
    const entering = isMoistureRead
      ? enteringAir({ ...v, returnWetF: returnWetF ?? 0, returnRhPercent: returnRhPercent ?? 0 })
      : { relativeHumidity: USUAL_COOLING_AIR.relativeHumidity };
    if ('ok' in entering) return entering;
    if (v.supplyWetF !== undefined && v.supplyWetF > v.supplyF) {
      return refuse('supplyWetF', 'The wet bulb cannot be above the dry bulb. Are they swapped, or is the sock dry?');
    }
    const dropF = v.returnF - v.supplyF;
    if (dropF < -5) return refuse('supplyF', 'The supply is warmer than the return. Swapped probes, or heating?');
    const air = moistAir(v.returnF, entering, v.altitudeFt);
    const { tons } = v;
    const perTon = v.flowCfm === undefined || tons === undefined ? undefined : v.flowCfm / tons;
    const modelled = perTon !== undefined && perTon >= 150 && perTon <= 650;
    const coil =
      modelled && tons !== undefined
        ? predictCoil({ tons, entering: air, outdoorF, altitudeFt: v.altitudeFt }, v.flowCfm!)
        : undefined;
    const leaving =
      v.supplyWetF === undefined ? undefined : moistAir(v.supplyF, { wetBulbF: v.supplyWetF }, v.altitudeFt);
    const made =
      leaving && v.flowCfm !== undefined ? airSideCapacity(v.flowCfm, air, leaving, air.densityLbFt3) : undefined;
    const ice = freezingRisk(
      v.returnF,
      v.suctionSatF,
      coil && tons !== undefined
        ? { apparatusF: coil.apparatusF, capacityShare: coil.capacityBtuH / (12_000 * tons) }
        : undefined,
    );
    return {
      ok: true,
      headline: { label: 'measured drop', value: dropF, unit: 'deltaF', source: 'computed' },
      lines: [
        { label: RETURN_DEW_POINT, value: air.dewPointF, unit: 'degF', source: 'computed' },
        ...(coil ? [{ label: 'predicted drop', value: coil.dropF, unit: 'deltaF', source: 'computed' } as const] : []),
        ...(made
          ? ([
              { label: 'total capacity', value: made.totalBtuH, unit: 'btuH', source: 'computed' },
              { label: 'sensible capacity', value: made.sensibleBtuH, unit: 'btuH', source: 'computed' },
              ...(tons === undefined
                ? []
                : [
                    {
                      label: 'of nominal',
                      value: made.totalBtuH / (120 * tons),
                      unit: 'percent',
                      source: 'computed',
                    } as const,
                  ]),
            ] as const)
          : v.flowCfm !== undefined
            ? ([
                {
                  label: 'sensible capacity',
                  value: 60 * air.densityLbFt3 * (0.24 + 0.45 * air.humidityRatio) * v.flowCfm * dropF,
                  unit: 'btuH',
                  source: 'computed',
                },
              ] as const)
            : []),
      ],
      formula: 'drop = return − supply, dry bulb',
      notes: [
        ...(isMoistureRead ? [] : ['Moisture not measured: 50 % relative humidity assumed.']),
        ...(v.outdoorF === undefined
          ? [`Outdoor air not measured: ${shownWords(USUAL_COOLING_AIR.outdoorF, 'degF', 0)} assumed.`]
          : []),
        ...(v.minutes !== undefined && v.minutes < 10
          ? [`After ${v.minutes} min the drop is not steady. Wait 10 to 15 min.`]
          : []),
        ...(v.returnF < 68 || v.returnF > 85
          ? [`Return air outside ${shownText(68, 'degF', 0)} to ${shownWords(85, 'degF', 0)}: judge cooling carefully.`]
          : []),
        ...(v.roomF !== undefined && Math.abs(v.returnF - v.roomF) > 3
          ? [
              `The air at the unit is ${shownWords(Math.abs(v.returnF - v.roomF), 'deltaF', 0)} ${v.returnF > v.roomF ? 'warmer' : 'colder'} than the room: check for a return leak. The drop uses the air at the unit.`,
            ]
          : []),
        ...(ice ? [ice.sentence] : []),
      ],
    };
  },
});
