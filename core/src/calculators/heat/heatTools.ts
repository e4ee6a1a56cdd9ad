import { breakerAmps, elementWatts, heatKit } from '../../call/heat/electric';
import { windingsApartPercent } from '../../call/electrical/windings';
import { defineTool, refuse } from '../../base/forms/tool';

/** Size of a heat kit and its breaker. @example 238 V, 41 and 20.4 A → kit 15 kW */
const heatKitTool = defineTool({
  id: 'heatKit',
  name: 'Heat kit and breaker',
  group: 'Heat',
  says: 'Heat kit size from volts and amps per circuit, and the smallest breaker with the blower on it.',
  care: 'Live work: qualified people only. Local code and a licensed electrician decide breaker and wire.',
  fields: {
    volts: { kind: 'number', label: 'Volts, heating', unit: 'volts', min: 90, max: 600 },
    circuitAmps: { kind: 'list', label: 'Circuit amps', unit: 'amps', min: 0.5, max: 120, least: 1, most: 6 },
    blowerAmps: { kind: 'number', label: 'Blower', unit: 'amps', min: 0, max: 40, assumed: 4 },
    fittedAmps: {
      kind: 'number',
      label: 'Breaker, largest circuit',
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
    const notes = [`At 240 V, the nearest kit size is ${kitKw} kW.`];
    if (volts < 216)
      notes.push(`At ${Math.round(volts)} V a kit puts out ${Math.round(100 * (volts / 240) ** 2)} % of its rating.`);
    if (least === undefined)
      notes.push('Over 100 A at 125 %: it needs more than one circuit. Call a licensed electrician.');
    else if (fittedAmps !== undefined && fittedAmps > least)
      notes.push(
        `Fitted ${fittedAmps} A is larger than ${least} A. Have a licensed electrician check breaker and wire.`,
      );
    else if (fittedAmps !== undefined && fittedAmps < least)
      notes.push(`Fitted ${fittedAmps} A is under ${least} A: it will trip, or the wire is too small.`);
    return {
      ok: true,
      headline: { label: 'power', value: watts, unit: 'watts', source: 'computed' },
      lines: [
        { label: 'at 240 V', value: 1000 * namedKw, unit: 'watts', source: 'computed' },
        ...(least === undefined
          ? []
          : [{ label: 'smallest breaker', value: least, unit: 'amps', source: 'computed' } as const]),
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
  says: 'Output and amps of a 240 V element at the measured voltage.',
  fields: {
    namedKw: { kind: 'number', label: 'Rated kW', unit: 'factor', min: 0.5, max: 40 },
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
  says: 'Imbalance of three windings, and ohms to ground.',
  care: 'Lock out and verify dead. Discharge the capacitor. Take the leads off.',
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
      return refuse('ohms', 'All three read zero. Are the leads on, and the meter on its lowest range?');
    return {
      ok: true,
      headline: { label: 'apart', value: apart, unit: 'percentFine', source: 'computed' },
      lines: [{ label: 'mean', value: mean, unit: 'ohms', source: 'computed' }],
      formula: 'largest off the mean ÷ mean',
      notes: [
        toGround === 'reads'
          ? 'Grounded: the motor is bad. Replace no fuse before it is out.'
          : apart <= 10
            ? 'Within 10 % and open to ground: windings are good. If an electronic motor has line voltage and a call, the module is bad.'
            : 'Over 10 % apart: windings are bad.',
      ],
    };
  },
});

export const HEAT_TOOLS = [heatKitTool, elementTool] as const;
