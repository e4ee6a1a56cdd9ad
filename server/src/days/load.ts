import type { DueItem, StopDto, UnitDto } from '@huff/contract';
import { siteNeeds, type VisitedUnit } from '@huff/contract/call';
import { loadList, type LoadLine } from '@huff/core/call';
import type { Query } from '../db/db';
import { dueOf } from '../due/due';
import { recordsOf } from '../records/records';
import { lastVisitsOfUnits } from '../visits/summaries';
import { shopStock } from './stock';
import { stopsOf, type Days } from './stops';

/** What is loaded for some days, and what it costs to buy what is short. */
export interface LoadAnswer {
  readonly stops: number;
  readonly currency: string;
  readonly lines: readonly LoadLine[];
}

/** A stop that says so is for the filter, whatever was seen of it last. */
const forFilter = ({ why }: StopDto) => /filter/i.test(why);

/** Stops whose unit was visited that day: what they needed is used. */
async function visitedStops(query: Query, shopId: string, stops: readonly StopDto[]): Promise<ReadonlySet<string>> {
  const rows = await query<{ id: string }>(
    `SELECT t.id FROM stops t WHERE t.shop_id = $1 AND t.id = ANY ($2::uuid[]) AND EXISTS (
       SELECT 1 FROM visits v WHERE v.shop_id = t.shop_id AND v.unit_id = t.unit_id
         AND (v.started_at AT TIME ZONE 'UTC')::date = t.day)`,
    [shopId, stops.map(({ id }) => id)],
  );
  return new Set(rows.map(({ id }) => id));
}

/** The units that stops go to: those that are named, or all of the site. */
async function visitedUnits(query: Query, shopId: string, stops: readonly StopDto[]): Promise<UnitDto[]> {
  const rows = await query<{ id: string }>(
    `SELECT id FROM units WHERE shop_id = $1 AND archived_at IS NULL AND (id = ANY ($2::uuid[]) OR site_id = ANY ($3::uuid[]))`,
    [
      shopId,
      stops.flatMap(({ unitId }) => unitId ?? []),
      stops.flatMap(({ siteId, unitId }) => (unitId ? [] : siteId)),
    ],
  );
  const kept = await recordsOf(
    query,
    'unit',
    shopId,
    rows.map(({ id }) => id),
  );
  return kept.map(({ record }) => record).sort((a, b) => a.name.localeCompare(b.name));
}

/** What the visits of some days need, minus what is on the truck. */
export async function loadOf(query: Query, shopId: string, days: Days): Promise<LoadAnswer> {
  const planned = (await stopsOf(query, shopId, days)).filter(({ doneAt }) => !doneAt);
  const visited = await visitedStops(query, shopId, planned);
  const stops = planned.filter(({ id }) => !visited.has(id));
  const { shop, stock, taken } = await shopStock(query, shopId);
  const units = await visitedUnits(query, shopId, stops);
  const ids = units.map(({ id }) => id);
  const last = new Map((await lastVisitsOfUnits(query, shopId, ids)).map((visit) => [visit.unitId, visit]));
  const due = (await dueOf(query, shopId, ids)).filter(({ on }: DueItem) => on <= days.to);
  const filtersDue = new Set(
    due.flatMap(({ kind, why, unitId }) => (kind === 'filter' || /filter/i.test(why) ? unitId : [])),
  );
  const sites = await recordsOf(query, 'site', shopId, [...new Set(units.map(({ siteId }) => siteId))]);
  const needs = sites
    .map(({ record }) => record)
    .sort((a, b) => a.name.localeCompare(b.name))
    .flatMap((site) =>
      siteNeeds(
        site.name,
        units
          .filter(({ siteId }) => siteId === site.id)
          .map((unit): VisitedUnit => ({
            unit,
            last: last.get(unit.id),
            filterDue:
              filtersDue.has(unit.id) ||
              stops.some(
                (stop) => forFilter(stop) && (stop.unitId ? stop.unitId === unit.id : stop.siteId === site.id),
              ),
          })),
      ),
    );
  return { stops: stops.length, currency: shop.currency, lines: loadList(needs, stock, taken) };
}
