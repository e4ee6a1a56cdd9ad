import { summaryOf, type VisitDto } from '@huff/contract';
import { rememberedOf } from '@huff/contract/call';
import type { ShopDto } from '@huff/contract/fix';
import type { VisitSummary } from '@huff/contract/spine';
import { JUDGEMENT_VERSION, rulesOf, type Rules, type ShopRules } from '@huff/core';
import type { CarriedItem } from '@huff/core/call';
import type { Logger } from 'pino';
import type { Db, Query } from '../db/db';
import { keepFilterDue } from './filterDue';
import { keepWords, searchTextOf, wordsOf } from './searchText';
import { RESULTS_OF } from './summaries';
import { wholeVisits } from './wholeVisit';

/** How many are computed between two breaths when all of them are due. */
const AT_A_TIME = 25;

const COLUMNS: readonly (readonly [column: string, field: keyof VisitSummary])[] = [
  ['static_in_wc', 'staticInWc'],
  ['static_word', 'staticWord'],
  ['flow_cfm', 'flowCfm'],
  ['flow_sigma_cfm', 'flowSigmaCfm'],
  ['flow_word', 'flowWord'],
  ['drop_f', 'dropF'],
  ['drop_word', 'dropWord'],
  ['worst_finding', 'worstFinding'],
  ['next_step', 'nextStep'],
  ['headline', 'headline'],
  ['found', 'found'],
  ['figures', 'figures'],
  ['marks', 'marks'],
];
const NAMES = [
  'search_text',
  'visit_revision',
  'judgement_version',
  'rules_mark',
  'computed_at',
  ...COLUMNS.map(([column]) => column),
];

/** A mark of a shop's rules and odds: another mark, others. Blank while it has set none. */
const RULES_MARK = `coalesce(md5(f.rules::text || coalesce(f.odds::text, '')), '')`;

const columnOf = (value: unknown) => (typeof value === 'object' && value !== null ? JSON.stringify(value) : value);

interface ShopsRules {
  readonly rules: Rules;
  readonly mark: string;
  readonly odds: ShopDto['odds'];
}

async function rulesOfShop(query: Query, shopId: string): Promise<ShopsRules> {
  const [row] = await query<{ rules: ShopRules | null; odds: ShopDto['odds']; mark: string }>(
    `SELECT f.rules, f.odds, ${RULES_MARK} AS mark FROM shop_figures f WHERE f.shop_id = $1 AND f.id = $1`,
    [shopId],
  );
  return { rules: rulesOf(row?.rules), mark: row?.mark ?? '', odds: row?.odds };
}

async function keep(
  query: Query,
  shopId: string,
  revision: number,
  mark: string,
  summary: VisitSummary,
  searchText: string,
): Promise<void> {
  await query(
    `INSERT INTO results (shop_id, visit_id, ${NAMES.join(', ')})
     VALUES ($1, $2, $3, $4, $5, $6, now(), ${COLUMNS.map((_, i) => `$${i + 7}`).join(', ')})
     ON CONFLICT (shop_id, visit_id) DO UPDATE SET ${NAMES.map((name) => `${name} = excluded.${name}`).join(', ')}
     WHERE results.visit_revision <= excluded.visit_revision`,
    [
      shopId,
      summary.id,
      searchText,
      revision,
      JUDGEMENT_VERSION,
      mark,
      ...COLUMNS.map(([, field]) => columnOf(summary[field])),
    ],
  );
}

/** What the unit's visit before this one left. */
export async function leftBefore(query: Query, shopId: string, { id, unitId, startedAt }: VisitDto) {
  if (!unitId) return [];
  const [row] = await query<{ found: CarriedItem[] | null }>(
    `SELECT r.found FROM visits v JOIN ${RESULTS_OF}
     WHERE v.shop_id = $1 AND v.unit_id = $2 AND v.id <> $3 AND v.started_at < $4::timestamptz
     ORDER BY v.started_at DESC, v.id DESC LIMIT 1`,
    [shopId, unitId, id, startedAt],
  );
  return row?.found ?? [];
}

/** Computes what lists say of visits and keeps it, in the order given. A visit that core cannot judge is logged; lists say that it is not judged. */
export async function keepResults(db: Db, log: Logger, shopId: string, ids: readonly string[]): Promise<void> {
  const { rules, mark, odds } = await rulesOfShop(db.query, shopId);
  const whole = new Map((await wholeVisits(db.query, shopId, ids)).map((one) => [one.record.id, one]));
  const words = new Set<string>();
  for (const id of ids) {
    const kept = whole.get(id);
    if (!kept) continue;
    const { record, revision } = kept;
    try {
      const earlier = await leftBefore(db.query, shopId, record);
      const remembered = rememberedOf(record, { rules, odds, earlier });
      const text = searchTextOf(record, remembered.found);
      wordsOf(text).forEach((word) => words.add(word));
      await keep(db.query, shopId, revision, mark, { ...summaryOf(record, rules), ...remembered }, text);
    } catch (error) {
      log.error({ err: error, visit: record.id }, 'a visit cannot be judged');
    }
  }
  await keepWords(db.query, shopId, [...words]);
  const unitIds = [...whole.values()].flatMap(({ record }) => record.unitId ?? []);
  await keepFilterDue(db.query, shopId, [...new Set(unitIds)]);
}

