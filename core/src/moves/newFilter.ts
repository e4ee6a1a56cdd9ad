import { mediaWords, RATED_FIELDS, shareOfPlate, withMedia, wouldHelp } from './filterMedia';
import { defineMove, type MoveContext } from './move';
import { seen } from './seen';
import { stretchesOf } from './stages';

const isLoaded = (context: MoveContext) => seen(context, 'filter', ['loaded', 'uneven']);

/** @source field practice: a clean one-inch filter takes about the share a filter may take */
export const newFilter = defineMove({
  id: 'newFilter',
  name: 'Clean or new filter, same kind',
  touches: 'filterMedia',
  mends: 'filter',
  does: 'lowersStatic',
  fields: RATED_FIELDS,
  cautions: ['lockOut'],
  minutes: 10,
  cost: 18,
  applies(system, context) {
    if (isLoaded(context)) return 'It was seen loaded.';
    return wouldHelp(system, shareOfPlate(context, 0.2)) ? 'It takes more than its share.' : undefined;
  },
  isDue: (system, context) => isLoaded(context) && stretchesOf(system, 'filter').length > 0,
  defaults: (_system, context) => shareOfPlate(context, 0.2),
  says: mediaWords,
  apply: withMedia,
});
