import type { TotalStatic } from '../../judge/verdicts';
import { TOTAL_STATIC_POINT } from '../../call/checks/totalStatic';
import { checksOf, type Fact } from '../../call/facts';

/**
 * The external static that was read as one figure, in. w.c., 0.01 to 5: the last one; undefined where none was read or it was taken back.
 *
 * @source both hoses on one manometer read the difference of the two plenums, which is the external static
 * @example totalStaticOf([{ id: 'a', kind: 'check', inputs: { point: 'totalStatic', value: 0.58 } }]) // { id: 'a', staticInWc: 0.58 }
 */
export function totalStaticOf(facts: readonly Fact[]): TotalStatic | undefined {
  const last = checksOf(facts).findLast(({ point }) => point === TOTAL_STATIC_POINT.id);
  return last?.value === undefined ? undefined : { id: last.id, staticInWc: last.value };
}