/** Visits with those of their units that came after them, the earliest first: what one leaves, the next carries. */
async function withLater(query: Query, shopId: string, ids: readonly string[]): Promise<string[]> {
  const rows = await query<{ id: string }>(
    `SELECT v.id FROM visits v WHERE v.shop_id = $1 AND (v.id = ANY ($2::uuid[]) OR EXISTS (
       SELECT 1 FROM visits w WHERE w.shop_id = $1 AND w.id = ANY ($2::uuid[]) AND w.unit_id = v.unit_id
         AND w.started_at < v.started_at))
     ORDER BY v.started_at, v.id`,
    [shopId, ids],
  );
  return rows.map(({ id }) => id);
}

/** Computes results beside the requests that change visits: a visit changed several times meanwhile is computed once. */
export function resultsBeside(
  db: Db,
  log: Logger,
  isOver: () => boolean = () => false,
  /** Told once results of visits were kept. */
  after: (shopId: string, visitIds: readonly string[]) => Promise<void> = () => Promise.resolve(),
) {
  const due = new Map<string, Set<string>>();
  let running: Promise<void> | undefined;
  let rulesChanged = false;
  const run = async () => {
    while (due.size > 0 || rulesChanged) {
      if (rulesChanged) {
        rulesChanged = false;
        await refreshResults(db, log, isOver);
      }
      const all = [...due];
      due.clear();
      for (const [shopId, ids] of all) {
        await keepResults(db, log, shopId, await withLater(db.query, shopId, [...ids]));
        await after(shopId, [...ids]);
      }
      await new Promise<void>((go) => setImmediate(go));
    }
    running = undefined;
  };
  const start = () => {
    // What fails here is due at the next start.
    running ??= run().catch((error: unknown) => {
      running = undefined;
      log.error({ err: error }, 'results were not kept');
    });
  };
  return {
    add(shopId: string, ids: readonly string[]): void {
      if (ids.length === 0) return;
      due.set(shopId, new Set([...(due.get(shopId) ?? []), ...ids]));
      start();
    },
    /** A shop judges by other figures now: what its lists say is judged anew. */
    judgeAnew(): void {
      rulesChanged = true;
      start();
    },
    /** Until nothing is due. */
    settled: async (): Promise<void> => {
      while (running) await running;
    },
  };
}

export type ResultsBeside = ReturnType<typeof resultsBeside>;

/**
 * Computes anew what an older judgement said, and what a stop in the middle left undone. Other requests are answered between.
 *
 * @returns how many were computed
 */
export async function refreshResults(db: Db, log: Logger, isOver: () => boolean = () => false): Promise<number> {
  let done = 0;
  // What cannot be judged stays due: it is tried once a start.
  // The earliest first: what one leaves, the next carries.
  let last = { startedAt: '-infinity', id: '00000000-0000-0000-0000-000000000000' };
  while (!isOver()) {
    const due = await db.query<{ shopId: string; id: string; startedAt: string }>(
      `SELECT v.shop_id AS "shopId", v.id, v.started_at::text AS "startedAt" FROM visits v
       LEFT JOIN results r ON r.shop_id = v.shop_id AND r.visit_id = v.id
       LEFT JOIN shop_figures f ON f.shop_id = v.shop_id AND f.id = v.shop_id
       WHERE (v.started_at, v.id) > ($1::timestamptz, $3::uuid) AND (r.visit_id IS NULL OR r.judgement_version <> $2 OR r.visit_revision <> v.revision
         OR r.rules_mark <> ${RULES_MARK})
       ORDER BY v.started_at, v.id LIMIT ${AT_A_TIME}`,
      [last.startedAt, JUDGEMENT_VERSION, last.id],
    );
    if (due.length === 0) break;
    for (const shopId of new Set(due.map((one) => one.shopId)))
      await keepResults(
        db,
        log,
        shopId,
        due.filter((one) => one.shopId === shopId).map(({ id }) => id),
      );
    done += due.length;
    last = due.at(-1)!;
    await new Promise<void>((go) => setImmediate(go));
  }
  // The embedded database never counts its rows by itself, and plans badly what it has not counted.
  if (!isOver()) await db.query('ANALYZE');
  return done;
}
