import { cleanDropInWc } from '../../air/filter';
import type { System } from '../../air/system';
import { mediaWords, RATED_FIELDS, shareOfPlate, withMedia, wouldHelp } from './filterMedia';
import { defineMove, type MoveContext } from './move';
import { seen } from './seen';

const isLoaded = (context: MoveContext) => seen(context, 'filterLoaded');

/** Clean, of the kind that is in where it is known; else about the share a filter may take. */
const cleanOfKind = (system: System, context: MoveContext) => {
  const flowCfm = context.goal.target.flowCfm;
  const clean = system.filters && cleanDropInWc(system.filters, flowCfm);
  return clean === undefined
    ? shareOfPlate(context, 0.2)
    : { ratedDropInWc: Math.max(0.01, Number(clean.toFixed(3))), ratedFlowCfm: Math.round(flowCfm) };
};

/** @source field practice: a clean one-inch filter takes about the share a filter may take */
export const newFilter = defineMove({
  id: 'newFilter',
  name: 'Clean or new filter, same kind',
  done: 'Replaced the filter.',
  touches: 'filterMedia',
  does: 'lowersStatic',
  fields: RATED_FIELDS,
  cautions: ['lockOut'],
  minutes: 10,
  cost: 18,
  applies(system, context) {
    if (isLoaded(context)) return 'It is loaded.';
    return wouldHelp(system, cleanOfKind(system, context)) ? 'It is over its static budget.' : undefined;
  },
  defaults: cleanOfKind,
  says: mediaWords,
  apply: withMedia,
});
