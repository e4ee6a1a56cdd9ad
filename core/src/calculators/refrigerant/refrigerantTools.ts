import { shownText, shownWords } from '../../base/words';
import { barometricPsia } from '../../air/moistAir';
import {
  chartAsks,
  chartFault,
  coldWeatherFindings,
  fanCyclingPsig,
  FAN_CYCLING_F,
  isOff,
  orificeSuperheatF,
  REFRIGERANTS,
  saturationTempF,
} from '../../call/refrigerant';
import { defineTool, refuse, type ToolLine } from '../../base/forms/tool';

const REFRIGERANT = {
  kind: 'choice',
  label: 'Nameplate refrigerant',
  options: REFRIGERANTS.map((id) => ({ id, text: id })),
} as const;
const ALTITUDE = { kind: 'number', label: 'Altitude', unit: 'ft', min: -1000, max: 12_000, assumed: 0 } as const;
const CARE = 'Certified technicians only. Recover, never vent.';

/** Saturation both ways. @example R-410A, 118 psig → dew about 40 °F */
const saturationTool = defineTool({
  id: 'saturation',
  name: 'Saturation',
  group: 'Refrigerant',
  says: 'Saturation temperature of a gauge pressure at the site’s altitude.',
  care: CARE,
  fields: {
    refrigerant: REFRIGERANT,
    psig: { kind: 'number', label: 'Gauge', unit: 'psig', min: -14, max: 800 },
    altitudeFt: ALTITUDE,
  },
  solve({ refrigerant, psig, altitudeFt }) {
    const psia = psig + barometricPsia(altitudeFt);
    const [dew, bubble] = [saturationTempF(refrigerant, psia, 'dew'), saturationTempF(refrigerant, psia, 'bubble')];
    if (isOff(dew)) return refuse('psig', dew.sentence);
    if (isOff(bubble)) return refuse('psig', bubble.sentence);
    return {
      ok: true,
      headline: { label: 'dew, for superheat', value: dew, unit: 'degF', source: 'computed' },
      lines: [
        { label: 'bubble, for subcooling', value: bubble, unit: 'degF', source: 'computed' },
        { label: 'absolute', value: psia, unit: 'psia', source: 'computed' },
      ],
      formula: 'ln p straight in 1/T between rows of the saturation table',
      notes: dew - bubble > 0.5 ? [`A blend: it glides ${shownWords(dew - bubble, 'deltaF')}.`] : [],
    };
  },
});

/** Superheat and subcooling. @example R-410A, 118 psig and 50 °F → superheat about 10 */
const superheatTool = defineTool({
  id: 'superheat',
  name: 'Superheat and subcooling',
  group: 'Refrigerant',
  says: 'Superheat at the suction line, subcooling at the liquid line.',
  care: CARE,
  fields: {
    refrigerant: REFRIGERANT,
    suctionPsig: { kind: 'number', label: 'Suction', unit: 'psig', min: -14, max: 400 },
    suctionLineF: { kind: 'number', label: 'Suction line', unit: 'degF', min: -40, max: 150 },
    liquidPsig: { kind: 'number', label: 'Liquid port', unit: 'psig', min: -14, max: 800, optional: true },
    liquidLineF: { kind: 'number', label: 'Liquid line', unit: 'degF', min: -20, max: 180, optional: true },
    altitudeFt: ALTITUDE,
  },
  solve({ refrigerant, suctionPsig, suctionLineF, liquidPsig, liquidLineF, altitudeFt }) {
    const barometer = barometricPsia(altitudeFt);
    const dew = saturationTempF(refrigerant, suctionPsig + barometer, 'dew');
    if (isOff(dew)) return refuse('suctionPsig', dew.sentence);
    const lines: ToolLine[] = [{ label: 'dew', value: dew, unit: 'degF', source: 'computed' }];
    if (liquidPsig !== undefined && liquidLineF !== undefined) {
      if (liquidPsig <= suctionPsig)
        return refuse('liquidPsig', 'Liquid pressure is not above suction pressure. Are the hoses swapped?');
      const bubble = saturationTempF(refrigerant, liquidPsig + barometer, 'bubble');
      if (isOff(bubble)) return refuse('liquidPsig', bubble.sentence);
      lines.push(
        { label: 'subcooling', value: bubble - liquidLineF, unit: 'deltaF', source: 'computed' },
        { label: 'bubble', value: bubble, unit: 'degF', source: 'computed' },
      );
    }
    return {
      ok: true,
      headline: { label: 'superheat', value: suctionLineF - dew, unit: 'deltaF', source: 'computed' },
      lines,
      formula: 'superheat = suction line − dew; subcooling = bubble − liquid line',
      notes: ['Check airflow first. With low airflow or ice, neither one tells you the charge.'],
    };
  },
});

