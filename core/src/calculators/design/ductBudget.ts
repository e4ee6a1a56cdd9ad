import { WORKABLE_FRICTION } from '../../air/duct';
import { defineTool, refuse } from '../../base/forms/tool';

/**
 * What is left for the ducts: available static at design flow less the parts, over the effective length.
 *
 * @source residential duct design practice: friction rate = 100 × what is left ÷ total effective length
 * @example 0.50 less 0.30 over 200 ft → 0.10 per 100 ft
 */
export const ductBudget = defineTool({
  id: 'ductBudget',
  name: 'What is left for ducts',
  group: 'Ducts',
  says: 'Friction rate left for ducts: blower static at design airflow minus filter, coil, grilles and dampers.',
  fields: {
    availableInWc: { kind: 'number', label: 'Blower static', unit: 'inWc', min: 0.05, max: 5 },
    filterInWc: { kind: 'number', label: 'Filter', unit: 'inWc', min: 0, max: 3, assumed: 0.1 },
    coilInWc: { kind: 'number', label: 'External coil', unit: 'inWc', min: 0, max: 3, assumed: 0 },
    outletsInWc: { kind: 'number', label: 'Register and grille', unit: 'inWc', min: 0, max: 1, assumed: 0.06 },
    dampersInWc: { kind: 'number', label: 'Dampers', unit: 'inWc', min: 0, max: 1, assumed: 0.03 },
    lengthFt: {
      kind: 'number',
      label: 'Total effective length',
      unit: 'ft',
      min: 10,
      max: 2000,
      hint: 'Longest return plus longest supply, with fittings.',
    },
  },
  solve(v) {
    const left = v.availableInWc - v.filterInWc - v.coilInWc - v.outletsInWc - v.dampersInWc;
    if (left <= 0) {
      return refuse(
        'availableInWc',
        'Nothing is left for ducts: filter, coil and grilles use all of the static. Choose a filter or coil with a lower pressure drop first.',
      );
    }
    const rate = (100 * left) / v.lengthFt;
    return {
      ok: true,
      headline: { label: 'friction rate', value: rate, unit: 'inWcPer100Ft', source: 'computed' },
      lines: [{ label: 'left for ducts', value: left, unit: 'inWc', source: 'computed' }],
      formula: 'rate = 100 × what is left ÷ total effective length',
      notes: [
        rate < WORKABLE_FRICTION.min
          ? `Under ${WORKABLE_FRICTION.min}: ducts that large are hard to build. Shorten them, or choose a filter or coil with a lower pressure drop.`
          : rate > WORKABLE_FRICTION.max
            ? `Over ${WORKABLE_FRICTION.max}: small ducts work, but check velocity and noise.`
            : 'Workable, 0.06 to 0.18.',
      ],
    };
  },
});
