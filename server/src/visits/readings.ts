import type { ReadingDto } from '@huff/contract';
import { sameValue } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import { conflict } from '../http/problems';
import { offsetToKeep, type Sender } from '../records/sender';

type ReadingRow = ReadingDto & { visitId: string } & Record<string, unknown>;

const SELECT = `SELECT id, quantity, port, value, unit, origin, conditions, ${moment('taken_at')} AS "takenAt",
    replaces_id AS "replacesId", clock_offset_ms AS "clockOffsetMs", visit_id AS "visitId"
  FROM readings`;

const asSent = ({ visitId: _v, clockOffsetMs, ...reading }: ReadingRow): ReadingDto => ({
  ...reading,
  ...(clockOffsetMs ? { clockOffsetMs } : {}),
});

/** The readings of visits, in the order they were taken. @param after only those added since this revision */
export async function readingsOf(query: Query, shopId: string, visitIds: readonly string[], after = -1) {
  const rows = await query<ReadingRow>(
    `${SELECT} WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[]) AND revision > $3
     ORDER BY taken_at, received_at, id`,
    [shopId, visitIds, after],
  );
  const byVisit = new Map<string, ReadingDto[]>(visitIds.map((id) => [id, []]));
  for (const row of rows) byVisit.get(row.visitId)?.push(asSent(row));
  return byVisit;
}

/** What makes two readings the same: not how their times are written, nor whose clock was off. */
const told = ({ takenAt, clockOffsetMs: _c, ...reading }: ReadingDto) => ({
  ...reading,
  replacesId: reading.replacesId?.toLowerCase(),
  takenAt: Date.parse(takenAt),
});

/**
 * Adds a reading to a visit. One that is here already is left as it is.
 *
 * @returns whether it is new
 * @throws ProblemError 409 when its id stands for another reading: readings are never changed
 */
export async function addReading(
  query: Query,
  sender: Sender,
  revision: number,
  visitId: string,
  reading: ReadingDto,
): Promise<boolean> {
  const { shopId, personId } = sender.author;
  const added = await query(
    `INSERT INTO readings (id, shop_id, written_by, visit_id, quantity, port, value, unit, origin, conditions, taken_at,
       replaces_id, clock_offset_ms, revision)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14)
     ON CONFLICT (shop_id, id) DO NOTHING RETURNING id`,
    [
      reading.id,
      shopId,
      personId,
      visitId,
      reading.quantity,
      reading.port,
      reading.value,
      reading.unit,
      reading.origin,
      JSON.stringify(reading.conditions),
      reading.takenAt,
      reading.replacesId ?? null,
      offsetToKeep(sender),
      revision,
    ],
  );
  if (added.length > 0) return true;
  const [stored] = await query<ReadingRow>(`${SELECT} WHERE shop_id = $1 AND id = $2`, [shopId, reading.id]);
  if (stored && stored.visitId === visitId && sameValue(told(asSent(stored)), told(reading))) return false;
  const message = 'A reading is never changed. Send a new one whose replacesId names this one.';
  throw conflict(message, [{ field: 'record.id', message }]);
}
