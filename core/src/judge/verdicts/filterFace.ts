import {
  faceVelocityFpm,
  filterMedia,
  filterAreaSqFt,
  filterSizeFor,
  filtersNeeded,
  type FilterFacts,
} from '../../air/filter';
import { flowWords, shownWords, flowText } from '../../base/words';
import type { Target } from './target';
import { type Rules, allowsWords, ruleSource } from './rules';
import { wordUnder, type Verdict } from '../../base/verdict/verdict';

/** What would do: more filters of the same size, or one larger in a box. */
function wouldDo(filters: FilterFacts, flowCfm: number, limitFpm: number): string {
  const needed = filtersNeeded(flowCfm, filters, limitFpm);
  const single = filterSizeFor(flowCfm, limitFpm);
  return `${needed} of this size are enough${single ? `, or one ${single[0]} × ${single[1]} in a box` : ''}.`;
}

/**
 * Velocity through the filters at today's airflow against the shop's limit; what would do is sized for the target.
 *
 * @source continuity; the limit is a shop setting, 300 fpm usual
 * @example one 20 × 20 at 940 CFM: 338 fpm, outside of 300
 */
export function judgeFilterFace(
  filters: FilterFacts,
  flowCfm: number,
  target: Target | undefined,
  rules: Rules,
): Verdict {
  const face = faceVelocityFpm(flowCfm, filters);
  // The depth decides: more pleats pass more air at the same face.
  const media = filterMedia(filters.media);
  const limit = media?.mostFpm ?? rules.filterFaceFpm;
  const source = media ? 'ruleOfThumb' : ruleSource(rules, 'filterFaceFpm');
  const word = wordUnder(face, limit, rules.edgeShare);
  const sizedFor = Math.max(target?.flowCfm ?? 0, flowCfm);
  const advice = word === 'outside' ? ` For ${flowWords(sizedFor)} ${wouldDo(filters, sizedFor, limit)}` : '';
  const patch =
    filters.collarIn === undefined
      ? ''
      : ' Only the area under the collar works. A box above the grille frees the rest.';
  return {
    word,
    unit: 'fpm',
    value: face,
    limit: { high: limit, source, name: media ? `face velocity for ${media.text}` : 'face velocity limit' },
    sentence: `${shownWords(face, 'fpm')} through the filter, ${allowsWords(source)} ${flowText(limit)}.${advice}${patch}`,
    working: {
      formula: 'face velocity = airflow ÷ working area',
      inputs: [
        { name: 'airflow', value: flowCfm, unit: 'cfm', source: 'computed' },
        { name: 'working area', value: filterAreaSqFt(filters), unit: 'sqFt', source: 'computed' },
      ],
    },
    readingIds: [],
  };
}
