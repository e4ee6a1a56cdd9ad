import type { ReadingDto } from '@huff/contract';
import { sameValue } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import { conflict } from '../http/problems';
import { offsetToKeep, type Sender } from '../records/sender';
import { BY_TIME, partsByVisit, type PartTable } from './partsByVisit';

const READINGS: PartTable = {
  table: 'readings',
  fields: {
    id: 'id',
    quantity: 'quantity',
    port: 'port',
    value: 'value',
    unit: 'unit',
    origin: 'origin',
    conditions: 'conditions',
    takenAt: moment('taken_at'),
    replacesId: 'replaces_id',
    clockOffsetMs: 'clock_offset_ms',
    typedAs: 'typed_as',
  },
  order: BY_TIME,
};

type StoredReading = ReadingDto & { clockOffsetMs?: number | null };

const asTold = ({ clockOffsetMs, typedAs, ...reading }: StoredReading): ReadingDto => ({
  ...reading,
  ...(typedAs ? { typedAs } : {}),
  ...(clockOffsetMs ? { clockOffsetMs } : {}),
});

/** The readings of visits, in the order they were taken. @param after only those added since this revision */
export async function readingsOf(query: Query, shopId: string, visitIds: readonly string[], after = -1) {
  const found = await partsByVisit<StoredReading>(query, READINGS, shopId, visitIds, after);
  return new Map<string, ReadingDto[]>([...found].map(([id, readings]) => [id, readings.map(asTold)]));
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
       replaces_id, clock_offset_ms, revision, typed_as)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15)
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
      reading.typedAs ?? null,
    ],
  );
  if (added.length > 0) return true;
  const stored = (await readingsOf(query, shopId, [visitId])).get(visitId)?.find(({ id }) => id === reading.id);
  if (stored && sameValue(told(stored), told(reading))) return false;
  const message = 'A reading is never changed. Send a new one whose replacesId names this one.';
  throw conflict(message, [{ field: 'record.id', message }]);
}
