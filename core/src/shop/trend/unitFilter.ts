import { filterTrend, type FilterTrend } from './filterTrend';
import type { FiguresAt } from './series';

/**
 * How a unit's filter fills, out of the figures of its visits: compared at the target airflow of its last reading, against the share it had there.
 *
 * @param visits in any order; those at which no filter was read by itself do not count
 * @returns undefined while no filter was read with an airflow and a limit
 * @example unitFilterTrend(visits)?.due // { atMs, sigmaDays }
 */
export function unitFilterTrend(visits: readonly FiguresAt[]): FilterTrend | undefined {
  const read = [...visits]
    .sort((a, b) => a.atMs - b.atMs)
    .flatMap(({ atMs, figures }) => {
      const { filterDropInWc: dropInWc, flowCfm } = figures;
      return dropInWc === undefined || flowCfm === undefined ? [] : [{ atMs, dropInWc, flowCfm, figures }];
    });
  const last = read.at(-1);
  const limitInWc = last?.figures.filterLimitInWc;
  if (!last || limitInWc === undefined) return undefined;
  return filterTrend(read, last.figures.targetCfm ?? last.flowCfm, limitInWc);
}
