import { mediaWords, RATED_FIELDS, shareOfPlate, withMedia, wouldHelp } from './filterMedia';
import { defineMove } from './move';

/** @source filter manufacturers' sheets: four times the pleats take about half the drop of a one-inch filter of the same face */
export const deeperMedia = defineMove({
  id: 'deeperMedia',
  name: 'Deeper media filter',
  done: 'Installed a deeper filter that lets more air through.',
  touches: 'filterMedia',
  does: 'lowersStatic',
  fields: RATED_FIELDS,
  cautions: ['lockOut', 'sharp'],
  minutes: 75,
  cost: 165,
  applies: (system, context) =>
    wouldHelp(system, shareOfPlate(context, 0.16))
      ? 'More media area has less pressure drop at the same airflow.'
      : undefined,
  defaults: (_system, context) => shareOfPlate(context, 0.16),
  says: mediaWords,
  apply: withMedia,
});
