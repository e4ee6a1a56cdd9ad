import type { ReadingDto, VisitDto } from '@huff/contract';
import type { Db, Query } from '../db/db';
import { moment } from '../db/moment';
import { putLatest } from '../db/putLatest';
import type { Author } from '../http/author';
import { notFound } from '../http/problems';
import { addFacts, factsOf } from './facts';
import { addReadings, readingsOf } from './readings';

/** How many visits the list gives: a week of a busy shop. */
const LIST_LENGTH = 100;

type VisitRow = Omit<VisitDto, 'readings' | 'facts'> & Record<string, unknown>;

const SELECT = `SELECT id, title, unit_id AS "unitId", layout, motor, mode, tons, max_tesp_in_wc AS "maxTespInWc",
    cfm_per_ton AS "cfmPerTon", tap, setup, table_used AS "table", ${moment('started_at')} AS "startedAt",
    ${moment('saved_at')} AS "savedAt"
  FROM visits`;

async function whole(query: Query, shopId: string, rows: readonly VisitRow[]): Promise<VisitDto[]> {
  const ids = rows.map((row) => row.id);
  const readings = await readingsOf(query, shopId, ids);
  const facts = await factsOf(query, shopId, ids);
  return rows.map((row) => ({ ...row, readings: readings.get(row.id) ?? [], facts: facts.get(row.id) ?? [] }));
}

export function visitsOn(db: Db) {
  return {
    /** The newest visits with their readings: each can be shown and judged without asking again. */
    async list({ shopId }: Author): Promise<VisitDto[]> {
      const rows = await db.query<VisitRow>(
        `${SELECT} WHERE shop_id = $1 ORDER BY started_at DESC, id LIMIT ${LIST_LENGTH}`,
        [shopId],
      );
      return whole(db.query, shopId, rows);
    },

    async get({ shopId }: Author, id: string): Promise<VisitDto> {
      const rows = await db.query<VisitRow>(`${SELECT} WHERE shop_id = $1 AND id = $2`, [shopId, id]);
      const [visit] = await whole(db.query, shopId, rows);
      if (!visit) throw notFound('visit');
      return visit;
    },

    /** Writes a visit and adds its new readings and facts, all or nothing. */
    put: (author: Author, visit: VisitDto): Promise<void> =>
      db.transaction(async (query) => {
        await putLatest(query, 'visits', author, {
          id: visit.id,
          savedAt: visit.savedAt,
          columns: {
            started_at: visit.startedAt,
            title: visit.title,
            unit_id: visit.unitId ?? null,
            layout: visit.layout,
            motor: visit.motor,
            mode: visit.mode,
            tons: visit.tons ?? null,
            max_tesp_in_wc: visit.maxTespInWc ?? null,
            cfm_per_ton: visit.cfmPerTon,
            tap: visit.tap ?? null,
            setup: visit.setup ? JSON.stringify(visit.setup) : null,
            table_used: visit.table ? JSON.stringify(visit.table) : null,
          },
        });
        await addReadings(query, author, visit.id, visit.readings);
        await addFacts(query, author, visit.id, visit.facts ?? []);
      }),

    /** Adds one reading to a visit that is here. */
    putReading: (author: Author, visitId: string, reading: ReadingDto): Promise<void> =>
      db.transaction(async (query) => {
        const [visit] = await query('SELECT id FROM visits WHERE id = $1 AND shop_id = $2', [visitId, author.shopId]);
        if (!visit) throw notFound('visit');
        await addReadings(query, author, visitId, [reading]);
      }),
  };
}
