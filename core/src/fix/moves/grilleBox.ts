import { filterAreaSqFt } from '../../air/filter';
import { percentText } from '../../base/words';
import { cannot, defineMove, moved } from './move';
import { scaled, sectionsOf, withStage } from '../../air/system';

/** @source continuity: a filter's drop goes with its face velocity to the power of its medium */
export const grilleBox = defineMove({
  id: 'grilleBox',
  name: 'Box above the ceiling filter grille',
  done: 'Added a box above the filter grille, so the whole filter works.',
  touches: 'grilleBox',
  does: 'lowersStatic',
  fields: {},
  cautions: ['ladder', 'sharp', 'ductCode'],
  minutes: 120,
  cost: 140,
  applies: (system) =>
    system.filters?.collarIn !== undefined && sectionsOf(system, 'filter').length > 0
      ? 'Only the area under the collar works.'
      : undefined,
  defaults: () => ({}),
  says(_values, { filters }) {
    if (!filters) return 'frees the whole face';
    const share = filterAreaSqFt(filters) / filterAreaSqFt({ ...filters, collarIn: undefined });
    return `frees the whole face; now only ${percentText(share)} works`;
  },
  apply(system) {
    const { filters } = system;
    if (filters?.collarIn === undefined)
      return cannot('There is no bare ceiling grille, or its collar size is missing.');
    const open = { ...filters, collarIn: undefined };
    const ratio = filterAreaSqFt(filters) / filterAreaSqFt(open);
    // The first filter on the way is the one at the grille.
    const freed = withStage(system, 'filter', (r, place) => (place === 0 ? scaled(r, Math.pow(ratio, r.exponent)) : r));
    return moved({ ...freed, filters: open });
  },
});
