import type { ReadingDto } from '@huff/contract';
import { sameValue } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import { conflict } from '../http/problems';
import type { Author } from '../http/author';
import type { Sender } from '../records/sender';
import { BY_TIME, idsHere, partsByVisit, withOffset, type PartTable, type WithOffset } from './partsByVisit';

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

/** Of readings whose ids are here already: that each is the same. @throws ProblemError 409 when an id stands for another reading */
async function areSame(query: Query, shopId: string, visitId: string, readings: readonly ReadingDto[]): Promise<void> {
  const stored = new Map(
    ((await readingsOf(query, shopId, [visitId])).get(visitId) ?? []).map((reading) => [reading.id, reading]),
  );
  for (const reading of readings) {
    const there = stored.get(reading.id.toLowerCase());
    if (there && sameValue(told(there), told(reading))) continue;
    const message = 'A reading is never changed. Send a new one whose replacesId names this one.';
    throw conflict(message, [{ field: 'record.id', message }]);
  }
}

/**
 * Adds readings to a visit. One that is here already is left as it is.
 *
 * @returns how many are new
 * @throws ProblemError 409 when an id stands for another reading: readings are never changed
 */
export async function addReadings(
  query: Query,
  { shopId, personId }: Author,
  revision: number,
  visitId: string,
  readings: readonly (ReadingDto & WithOffset)[],
): Promise<number> {
  if (readings.length === 0) return 0;
  const added = await query<{ id: string }>(
    `INSERT INTO readings (id, shop_id, written_by, visit_id, quantity, port, value, unit, origin, conditions, taken_at,
       replaces_id, clock_offset_ms, revision, typed_as)
     SELECT r.id, $1, $2, $3, r.quantity, r.port, r.value, r.unit, r.origin, r.conditions, r."takenAt", r."replacesId",
       r."clockOffsetMs", $4, r."typedAs"
     FROM jsonb_to_recordset($5::jsonb) AS r (id uuid, quantity text, port text, value double precision, unit text, origin text,
       conditions jsonb, "takenAt" timestamptz, "replacesId" uuid, "clockOffsetMs" bigint, "typedAs" text)
     ON CONFLICT (shop_id, id) DO NOTHING RETURNING id`,
    [shopId, personId, visitId, revision, JSON.stringify(readings.map(withOffset))],
  );
  const isNew = new Set(added.map(({ id }) => id));
  const others = readings.filter(({ id }) => !isNew.has(id.toLowerCase()));
  if (others.length > 0) await areSame(query, shopId, visitId, others);
  return added.length;
}

/** Adds a reading to a visit, by the clock of who sends it. @returns whether it is new */
export const addReading = async (
  query: Query,
  { author, clockOffsetMs }: Sender,
  revision: number,
  visitId: string,
  reading: ReadingDto,
): Promise<boolean> => (await addReadings(query, author, revision, visitId, [{ ...reading, clockOffsetMs }])) > 0;

/** Those of some readings that are not here. @throws ProblemError 409 when an id stands for another reading */
export async function newReadings(
  query: Query,
  shopId: string,
  visitId: string,
  readings: readonly ReadingDto[],
): Promise<number> {
  const there = await idsHere(query, 'readings', shopId, readings);
  await areSame(
    query,
    shopId,
    visitId,
    readings.filter(({ id }) => there.has(id.toLowerCase())),
  );
  return readings.length - there.size;
}
