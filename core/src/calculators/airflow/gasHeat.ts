import { barometricPsia, densityOf, SEA_LEVEL_PSIA, sensibleFactor } from '../../air/moistAir';
import { AIR_FIELDS, airFacts, airLine } from '../fields/airFields';
import { defineTool } from '../../base/forms/tool';
import { toolFigure } from '../../base/forms/units';
import { RISE_FIELDS, riseFault } from './rise';

/**
 * Airflow from a gas furnace's rise: CFM = input × efficiency ÷ (60·ρ·c·ΔT), input = 3600 × cu ft × heating value ÷ seconds.
 *
 * A metered cubic foot holds less gas as the barometer falls: its heating value goes with it.
 *
 * @source energy balance; ideal gas at the meter; meter clocking as in gas appliance practice
 * @example 1 cu ft in 36 s at 1,030 Btu/cu ft, 80 %, 60 °F → 1,271.6 CFM
 */
export const gasHeat = defineTool({
  id: 'gasHeat',
  name: 'Gas heat rise',
  group: 'Airflow',
  says: 'Airflow from the gas meter, furnace efficiency and temperature rise.',
  care: 'Turn other gas appliances off while you clock the meter; relight their pilots. Keep the probe out of sight of the heat exchanger. Smell of gas or any sign of CO: stop, ventilate, refer.',
  fields: {
    cuFt: {
      kind: 'number',
      label: 'Gas metered',
      unit: 'cuFt',
      min: 0,
      max: 100,
      above: true,
      hint: 'One turn of the test dial, often ½, 1 or 2.',
    },
    seconds: { kind: 'number', label: 'Time for that', unit: 'seconds', min: 0, max: 3600, above: true },
    heatingValue: {
      kind: 'number',
      label: 'Heating value',
      unit: 'btuPerCuFt',
      min: 400,
      max: 3300,
      assumed: 1030,
      hint: 'From the gas supplier, at sea level. About 1,030 for natural gas.',
    },
    efficiencyPercent: {
      kind: 'number',
      label: 'Steady efficiency',
      unit: 'percent',
      min: 50,
      max: 99,
      assumed: 80,
      hint: 'Nameplate output ÷ input.',
    },
    ...RISE_FIELDS,
    minutes: { kind: 'number', label: 'Minutes firing', unit: 'count', min: 0, max: 600, optional: true },
    ...AIR_FIELDS,
  },
  solve(v) {
    const riseF = v.supplyF - v.returnF;
    const fault = riseFault(riseF, 'the burner is');
    if (fault) return fault;
    const facts = airFacts(v);
    const factor = sensibleFactor(facts);
    // The supplier's value is that of a cubic foot at sea level's pressure: thinner gas carries less through the same meter.
    const perMeteredCuFt = (v.heatingValue * barometricPsia(v.altitudeFt)) / SEA_LEVEL_PSIA;
    const inputBtuH = (3600 * v.cuFt * perMeteredCuFt) / v.seconds;
    const heatBtuH = (inputBtuH * v.efficiencyPercent) / 100;
    const flowCfm = heatBtuH / (factor * riseF);
    const early = v.minutes !== undefined && v.minutes < 5;
    const doubts = [
      early && `Read after ${v.minutes} min: the exchanger is still warming up. Wait 5 min or more.`,
      v.seconds < 20 && 'Under 20 s, one second of error is over 5 %. Clock more turns.',
    ].filter((d) => d !== false);
    return {
      ok: true,
      headline: { label: 'airflow', value: flowCfm, unit: 'cfm', source: 'computed' },
      lines: [
        {
          label: 'metered heating value',
          value: perMeteredCuFt,
          unit: 'btuPerCuFt',
          source: 'computed',
        },
        { label: 'input', value: inputBtuH, unit: 'btuH', source: 'computed' },
        { label: 'temperature rise', value: riseF, unit: 'deltaF', source: 'computed' },
        airLine(densityOf(facts)),
      ],
      formula: `CFM = 3600 × cu ft × heating value at this altitude ÷ s × efficiency ÷ (${toolFigure(factor, 'factor')} × rise)`,
      notes: doubts,
      heatBtuH,
      flow: { flowCfm, sigmaShare: 0.1 * (early ? 1.5 : 1) * (v.seconds < 20 ? 1.3 : 1), doubts },
    };
  },
});
