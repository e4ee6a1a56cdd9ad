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
  says: 'Airflow from a flow plate in the filter slot, corrected for the change in static.',
  care: 'Same speed, doors on, dampers unchanged. Read supply static at the same port, once with the filter and once with the flow plate.',
  fields: {
    plateCfm: { kind: 'number', label: 'Flow plate reading', unit: 'cfm', min: 20, max: 10_000 },
    normalInWc: { kind: 'number', label: 'Static, filter in', unit: 'inWc', min: 0, max: 5, above: true },
    plateInWc: { kind: 'number', label: 'Static, flow plate', unit: 'inWc', min: 0, max: 5, above: true },
  },
  solve(v) {
    const ratio = v.normalInWc / v.plateInWc;
    if (ratio > 4 || ratio < 0.25) {
      return refuse('plateInWc', 'One static is over four times the other. Measure both again at the same port.');
    }
    const flowCfm = v.plateCfm * Math.sqrt(ratio);
    const doubts =
      ratio > 1.6 || ratio < 0.63
        ? ['The flow plate changed the supply static by more than half. Seal its edges and measure again.']
        : [];
    return {
      ok: true,
      headline: { label: 'airflow', value: flowCfm, unit: 'cfm', source: 'computed' },
      lines: [{ label: 'correction', value: Math.sqrt(ratio), unit: 'factor', source: 'computed' }],
      formula: 'CFM = flow plate × √(static with filter ÷ static with flow plate)',
      notes: doubts,
      flow: { flowCfm, sigmaShare: doubts.length > 0 ? 0.1 : 0.07, doubts },
    };
  },
});
