import type { DueItem } from '@huff/contract';
import type { LayoutId } from '@huff/core';
import { equipmentOf } from '@huff/core/call';
import type { Query } from '../db/db';
import { moment } from '../db/moment';

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
async function agreedReturns(query: Query, shopId: string, unitIds: readonly string[] | null): Promise<DueItem[]> {
  const rows = await query<UnitPlace & { on: string; why: string | null } & Record<string, unknown>>(
    `SELECT * FROM (
       SELECT DISTINCT ON (v.unit_id) ${PLACE}, f.inputs->>'returnOn' AS "on", f.inputs->>'returnFor' AS why, v.shop_id, v.unit_id,
         v.started_at
       FROM facts f JOIN visits v ON v.shop_id = f.shop_id AND v.id = f.visit_id ${OF_UNIT}
       WHERE f.shop_id = $1 AND f.kind = 'handOver' AND ($2::uuid[] IS NULL OR v.unit_id = ANY ($2))
       ORDER BY v.unit_id, v.started_at DESC, f.taken_at DESC
     ) agreed
     WHERE "on" IS NOT NULL AND NOT EXISTS (
       SELECT 1 FROM visits w WHERE w.shop_id = agreed.shop_id AND w.unit_id = agreed.unit_id AND w.started_at > agreed.started_at)`,
    [shopId, unitIds],
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
async function filtersDue(query: Query, shopId: string, unitIds: readonly string[] | null): Promise<DueItem[]> {
  const rows = await query<UnitPlace & { on: string; sigmaDays: number } & Record<string, unknown>>(
    `SELECT ${PLACE}, to_char(d.due_on, 'YYYY-MM-DD') AS "on", d.sigma_days AS "sigmaDays"
     FROM unit_filter_due d JOIN units u ON u.shop_id = d.shop_id AND u.id = d.unit_id AND u.archived_at IS NULL
     JOIN sites s ON s.shop_id = u.shop_id AND s.id = u.site_id AND s.archived_at IS NULL
     WHERE d.shop_id = $1 AND ($2::uuid[] IS NULL OR d.unit_id = ANY ($2))`,
    [shopId, unitIds],
  );
  return rows.map((row) => ({ ...row, kind: 'filter', why: 'Filter' }));
}

/** Units whose last visit for maintenance is longer ago than their kind goes without one. */
async function seasonsDue(query: Query, shopId: string, unitIds: readonly string[] | null): Promise<DueItem[]> {
  const rows = await query<UnitPlace & { at: string; layout: LayoutId } & Record<string, unknown>>(
    `SELECT DISTINCT ON (u.id) ${PLACE}, u.layout, ${moment('v.started_at')} AS at
     FROM facts f JOIN visits v ON v.shop_id = f.shop_id AND v.id = f.visit_id ${OF_UNIT}
     WHERE f.shop_id = $1 AND f.kind = 'check' AND f.inputs->>'state' = 'maintenance' AND f.inputs->>'point' = 'complaint'
       AND ($2::uuid[] IS NULL OR v.unit_id = ANY ($2))
     ORDER BY u.id, v.started_at DESC`,
    [shopId, unitIds],
  );
  return rows.map(({ unitId, unit, siteId, site, at, layout }) => {
    const on = new Date(at);
    on.setUTCMonth(on.getUTCMonth() + equipmentOf(layout).intervalMonths);
    return { unitId, unit, siteId, site, on: on.toISOString().slice(0, 10), kind: 'season', why: 'Maintenance' };
  });
}

/** Everything that is due at the units of a shop, the earliest first. @param unitIds only those; absent: all */
export async function dueOf(
  query: Query,
  shopId: string,
  unitIds: readonly string[] | null = null,
): Promise<DueItem[]> {
  const returns = await agreedReturns(query, shopId, unitIds);
  const filters = await filtersDue(query, shopId, unitIds);
  const seasons = await seasonsDue(query, shopId, unitIds);
  // A return that was agreed for the filter says its day already.
  const agreed = new Set(returns.flatMap(({ unitId, why }) => (/filter/i.test(why) ? [unitId] : [])));
  const returning = new Set(returns.map(({ unitId }) => unitId));
  return [
    ...returns,
    ...filters.filter(({ unitId }) => !agreed.has(unitId)),
    // Whoever comes back anyway plans the rest then.
    ...seasons.filter(({ unitId }) => !returning.has(unitId)),
  ].sort((a, b) => a.on.localeCompare(b.on) || a.unit.localeCompare(b.unit));
}
