import type { ReadingDto } from '@huff/contract';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import type { Author } from '../http/author';
import { conflict } from '../http/problems';

export type ReadingRow = ReadingDto & { visitId: string; shopId: string } & Record<string, unknown>;

const SELECT = `SELECT id, quantity, port, value, unit, origin, conditions, ${moment('taken_at')} AS "takenAt",
    replaces_id AS "replacesId", visit_id AS "visitId", shop_id AS "shopId"
  FROM readings`;

const asSent = ({ visitId: _v, shopId: _s, ...reading }: ReadingRow): ReadingDto => reading;

/** The readings of visits, in the order they were taken. */
export async function readingsOf(query: Query, shopId: string, visitIds: readonly string[]) {
  const rows = await query<ReadingRow>(
    `${SELECT} WHERE shop_id = $1 AND visit_id = ANY ($2::uuid[]) ORDER BY taken_at, received_at, id`,
    [shopId, visitIds],
  );
  const byVisit = new Map<string, ReadingDto[]>(visitIds.map((id) => [id, []]));
  for (const row of rows) byVisit.get(row.visitId)?.push(asSent(row));
  return byVisit;
}

/** The same fact, whatever the order of its conditions or the writing of its time. */
function sameFact(a: ReadingDto, b: ReadingDto): boolean {
  const facts = (r: ReadingDto) => [
    r.quantity,
    r.port,
    r.value,
    r.unit,
    r.origin,
    r.conditions.door,
    r.conditions.filter,
    r.conditions.coil,
    r.conditions.minutesRunning ?? null,
    r.conditions.mode ?? null,
    r.conditions.tap ?? null,
    r.conditions.lineVolts ?? null,
    Date.parse(r.takenAt),
    r.replacesId ?? null,
  ];
  return JSON.stringify(facts(a)) === JSON.stringify(facts(b));
}

/**
 * Adds readings to a visit. One that is already here is left as it is; one whose id stands for another fact is refused,
 * since readings are never changed.
 *
 * @throws ProblemError 409 naming the reading
 */
export async function addReadings(
  query: Query,
  { shopId, personId }: Author,
  visitId: string,
  readings: readonly ReadingDto[],
): Promise<void> {
  if (readings.length === 0) return;
  const known = await query<ReadingRow>(`${SELECT} WHERE id = ANY ($1::uuid[])`, [readings.map((r) => r.id)]);
  const byId = new Map(known.map((row) => [row.id, row]));
  for (const [i, reading] of readings.entries()) {
    const stored = byId.get(reading.id.toLowerCase());
    if (!stored) {
      await query(
        `INSERT INTO readings (id, shop_id, written_by, visit_id, quantity, port, value, unit, origin, conditions, taken_at, replaces_id)
         VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12)
         ON CONFLICT (id) DO NOTHING`,
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
        ],
      );
    } else if (stored.shopId !== shopId || stored.visitId !== visitId || !sameFact(stored, reading)) {
      const message = 'A reading is never changed. Send a new one whose replacesId names this one.';
      throw conflict(message, [{ field: `readings[${i}].id`, message }]);
    }
  }
}
