import { unitFilterTrend, type VisitFigures } from '@huff/core/call';
import type { Query } from '../db/db';
import { moment } from '../db/moment';

/** Visits of before this tell nothing of the filter of now. */
const YEARS_BACK = 2;

/** Computes when the filters of units are due, out of the figures of their visits, and keeps it: lists ask for all units at once. */
export async function keepFilterDue(query: Query, shopId: string, unitIds: readonly string[]): Promise<void> {
  if (unitIds.length === 0) return;
  const rows = await query<{ unitId: string; at: string; figures: VisitFigures }>(
    `SELECT v.unit_id AS "unitId", ${moment('v.started_at')} AS at, r.figures
     FROM visits v JOIN results r ON r.shop_id = v.shop_id AND r.visit_id = v.id
     WHERE v.shop_id = $1 AND v.unit_id = ANY ($2::uuid[]) AND r.figures ? 'filterDropInWc'
       AND v.started_at > now() - make_interval(years => $3)`,
    [shopId, unitIds, YEARS_BACK],
  );
  const due = unitIds.flatMap((unitId) => {
    const figures = rows.filter((row) => row.unitId === unitId);
    const day = unitFilterTrend(figures.map(({ at, figures: read }) => ({ atMs: Date.parse(at), figures: read })))?.due;
    return day
      ? [{ unitId, on: new Date(day.atMs).toISOString().slice(0, 10), sigma: Math.max(1, Math.round(day.sigmaDays)) }]
      : [];
  });
  await query('DELETE FROM unit_filter_due WHERE shop_id = $1 AND unit_id = ANY ($2::uuid[])', [shopId, unitIds]);
  if (due.length === 0) return;
  await query(
    `INSERT INTO unit_filter_due (shop_id, unit_id, due_on, sigma_days)
     SELECT $1, * FROM unnest($2::uuid[], $3::date[], $4::integer[])
     ON CONFLICT (shop_id, unit_id) DO UPDATE SET due_on = excluded.due_on, sigma_days = excluded.sigma_days`,
    [shopId, due.map(({ unitId }) => unitId), due.map(({ on }) => on), due.map(({ sigma }) => sigma)],
  );
}
