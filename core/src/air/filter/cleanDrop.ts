import { faceVelocityFpm, type FilterFacts } from './filter';
import { filterMedia } from './media';

/**
 * Clean drop of filters at an airflow, in. w.c.: a·(v/300)^1.3 with the face velocity v, fpm.
 *
 * @param flowCfm through them all, above 0
 * @returns undefined while their kind is not known
 * @source (J) of `FILTER_MEDIA`
 * @example cleanDropInWc(one 20 × 20 of 1 in. MERV 11, 833) // 0.20: 300 fpm
 */
export function cleanDropInWc(filters: FilterFacts, flowCfm: number): number | undefined {
  const media = filterMedia(filters.media);
  return media && media.dropAt300InWc * Math.pow(faceVelocityFpm(flowCfm, filters) / 300, 1.3);
}
