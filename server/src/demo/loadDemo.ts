import { assess, partVisit, type UnitDto } from '@huff/contract';
import { provenUnit, unitAfter, type ShopDto } from '@huff/contract/fix';
import {
  fieldsOf,
  headOf,
  type CreateOperation,
  type Operation,
  type PatchOperation,
  type RecordKind,
} from '@huff/contract/spine';
import { checkOperation } from '@huff/contract/sync';
import { proofOf } from '@huff/core/fix';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { v5 as uuidOf } from 'uuid';
import type { Db, Query } from '../db/db';
import { moment } from '../db/moment';
import { DEMO_AUTHOR } from '../http/author';
import { doWithin } from '../sync/doOperation';
import { demoDrills } from './drills';
import { demoId } from './ids';
import { demoShop } from './shop';
import { demoStops } from './stops';
import { DEMO_TABLES } from './tables';
import { DEMO_SITES, DEMO_UNITS } from './units';
import { demoVisits } from './visits';

/** Measured without a table, fixed and proven. */
const PROVEN_UNIT = demoId('unit', 14);

/** The units as they stand now: one keeps what was proven at it. */
function demoUnits(now: Date): UnitDto[] {
  const visit = demoVisits(now).find(({ unitId }) => unitId === PROVEN_UNIT)!;
  const { plan, before, after } = partVisit(visit);
  const proof = plan && after && proofOf(plan.record, assess(before), assess(after));
  const proven = proof && provenUnit(visit, proof, visit.startedAt);
  if (!proven) throw new Error('The demo’s verified unit is not verified.');
  return DEMO_UNITS.map((unit) => (unit.id === PROVEN_UNIT ? unitAfter(unit, after, proven) : unit));
}

/** Operations of the demo have ids of their own, so that loading twice does nothing twice. */
export const DEMO_DEVICE = 'de300000-0000-4000-8000-000000000000';

function creating(of: RecordKind, record: { readonly id: string }, madeAt: string): CreateOperation {
  return { id: uuidOf(`create ${record.id}`, DEMO_DEVICE), kind: 'create', of, recordId: record.id, record, madeAt };
}

/** What the demo's shop sets for itself. */
const setting = (shop: ShopDto, madeAt: string): PatchOperation => ({
  id: uuidOf(`set ${shop.id}`, DEMO_DEVICE),
  kind: 'patch',
  of: 'shop',
  recordId: shop.id,
  base: 0,
  fields: fieldsOf('shop', shop),
  madeAt,
});

/** Everything that is done to make the demo. Units last: the last one shows that all of it is here, also in a folder of an earlier release. */
export function operationsOf(now: Date): Operation[] {
  const madeAt = new Date(now.getTime() - 7 * 86_400_000).toISOString();
  const visits = demoVisits(now).flatMap((visit): Operation[] => [
    creating('visit', headOf(visit), visit.startedAt),
    ...visit.readings.map((record): Operation => ({
      id: uuidOf(record.id, DEMO_DEVICE),
      kind: 'add',
      of: 'reading',
      recordId: visit.id,
      record,
      madeAt: record.takenAt,
    })),
    ...(visit.facts ?? []).map((record): Operation => ({
      id: uuidOf(record.id, DEMO_DEVICE),
      kind: 'add',
      of: 'fact',
      recordId: visit.id,
      record,
      madeAt: record.takenAt,
    })),
  ]);
  return [
    ...visits,
    ...DEMO_TABLES.map((table) => creating('blowerTable', table, madeAt)),
    ...DEMO_SITES.map((site) => creating('site', site, madeAt)),
    setting(demoShop(now), madeAt),
    ...demoDrills(now).map((drill) => creating('drill', drill, drill.doneAt)),
    ...demoStops(now).map((stop) => creating('stop', stop, madeAt)),
    ...demoUnits(now).map((unit) => creating('unit', unit, madeAt)),
  ];
}

/**
 * The moment the demo was begun, where an earlier start was cut off in the middle: a visit begun then is completed with readings of the
 * same day.
 */
async function begunAt(query: Query, now: Date): Promise<Date> {
  const [first] = operationsOf(now);
  const [begun] = await query<{ at: string }>(`SELECT ${moment('made_at')} AS at FROM operations WHERE id = $1`, [
    first!.id,
  ]);
  return begun ? new Date(now.getTime() + Date.parse(begun.at) - Date.parse(first!.madeAt)) : now;
}

/**
 * Loads the demo scenario once, by the same checks as a phone's records: an invented town, with a week of visits before `now`. It is one
 * transaction: a start that is cut off leaves nothing of it. A database that has it all is left alone; one that an earlier release left half
 * loaded is completed.
 *
 * @returns whether anything was loaded
 */
export function loadDemo(db: Db, now: Date): Promise<boolean> {
  return db.transaction(async (query) => {
    const last = DEMO_UNITS.at(-1)!.id;
    const [there] = await query('SELECT id FROM units WHERE id = $1', [last]);
    if (there) return false;
    const operations = operationsOf(await begunAt(query, now));
    const ids = operations.map(({ id }) => id);
    const done = await query<{ id: string }>('SELECT id FROM operations WHERE id = ANY($1)', [ids]);
    const isDone = new Set(done.map(({ id }) => id));
    const sender = { author: DEMO_AUTHOR, device: DEMO_DEVICE, clockOffsetMs: 0 };
    for (const operation of operations) {
      if (isDone.has(operation.id)) continue;
      const checked = checkOperation(operation);
      if (!checked.ok) throw new Error(`Demo data is not valid: ${JSON.stringify(checked.errors)}`);
      const result = await doWithin(query, sender, checked.value);
      if (result.status !== 'done') throw new Error(`Demo data was refused: ${JSON.stringify(result)}`);
      // Requests are answered and signals heard between two operations.
      await nextTurn();
    }
    return true;
  });
}
