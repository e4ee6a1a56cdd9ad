import type { TotalStatic } from '../judge';
import { TOTAL_STATIC } from '../readings/totalStatic';
import { checksOf, type Fact } from './facts';

/** The external static that was taken as one reading, the last one. */
export function totalStaticOf(facts: readonly Fact[]): TotalStatic | undefined {
  const last = checksOf(facts).findLast(({ point }) => point === TOTAL_STATIC);
  return last?.value === undefined ? undefined : { id: last.id, staticInWc: last.value };
}
