import type { KnownMark } from '@huff/contract';
import type { VisitSummary } from '@huff/contract/spine';
import type { KeptText } from '@huff/core';
import type { Query } from '../db/db';
import { moment } from '../db/moment';

/** A visit that was not judged yet is in a list all the same, and says so. */
const SUMMARY = `v.id, v.title, v.unit_id AS "unitId", ${moment('v.started_at')} AS "startedAt",
  r.static_in_wc AS "staticInWc", coalesce(r.static_word, 'cantSay') AS "staticWord", r.flow_cfm AS "flowCfm",
  r.flow_sigma_cfm AS "flowSigmaCfm", coalesce(r.flow_word, 'cantSay') AS "flowWord", r.drop_f AS "dropF",
  coalesce(r.drop_word, 'cantSay') AS "dropWord", r.worst_finding AS "worstFinding", r.next_step AS "nextStep",
  coalesce(r.headline, 'Not judged yet') AS headline, r.found, r.figures, r.marks`;
/** Joins a visit, `v`, with what was computed of it, `r`. */
export const RESULTS_OF = 'results r ON r.shop_id = v.shop_id AND r.visit_id = v.id';

type SummaryRow = VisitSummary & Record<string, unknown>;

/** What lists say of visits. A visit that changed since it was computed is left out: whoever has all of it computes it himself. */
export async function summariesOf(query: Query, shopId: string, ids: readonly string[]) {
  const rows = await query<SummaryRow>(
    `WITH r AS MATERIALIZED (SELECT * FROM results WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[]))
     SELECT ${SUMMARY} FROM r JOIN visits v ON v.shop_id = r.shop_id AND v.id = r.visit_id AND v.revision = r.visit_revision
     WHERE v.shop_id = $1 AND v.id = ANY ($2::uuid[])`,
    [shopId, ids],
  );
  return new Map<string, VisitSummary>(rows.map((row) => [row.id, row]));
}

/** Where a page of visits begins: after this one, the newest first. */
export interface PagePlace {
  readonly startedAt: string;
  readonly id: string;
}

/** A page of visits, the newest first. */
export function summaryPage(
  query: Query,
  shopId: string,
  { unitId, after, length }: { readonly unitId?: string; readonly after?: PagePlace; readonly length: number },
): Promise<VisitSummary[]> {
  const params: unknown[] = [shopId, length];
  const also: string[] = [];
  if (unitId !== undefined) also.push(`AND unit_id = $${params.push(unitId)}`);
  if (after)
    also.push(
      `AND (started_at, id) < ($${params.push(after.startedAt)}::timestamptz, $${params.push(after.id)}::uuid)`,
    );
  // First the page, then what is said of it: whatever the database thinks of the sizes of its tables.
  return query<SummaryRow>(
    `SELECT ${SUMMARY} FROM (
       SELECT shop_id, id, title, unit_id, started_at FROM visits
       WHERE shop_id = $1 ${also.join(' ')} ORDER BY started_at DESC, id DESC LIMIT $2
     ) v LEFT JOIN ${RESULTS_OF} ORDER BY v.started_at DESC, v.id DESC`,
    params,
  );
}

/** The last visit of each of some units, in no order. */
export function lastVisitsOfUnits(query: Query, shopId: string, unitIds: readonly string[]): Promise<VisitSummary[]> {
  return query<SummaryRow>(
    `SELECT ${SUMMARY} FROM (
       SELECT DISTINCT ON (unit_id) * FROM visits
       WHERE shop_id = $1 AND unit_id = ANY ($2::uuid[]) ORDER BY unit_id, started_at DESC, id DESC
     ) v LEFT JOIN ${RESULTS_OF}`,
    [shopId, unitIds],
  );
}

/** How a unit stood at its last visit, in a line of a table. */
export interface UnitStand {
  readonly unitId: string;
  readonly visitId: string;
  readonly startedAt: string;
  readonly staticInWc: number | null;
  readonly staticWord: VisitSummary['staticWord'];
  readonly flowCfm: number | null;
  readonly flowWord: VisitSummary['flowWord'];
  readonly headline: KeptText;
  /** Findings that are not settled. */
  readonly open: number;
}

/** How every unit of a shop stood at its last visit, in no order. */
export const unitStands = (query: Query, shopId: string): Promise<UnitStand[]> =>
  query<UnitStand & Record<string, unknown>>(
    `SELECT v.unit_id AS "unitId", v.id AS "visitId", ${moment('v.started_at')} AS "startedAt", r.static_in_wc AS "staticInWc",
       coalesce(r.static_word, 'cantSay') AS "staticWord", r.flow_cfm AS "flowCfm", coalesce(r.flow_word, 'cantSay') AS "flowWord",
       coalesce(r.headline, 'Not judged yet') AS headline,
       coalesce((SELECT count(*) FROM jsonb_array_elements(r.found) f WHERE f->>'outcome' NOT IN ('dealtWith', 'declined')), 0) AS open
     FROM (
       SELECT DISTINCT ON (unit_id) shop_id, id, unit_id, started_at FROM visits
       WHERE shop_id = $1 AND unit_id IS NOT NULL ORDER BY unit_id, started_at DESC, id DESC
     ) v LEFT JOIN ${RESULTS_OF}`,
    [shopId],
  );

/** The last visit of each unit of a site, in no order. */
export function lastVisitsOf(query: Query, shopId: string, siteId: string): Promise<VisitSummary[]> {
  return query<SummaryRow>(
    `SELECT ${SUMMARY} FROM (
       SELECT DISTINCT ON (w.unit_id) w.* FROM visits w JOIN units u ON u.shop_id = w.shop_id AND u.id = w.unit_id
       WHERE w.shop_id = $1 AND u.site_id = $2 ORDER BY w.unit_id, w.started_at DESC, w.id DESC
     ) v LEFT JOIN ${RESULTS_OF}`,
    [shopId, siteId],
  );
}

/** Each check of the units of a site as the visit that last looked at it found it. */
export const knownMarksOf = (query: Query, shopId: string, siteId: string): Promise<KnownMark[]> =>
  query<KnownMark & Record<string, unknown>>(
    `SELECT DISTINCT ON (v.unit_id, m.key) v.unit_id AS "unitId", m.key AS "column", m.value AS word, v.id AS "visitId",
       ${moment('v.started_at')} AS at
     FROM units u JOIN visits v ON v.shop_id = u.shop_id AND v.unit_id = u.id
     JOIN ${RESULTS_OF} CROSS JOIN LATERAL jsonb_each_text(r.marks) m
     WHERE u.shop_id = $1 AND u.site_id = $2 AND jsonb_typeof(r.marks) = 'object'
     ORDER BY v.unit_id, m.key, v.started_at DESC, v.id DESC`,
    [shopId, siteId],
  );
