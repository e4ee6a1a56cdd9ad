import type { VisitDto } from '@huff/contract';
import type { ShopDto } from '@huff/contract/fix';
import type { VisitSummary } from '@huff/contract/spine';
import { JUDGEMENT_VERSION, type ShopRules } from '@huff/core';
import type { KeptItem } from '@huff/core/call';
import type { Logger } from 'pino';
import type { Db, Query } from '../db/db';
import { askFor } from '../jobs/jobs';
import type { Doer } from '../jobs/jobsBeside';
import { keepFilterDue } from './filterDue';
import { judgeVisit, type Judged, type JudgeWork } from './judgeVisit';
import { keepSearchText, keepWords } from './searchText';
import { RESULTS_OF } from './summaries';
import { wholeVisits } from './wholeVisit';

/** How many are read at once: a file of years must not fill the memory. */
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
  readonly shopRules: ShopRules | null;
  readonly mark: string;
  readonly odds: ShopDto['odds'];
}

async function rulesOfShop(query: Query, shopId: string): Promise<ShopsRules> {
  const [row] = await query<{ rules: ShopRules | null; odds: ShopDto['odds']; mark: string }>(
    `SELECT f.rules, f.odds, ${RULES_MARK} AS mark FROM shop_figures f WHERE f.shop_id = $1 AND f.id = $1`,
    [shopId],
  );
  return { shopRules: row?.rules ?? null, mark: row?.mark ?? '', odds: row?.odds };
}

async function keep(
  query: Query,
  shopId: string,
  revision: number,
  mark: string,
  summary: VisitSummary,
): Promise<void> {
  await query(
    `INSERT INTO results (shop_id, visit_id, ${NAMES.join(', ')})
     VALUES ($1, $2, $3, $4, $5, now(), ${COLUMNS.map((_, i) => `$${i + 6}`).join(', ')})
     ON CONFLICT (shop_id, visit_id) DO UPDATE SET ${NAMES.map((name) => `${name} = excluded.${name}`).join(', ')}
     WHERE results.visit_revision <= excluded.visit_revision`,
    [shopId, summary.id, revision, JUDGEMENT_VERSION, mark, ...COLUMNS.map(([, field]) => columnOf(summary[field]))],
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

/** So many take no longer than a few requests. */
const FEW = 3;
/** So long this thread then belongs to requests alone: with two hundred phones there is always somebody who waits. */
const REST_MS = 2000;

/** In this thread, after whatever waits for its turn. */
async function judgeHere(work: JudgeWork): Promise<Judged> {
  await new Promise<void>((go) => setImmediate(go));
  return judgeVisit(work);
}

/** What results are computed with. */
export interface Judging {
  readonly db: Db;
  readonly log: Logger;
  /** Beside the requests, at low priority: for many that nobody waits for. */
  readonly judge: (work: JudgeWork) => Promise<Judged>;
  /** Whether the server is being stopped. */
  readonly isOver: () => boolean;
}

/** Computes what lists say of visits and keeps it, in the order given. A visit that core cannot judge is logged; lists say that it is not judged. */
async function keepResults(
  { db, log, judge }: Pick<Judging, 'db' | 'log' | 'judge'>,
  shopId: string,
  ids: readonly string[],
): Promise<void> {
  const { shopRules, mark, odds } = await rulesOfShop(db.query, shopId);
  const whole = new Map((await wholeVisits(db.query, shopId, ids)).map((one) => [one.record.id, one]));
  const found = new Set<string>();
  for (const id of ids) {
    const kept = whole.get(id);
    if (!kept) continue;
    const { record, revision } = kept;
    const earlier = await leftBefore(db.query, shopId, record);
    const judged = await judge({ record, shopRules, odds, earlier }).catch((error: unknown) =>
      log.error({ err: error, visit: record.id }, 'a visit cannot be judged'),
    );
    if (!judged) continue;
    judged.words.forEach((word) => found.add(word));
    const { summary, searchText } = judged;
    await db.transaction(async (query) => {
      await keep(query, shopId, revision, mark, summary);
      await keepSearchText(query, shopId, id, searchText);
    });
  }
  const unitIds = [...whole.values()].flatMap(({ record }) => record.unitId ?? []);
  await db.transaction(async (query) => {
    await keepWords(query, shopId, [...found]);
    await keepFilterDue(query, shopId, [...new Set(unitIds)]);
  });
}

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
  }
  return [...at].sort(([a, aAt], [b, bAt]) => aAt - bAt || (a < b ? -1 : 1)).map(([id]) => id);
}

