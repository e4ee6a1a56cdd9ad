import { summaryOf, type VisitDto } from '@huff/contract';
import { rememberedOf } from '@huff/contract/call';
import type { ShopDto } from '@huff/contract/fix';
import type { VisitSummary } from '@huff/contract/spine';
import { JUDGEMENT_VERSION, rulesOf, type Rules, type ShopRules } from '@huff/core';
import type { KeptItem } from '@huff/core/call';
import type { Logger } from 'pino';
import type { Db, Query } from '../db/db';
import { keepFilterDue } from './filterDue';
import { keepWords, searchTextOf, wordsOf } from './searchText';
import { RESULTS_OF } from './summaries';
import { wholeVisits } from './wholeVisit';

/** How many are computed between two breaths: whatever is due, others are answered meanwhile. */
const AT_A_TIME = 25;
/** A file that was read in brings thousands. */
const SOUGHT_AT_ONCE = 200;

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
  const [row] = await query<{ found: KeptItem[] | null }>(
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

const aBreath = () => new Promise<void>((go) => setImmediate(go));

/** Some of a list at a time. */
function* some<T>(list: readonly T[], length: number): Generator<readonly T[]> {
  for (let from = 0; from < list.length; from += length) yield list.slice(from, from + length);
}

/** Visits with those of their units that came after them, the earliest first: what one leaves, the next carries. */
async function withLater(query: Query, shopId: string, ids: readonly string[]): Promise<string[]> {
  const at = new Map<string, number>();
  for (const few of some(ids, SOUGHT_AT_ONCE)) {
    const rows = await query<{ id: string; at: number }>(
      `SELECT DISTINCT v.id, extract(epoch FROM v.started_at)::float8 AS at FROM visits w
       JOIN visits v ON v.shop_id = $1 AND (v.id = w.id OR (v.unit_id = w.unit_id AND v.started_at > w.started_at))
       WHERE w.shop_id = $1 AND w.id = ANY ($2::uuid[])`,
      [shopId, few],
    );
    for (const row of rows) at.set(row.id, row.at);
    await aBreath();
  }
  return [...at].sort(([a, aAt], [b, bAt]) => aAt - bAt || (a < b ? -1 : 1)).map(([id]) => id);
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
  /** Those that are told of, once they are computed. */
  const told = new Set<string>();
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
        for (const few of some(await withLater(db.query, shopId, [...ids]), AT_A_TIME)) {
          // What is left undone is due at the next start.
          if (isOver()) break;
          await keepResults(db, log, shopId, few);
          await aBreath();
        }
        const tell = [...ids].filter((id) => told.delete(id));
        if (tell.length > 0) await after(shopId, tell);
      }
      await aBreath();
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
  const add = (shopId: string, ids: readonly string[]) => {
    if (ids.length === 0) return;
    const before = due.get(shopId) ?? new Set<string>();
    for (const id of ids) before.add(id);
    due.set(shopId, before);
    start();
  };
  return {
    /** Visits that were made or changed at a phone. */
    add(shopId: string, ids: readonly string[]): void {
      for (const id of ids) told.add(id);
      add(shopId, ids);
    },
    /** Visits that came in a file: they were over long ago, and nobody is told of them. */
    addBrought: add,
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
    await aBreath();
  }
  // The embedded database never counts its rows by itself, and plans badly what it has not counted.
  if (!isOver()) await db.query('ANALYZE');
  return done;
}
