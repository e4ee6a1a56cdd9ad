import { defineTool, refuse } from '../../base/forms/tool';

/**
 * Airflow from a metering plate in the filter slot: CFM = plate reading × √(normal supply static ÷ static with the plate).
 *
 * @source the supply path's n = 2: flow goes with the root of its pressure
 * @example 1,000 CFM with 0.20 in place of 0.25 → 1,118 CFM
 */
export const flowPlate = defineTool({
  id: 'flowPlate',
  name: 'Flow plate',
  group: 'Airflow',
  says: 'Airflow from a metering plate in the filter slot, corrected for what the plate changed.',
  care: 'Same speed, doors on, dampers as they stand. Read the supply static at the same port with filter and with plate.',
  fields: {
    plateCfm: { kind: 'number', label: 'Flow the plate shows', unit: 'cfm', min: 20, max: 10_000 },
    normalInWc: { kind: 'number', label: 'Supply static, filter in', unit: 'inWc', min: 0, max: 5, above: true },
    plateInWc: { kind: 'number', label: 'Supply static, plate in', unit: 'inWc', min: 0, max: 5, above: true },
  },
  solve(v) {
    const ratio = v.normalInWc / v.plateInWc;
    if (ratio > 4 || ratio < 0.25) {
      return refuse('plateInWc', 'The two statics differ more than fourfold. Read both again at the same port.');
    }
    const flowCfm = v.plateCfm * Math.sqrt(ratio);
    const doubts =
      ratio > 1.6 || ratio < 0.63
        ? ['The plate changed the supply static by more than half: seal its edges and read again.']
        : [];
    return {
      ok: true,
      headline: { label: 'airflow', value: flowCfm, unit: 'cfm', source: 'computed' },
      lines: [{ label: 'correction', value: Math.sqrt(ratio), unit: 'factor', source: 'computed' }],
      formula: 'CFM = plate × √(static with filter ÷ static with plate)',
      notes: doubts,
      flow: { flowCfm, sigmaShare: doubts.length > 0 ? 0.1 : 0.07, doubts },
    };
  },
});
