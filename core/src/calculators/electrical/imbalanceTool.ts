import { imbalanceFinding, imbalancePercent, meanOf } from '../../air/drive';
import { defineTool } from '../../base/forms/tool';

/** @example worked example E: 226, 229, 233 V → 1.60 % */
export const imbalanceTool = defineTool({
  id: 'phaseImbalance',
  name: 'Three-phase imbalance',
  group: 'Electrical',
  says: 'Imbalance of three line voltages or currents, and what to do about it.',
  care: 'Live work: qualified people only, with a rated meter and gloves.',
  fields: {
    of: {
      kind: 'choice',
      label: 'Measured',
      options: [
        { id: 'volts', text: 'volts' },
        { id: 'amps', text: 'amps' },
      ],
    },
    one: { kind: 'number', label: 'First', unit: 'count', min: 0, max: 700, above: true },
    two: { kind: 'number', label: 'Second', unit: 'count', min: 0, max: 700, above: true },
    three: { kind: 'number', label: 'Third', unit: 'count', min: 0, max: 700, above: true },
  },
  solve({ of, one, two, three }) {
    const percent = imbalancePercent([one, two, three]);
    return {
      ok: true,
      headline: { label: 'imbalance', value: percent, unit: 'percentFine', source: 'computed' },
      lines: [
        {
          label: 'mean',
          value: meanOf([one, two, three]),
          unit: of === 'volts' ? 'volts' : 'amps',
          source: 'computed',
        },
      ],
      formula: 'imbalance = 100 × largest deviation from the mean ÷ mean',
      notes: [imbalanceFinding(of, percent).sentence],
    };
  },
});
