import type { VisitDto } from '@huff/contract';
import type { Query } from '../db/db';
import { recordsOf, type Kept } from '../records/records';
import { factsOf } from './facts';
import { readingsOf } from './readings';

/** Visits with all that was read and recorded at them, in no order. */
export async function wholeVisits(query: Query, shopId: string, ids: readonly string[]): Promise<Kept<VisitDto>[]> {
  const heads = await recordsOf(query, 'visit', shopId, ids);
  if (heads.length === 0) return [];
  const readings = await readingsOf(query, shopId, ids);
  const facts = await factsOf(query, shopId, ids);
  return heads.map(({ record, revision }) => ({
    record: { ...record, readings: readings.get(record.id) ?? [], facts: facts.get(record.id) ?? [] },
    revision,
  }));
}