/**
 * Computes anew what an older judgement said of a shop's visits, what its former rules said, and what a stop left undone.
 *
 * @param held called between: it takes long
 * @returns how many were computed
 */
export async function refreshResults(
  judging: Judging,
  shopId: string,
  held: () => Promise<void> = () => Promise.resolve(),
): Promise<number> {
  const { db, isOver } = judging;
  let done = 0;
  // What cannot be judged stays due: it is tried once a run.
  // The earliest first: what one leaves, the next carries.
  let last = { startedAt: '-infinity', id: '00000000-0000-0000-0000-000000000000' };
  while (!isOver()) {
    const due = await db.query<{ id: string; startedAt: string }>(
      `SELECT v.id, v.started_at::text AS "startedAt" FROM visits v
       LEFT JOIN results r ON r.shop_id = v.shop_id AND r.visit_id = v.id
       LEFT JOIN shop_figures f ON f.shop_id = v.shop_id AND f.id = v.shop_id
       WHERE v.shop_id = $4 AND (v.started_at, v.id) > ($1::timestamptz, $3::uuid)
         AND (r.visit_id IS NULL OR r.judgement_version <> $2 OR r.visit_revision <> v.revision OR r.rules_mark <> ${RULES_MARK})
       ORDER BY v.started_at, v.id LIMIT ${AT_A_TIME}`,
      [last.startedAt, JUDGEMENT_VERSION, last.id, shopId],
    );
    if (due.length === 0) break;
    await held();
    await keepResults(
      judging,
      shopId,
      due.map(({ id }) => id),
    );
    done += due.length;
    last = due.at(-1)!;
  }
  return done;
}

/** Judges visits that changed, and all of a shop whose rules did, beside the requests that change them. */
export function visitDoers(
  judging: Judging,
  /** Told once results of visits were kept. */
  after: (shopId: string, visitIds: readonly string[]) => Promise<void> = () => Promise.resolve(),
): Readonly<Record<'visit' | 'allVisits', Doer>> {
  const { db, isOver } = judging;
  let restsUntil = 0;
  return {
    visit: {
      work: async (shopId, jobs, held) => {
        const ids = jobs.map(({ subject }) => subject);
        for (const few of some(await withLater(db.query, shopId, ids), AT_A_TIME)) {
          if (isOver()) return;
          await held();
          // Somebody who changed one looks at it next: it does not wait for a thread.
          const isAwaited = few.length <= FEW && jobs.some(({ tell }) => tell) && performance.now() >= restsUntil;
          await keepResults(isAwaited ? { ...judging, judge: judgeHere } : judging, shopId, few);
          if (isAwaited) restsUntil = performance.now() + REST_MS;
        }
        if (isOver()) return;
        const tell = jobs.filter((job) => job.tell).map(({ subject }) => subject);
        if (tell.length > 0) await after(shopId, tell);
      },
    },
    allVisits: {
      work: async (shopId, _jobs, held) => {
        await refreshResults(judging, shopId, held);
        // The embedded database never counts its rows by itself, and plans badly what it has not counted.
        if (!isOver()) await db.query('ANALYZE');
      },
    },
  };
}

/** Asks for all visits of each shop, at a start: what an earlier Huff judged, and what a crash left. */
export async function askForAllVisits(query: Query): Promise<void> {
  for (const { id } of await query<{ id: string }>('SELECT id FROM shops')) await askFor(query, id, 'allVisits', [id]);
}
