import type { DueItem } from '@huff/contract';
import { unitFilterTrend, type VisitFigures } from '@huff/core/call';
import type { Query } from '../db/db';
import { moment } from '../db/moment';

/** Visits of before this tell nothing of the filter of now. */
const YEARS_BACK = 2;

interface UnitPlace {
  readonly unitId: string;
  readonly unit: string;
  readonly siteId: string;
  readonly site: string;
}
const PLACE = `u.id AS "unitId", u.name AS unit, s.id AS "siteId", s.name AS site`;
const OF_UNIT = `JOIN units u ON u.shop_id = v.shop_id AND u.id = v.unit_id AND u.archived_at IS NULL
  JOIN sites s ON s.shop_id = u.shop_id AND s.id = u.site_id AND s.archived_at IS NULL`;

/** Returns that were agreed and not made: the last hand-over of each unit, while no visit came after it. */
async function agreedReturns(query: Query, shopId: string): Promise<DueItem[]> {
  const rows = await query<UnitPlace & { on: string; why: string | null } & Record<string, unknown>>(
    `SELECT * FROM (
       SELECT DISTINCT ON (v.unit_id) ${PLACE}, f.inputs->>'returnOn' AS "on", f.inputs->>'returnFor' AS why, v.shop_id, v.unit_id,
         v.started_at
       FROM facts f JOIN visits v ON v.shop_id = f.shop_id AND v.id = f.visit_id ${OF_UNIT}
       WHERE f.shop_id = $1 AND f.kind = 'handOver'
       ORDER BY v.unit_id, v.started_at DESC, f.taken_at DESC
     ) agreed
     WHERE "on" IS NOT NULL AND NOT EXISTS (
       SELECT 1 FROM visits w WHERE w.shop_id = agreed.shop_id AND w.unit_id = agreed.unit_id AND w.started_at > agreed.started_at)`,
    [shopId],
  );
  return rows.map(({ unitId, unit, siteId, site, on, why }) => ({
    unitId,
    unit,
    siteId,
    site,
    on,
    kind: 'return',
    why: why ?? 'Return',
  }));
}

/** Filters by the unit's own fillings. */
async function filtersDue(query: Query, shopId: string): Promise<DueItem[]> {
  const rows = await query<UnitPlace & { at: string; figures: VisitFigures } & Record<string, unknown>>(
    `SELECT ${PLACE}, ${moment('v.started_at')} AS at, r.figures
     FROM results r JOIN visits v ON v.shop_id = r.shop_id AND v.id = r.visit_id ${OF_UNIT}
     WHERE r.shop_id = $1 AND r.figures ? 'filterDropInWc' AND v.started_at > now() - make_interval(years => $2)
     ORDER BY u.id, v.started_at`,
    [shopId, YEARS_BACK],
  );
  const byUnit = new Map<string, typeof rows>();
  for (const row of rows) byUnit.set(row.unitId, [...(byUnit.get(row.unitId) ?? []), row]);
  return [...byUnit.values()].flatMap((visits): DueItem[] => {
    const { unitId, unit, siteId, site } = visits[0]!;
    const due = unitFilterTrend(visits.map(({ at, figures }) => ({ atMs: Date.parse(at), figures })))?.due;
    if (!due) return [];
    const on = new Date(due.atMs).toISOString().slice(0, 10);
    return [
      {
        unitId,
        unit,
        siteId,
        site,
        on,
        kind: 'filter',
        why: 'Filter',
        sigmaDays: Math.max(1, Math.round(due.sigmaDays)),
      },
    ];
  });
}

/** Everything that is due at the units of a shop, the earliest first. */
export async function dueOf(query: Query, shopId: string): Promise<DueItem[]> {
  const [returns, filters] = [await agreedReturns(query, shopId), await filtersDue(query, shopId)];
  // A return that was agreed for the filter says its day already.
  const agreed = new Set(returns.flatMap(({ unitId, why }) => (/filter/i.test(why) ? [unitId] : [])));
  return [...returns, ...filters.filter(({ unitId }) => !agreed.has(unitId))].sort(
    (a, b) => a.on.localeCompare(b.on) || a.unit.localeCompare(b.unit),
  );
}
