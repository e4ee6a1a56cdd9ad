import { causeOf } from '../../fix/causes';
import type { TimedAct } from '../cabinet';
import type { PracticeCase } from '../cases';

/**
 * Why an answer comes too early, in a sentence; undefined for one that rests on readings.
 *
 * @example charge is named before a static was read: 'Not yet: …'
 */
export function tooEarly(
  { power }: Pick<PracticeCase, 'power'>,
  acts: readonly TimedAct[],
  named: readonly string[],
): string | undefined {
  const told = acts.filter(({ kind }) => kind === 'read' || kind === 'look' || kind === 'meter');
  if (told.length === 0) return 'Not yet: nothing was read or looked at.';
  if (power) return undefined;
  const hasStatic = acts.some((act) => act.kind === 'read' && /^[RS]\d$/.test(act.what));
  const isCharge = named.some((id) => causeOf(id)?.group === 'refrigerant');
  if (isCharge && !hasStatic)
    return 'Not yet: the charge is judged after the air. Read static first; a starved coil looks like a wrong charge.';
  const hasGauges = acts.some((act) => act.kind === 'read' && act.what === 'gauges');
  if (isCharge && !hasGauges) return 'Not yet: nothing was read of the circuit.';
  const isPath = named.some((id) => causeOf(id)?.kind === 'path');
  const isSeen = named.some((id) =>
    causeOf(id)?.shownBy.some(({ item }) => acts.some((act) => act.kind === 'look' && act.item === item)),
  );
  return isPath && !hasStatic && !isSeen
    ? 'Not yet: no static was read. It says on which side the air is held back.'
    : undefined;
}