/** Superheat asked of a fixed orifice. @example 67 wet bulb, 95 outdoors → 13 */
const orificeTool = defineTool({
  id: 'orificeTarget',
  name: 'Fixed-orifice target',
  group: 'Refrigerant',
  says: 'Target superheat of a fixed orifice, from return wet bulb and outdoor temperature.',
  care: CARE,
  fields: {
    returnWetBulbF: { kind: 'number', label: 'Return wet bulb', unit: 'degF', min: 30, max: 95 },
    outdoorF: { kind: 'number', label: 'Outdoors', unit: 'degF', min: -40, max: 130 },
  },
  solve({ returnWetBulbF, outdoorF }) {
    const asked = orificeSuperheatF(returnWetBulbF, outdoorF);
    if (asked === undefined)
      return refuse(
        'outdoorF',
        `No target at these temperatures: it needs ${shownText(50, 'degF', 0)} to ${shownWords(76, 'degF', 0)} wet bulb and ${shownText(55, 'degF', 0)} to ${shownWords(115, 'degF', 0)} outdoors. Weigh the charge in.`,
      );
    return {
      ok: true,
      headline: { label: 'target superheat', value: asked, unit: 'deltaF', source: 'ruleOfThumb' },
      lines: [],
      formula: 'superheat = (3 · wet bulb − 80 − outdoors) ÷ 2',
      notes: ['The manufacturer’s chart comes first.'],
    };
  },
});

/** Manufacturer's chart between its rows. @example 75:12 and 95:8 at 85 → 10 */
const chargeChartTool = defineTool({
  id: 'chargeChart',
  name: 'Charge chart',
  group: 'Refrigerant',
  says: 'Charging chart target at today’s outdoor temperature, read between its rows.',
  care: CARE,
  fields: {
    outdoorF: { kind: 'number', label: 'Outdoors', unit: 'degF', min: -20, max: 130 },
    chartOutdoorF: {
      kind: 'list',
      label: 'Chart outdoor temperatures',
      unit: 'degF',
      min: -20,
      max: 130,
      least: 2,
      most: 12,
    },
    chartAskedF: { kind: 'list', label: 'Chart: targets', unit: 'deltaF', min: 0, max: 40, least: 2, most: 12 },
  },
  solve({ outdoorF, chartOutdoorF, chartAskedF }) {
    const fault = chartFault(chartOutdoorF, chartAskedF);
    if (fault) return refuse('chartOutdoorF', fault);
    const asked = chartAsks(
      chartOutdoorF.map((temp, i) => ({ outdoorF: temp, askedF: chartAskedF[i]! })),
      outdoorF,
    );
    if (asked === undefined)
      return refuse('outdoorF', 'The chart ends before this temperature, so there is no target.');
    return {
      ok: true,
      headline: { label: 'asked', value: asked, unit: 'deltaF', source: 'nameplate' },
      lines: [],
      formula: 'straight between the rows',
      notes: [],
    };
  },
});

/** Fan-cycling set points. @example R-410A, 90 off and 110 on */
const fanCyclingTool = defineTool({
  id: 'fanCycling',
  name: 'Fan cycling in the cold',
  group: 'Refrigerant',
  says: 'Head-pressure control: cut-out and cut-in as refrigerant pressures.',
  care: CARE,
  fields: {
    refrigerant: REFRIGERANT,
    cutOutF: {
      kind: 'number',
      label: 'Fan off, condensing',
      unit: 'degF',
      min: 50,
      max: 120,
      assumed: FAN_CYCLING_F.cutOut,
    },
    cutInF: {
      kind: 'number',
      label: 'Fan on, condensing',
      unit: 'degF',
      min: 55,
      max: 130,
      assumed: FAN_CYCLING_F.cutIn,
    },
    altitudeFt: ALTITUDE,
  },
  solve({ refrigerant, cutOutF, cutInF, altitudeFt }) {
    if (cutInF <= cutOutF) return refuse('cutInF', 'The cut-in must be above the cut-out.');
    const set = fanCyclingPsig(refrigerant, { cutOut: cutOutF, cutIn: cutInF }, altitudeFt);
    if (!set) return refuse('cutInF', 'These temperatures are outside the saturation table.');
    return {
      ok: true,
      headline: { label: 'fan off', value: set.cutOutPsig, unit: 'psig', source: 'computed' },
      lines: [{ label: 'fan on', value: set.cutInPsig, unit: 'psig', source: 'computed' }],
      formula: 'saturation pressure (bubble) of each temperature − barometer',
      notes: coldWeatherFindings({ outdoorF: 60, cutOutF, cutInF }),
    };
  },
});

export const REFRIGERANT_TOOLS = [saturationTool, superheatTool, orificeTool, chargeChartTool, fanCyclingTool] as const;
