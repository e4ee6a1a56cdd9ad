import { cannot, defineMove, moved } from './move';
import { sectionsOf } from '../../air/system';

/** Filters in series take twice; one of the two goes. */
export const singleFilter = defineMove({
  id: 'singleFilter',
  name: 'Take out the second filter',
  done: 'Removed a second filter that was not needed.',
  touches: 'filterPlace',
  does: 'lowersStatic',
  fields: {
    keep: {
      kind: 'choice',
      label: 'Keep the filter',
      options: [
        { id: 'grille', text: 'at the grilles' },
        { id: 'unit', text: 'at the unit' },
      ],
    },
  },
  cautions: ['lockOut'],
  minutes: 5,
  cost: 0,
  applies: (system) =>
    system.filterPlace === 'both' && sectionsOf(system, 'filter').length > 1
      ? 'There are two filters in series.'
      : undefined,
  defaults: () => ({ keep: 'grille' }),
  says: ({ keep }) => (keep === 'grille' ? 'the one at the unit goes' : 'those at the grilles go'),
  apply(system, { keep }) {
    const filters = sectionsOf(system, 'filter');
    if (filters.length < 2) return cannot('There is only one filter. Keep it in.');
    const gone = keep === 'grille' ? filters[filters.length - 1] : filters[0];
    return moved({
      ...system,
      filterPlace: keep === 'grille' ? 'atGrilles' : 'atUnit',
      path: system.path.filter((section) => section !== gone),
    });
  },
});
