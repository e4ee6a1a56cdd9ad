import { faceVelocityFpm, filterAreaSqFt, filterSizeFor, filtersNeeded, USUAL_FACE_FPM } from '../../air/filter';
import { defineTool } from '../../base/forms/tool';

/** Face velocity of filters, and the size or count a flow needs. @source continuity: V = Q/A @example 1,200 CFM through one 20 × 20 → 432 fpm, 2 needed at 300 */
export const filterSizing = defineTool({
  id: 'filterSizing',
  name: 'Filter size',
  group: 'Pressure',
  says: 'Filter face velocity against a limit, and the filter area this airflow needs.',
  fields: {
    flowCfm: { kind: 'number', label: 'Airflow', unit: 'cfm', min: 50, max: 60_000 },
    count: { kind: 'number', label: 'Number of filters', unit: 'count', min: 1, max: 60, assumed: 1 },
    widthIn: { kind: 'number', label: 'Width of one', unit: 'in', min: 4, max: 60 },
    heightIn: { kind: 'number', label: 'Height of one', unit: 'in', min: 4, max: 60 },
    limitFpm: {
      kind: 'number',
      label: 'Face velocity limit',
      unit: 'fpm',
      min: 100,
      max: 700,
      assumed: USUAL_FACE_FPM,
    },
    mount: {
      kind: 'choice',
      label: 'Mounted',
      options: [
        { id: 'boxed', text: 'in a box or rack' },
        { id: 'bare', text: 'bare ceiling grille' },
      ],
    },
    collarIn: { kind: 'number', label: 'Duct collar', unit: 'in', min: 4, max: 40 },
  },
  hides: (raw) => (raw.mount === 'bare' ? [] : ['collarIn']),
  solve(v) {
    const filters = {
      count: Math.round(v.count),
      widthIn: v.widthIn,
      heightIn: v.heightIn,
      collarIn: v.mount === 'bare' ? v.collarIn : undefined,
    };
    const face = faceVelocityFpm(v.flowCfm, filters);
    const needed = filtersNeeded(v.flowCfm, filters, v.limitFpm);
    const single = filterSizeFor(v.flowCfm, v.limitFpm);
    const over = face > v.limitFpm;
    return {
      ok: true,
      headline: { label: 'face velocity', value: face, unit: 'fpm', source: 'computed' },
      lines: [
        { label: 'working area', value: filterAreaSqFt(filters), unit: 'sqFt', source: 'computed' },
        { label: 'filters needed', value: needed, unit: 'count', source: 'computed' },
      ],
      formula: 'face velocity = airflow ÷ working area',
      notes: [
        over ? `Over the limit: ${needed} of this size are enough.` : 'Within the limit.',
        ...(over && single ? [`One ${single[0]} × ${single[1]} in a box is enough too.`] : []),
        ...(v.mount === 'bare'
          ? ['Only the round patch under the collar works. A box above the grille puts the whole filter to use.']
          : []),
      ],
    };
  },
});
