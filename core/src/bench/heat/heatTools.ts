import { breakerAmps, elementWatts, heatKit } from '../../call/heat/electric';
import { windingsApartPercent } from '../../call/electrical/windings';
import { defineTool, refuse } from '../../base/forms/tool';

/** Size of a heat kit and its breaker. @example 238 V, 41 and 20.4 A → kit 15 kW */
const heatKitTool = defineTool({
  id: 'heatKit',
  name: 'Heat kit and breaker',
  group: 'Heat',
  says: 'Kit size from volts and amps, circuit by circuit, and the least breaker with the blower on it.',
  care: 'Live work: only qualified people. Breaker and wire defer to local code and a licensed electrician.',
  fields: {
    volts: { kind: 'number', label: 'Volts, heating', unit: 'volts', min: 90, max: 600 },
    circuitAmps: { kind: 'list', label: 'Amps of each circuit', unit: 'amps', min: 0.5, max: 120, least: 1, most: 6 },
    blowerAmps: { kind: 'number', label: 'Blower', unit: 'amps', min: 0, max: 40, assumed: 4 },
    fittedAmps: {
      kind: 'number',
      label: 'Breaker fitted, largest circuit',
      unit: 'amps',
      min: 10,
      max: 200,
      optional: true,
    },
  },
  solve({ volts, circuitAmps, blowerAmps, fittedAmps }) {
    const { watts, namedKw, kitKw } = heatKit(circuitAmps.map((amps) => ({ volts, amps })));
    const most = Math.max(...circuitAmps);
    const least = breakerAmps(most, blowerAmps);
    const notes = [`Named at 240 V: the next kit is ${kitKw} kW.`];
    if (volts < 216)
      notes.push(`At ${Math.round(volts)} V a kit gives ${Math.round(100 * (volts / 240) ** 2)} % of its name.`);
    if (least === undefined) notes.push('Over 100 A with 125 %: more than one circuit is due. A licensed electrician.');
    else if (fittedAmps !== undefined && fittedAmps > least)
      notes.push(
        `Fitted ${fittedAmps} A is larger than ${least} A: a finding for a licensed electrician, with the wire.`,
      );
    else if (fittedAmps !== undefined && fittedAmps < least)
      notes.push(`Fitted ${fittedAmps} A is under ${least} A: it trips, or the wire is small.`);
    return {
      ok: true,
      headline: { label: 'power', value: watts, unit: 'watts', source: 'computed' },
      lines: [
        { label: 'at 240 V', value: 1000 * namedKw, unit: 'watts', source: 'computed' },
        ...(least === undefined
          ? []
          : [{ label: 'least breaker, largest circuit', value: least, unit: 'amps', source: 'computed' } as const]),
      ],
      formula: 'W = Σ V × A; breaker ≥ 1.25 × (heater + blower), next standard size',
      notes,
    };
  },
});

/** An element at other volts. @example 5 kW at 208 V → 3,756 W, 18.1 A */
const elementTool = defineTool({
  id: 'elementVolts',
  name: 'Element at another voltage',
  group: 'Heat',
  says: 'What an element named at 240 V gives and draws at the volts that are there.',
  fields: {
    namedKw: { kind: 'number', label: 'Named, kW at 240 V', unit: 'factor', min: 0.5, max: 40 },
    volts: { kind: 'number', label: 'Volts, heating', unit: 'volts', min: 90, max: 300 },
  },
  solve({ namedKw, volts }) {
    const watts = elementWatts(1000 * namedKw, volts);
    return {
      ok: true,
      headline: { label: 'power', value: watts, unit: 'watts', source: 'computed' },
      lines: [{ label: 'draws', value: watts / volts, unit: 'amps', source: 'computed' }],
      formula: 'W = W at 240 × (V ÷ 240)²',
      notes: [],
    };
  },
});

/** Windings against each other. @example 3.1, 3.2, 3.0 Ω → 3.2 % apart */
export const windingTool = defineTool({
  id: 'windings',
  name: 'Winding check',
  group: 'Electrical',
  says: 'How far three windings lie off their mean, and ohms to ground.',
  care: 'Power locked out and verified dead; capacitor discharged; leads off.',
  fields: {
    ohms: { kind: 'list', label: 'Ohms by pair', unit: 'ohms', min: 0, max: 10_000, least: 3, most: 3 },
    toGround: {
      kind: 'choice',
      label: 'To ground',
      options: [
        { id: 'open', text: 'open' },
        { id: 'reads', text: 'reads' },
      ],
    },
  },
  solve({ ohms, toGround }) {
    const mean = ohms.reduce((sum, one) => sum + one, 0) / ohms.length;
    const apart = windingsApartPercent(ohms);
    if (apart === undefined)
      return refuse('ohms', 'Three times nothing: are the leads on, and the meter on its lowest range?');
    return {
      ok: true,
      headline: { label: 'apart', value: apart, unit: 'percentFine', source: 'computed' },
      lines: [{ label: 'mean', value: mean, unit: 'ohms', source: 'computed' }],
      formula: 'largest off the mean ÷ mean',
      notes: [
        toGround === 'reads'
          ? 'To ground: the motor is bad. No new fuse before it is out.'
          : apart <= 10
            ? 'Within 10 % and open to ground: windings good. An electronic motor that has line and its request: the module.'
            : 'Over 10 % apart: windings bad.',
      ],
    };
  },
});

export const HEAT_TOOLS = [heatKitTool, elementTool] as const;
