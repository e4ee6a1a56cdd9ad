import { flowNow } from './filterMedia';
import { dropAt } from '../../air/path';
import type { System } from '../../air/system';
import { inputFaults, soundInputs, type RawInputs } from '../../base/forms';
import { MOVES, moveOf } from './catalogue';
import type { Move } from './move';

/** A move with what was typed for it. */
export interface ChosenMove {
  readonly id: string;
  readonly inputs: RawInputs;
  /** It fixes what was seen, and is done whatever the model makes of it: where nothing shows what it brings, it changes nothing. */
  readonly asSeen?: true;
}

/** What a shop takes for a move instead of the usual. */
export type MoveFigures = Readonly<Record<string, { readonly minutes: number; readonly cost: number }>>;

export type Applied =
  | { readonly ok: true; readonly system: System }
  | { readonly ok: false; readonly moveId: string; readonly field?: string; readonly why: string };

/** The place of each move: they are applied in this order, whatever order they were chosen in. */
const place = (id: string) => MOVES.findIndex((move) => move.id === id);

/**
 * Two moves that cannot be done together, in words; undefined when all agree.
 * @example contradiction(['newFilter', 'deeperMedia']) // both change the filter's medium
 */
export function contradiction(ids: readonly string[]): string | undefined {
  const seen = new Map<string, Move>();
  for (const move of ids.map(moveOf)) {
    if (!move) continue;
    const other = seen.get(move.touches);
    if (other) return `“${other.name}” and “${move.name}” change the same thing. Choose one of them.`;
    seen.set(move.touches, move);
  }
  return undefined;
}

/**
 * Moves done to a system, in the order of the list of moves.
 *
 * @returns the changed system, or the first move that cannot be done and why: an answer, not an error
 */
export function applyMoves(system: System, chosen: readonly ChosenMove[]): Applied {
  const clash = contradiction(chosen.map((one) => one.id));
  if (clash) return { ok: false, moveId: chosen.at(-1)!.id, why: clash };
  let current = system;
  for (const { id, inputs, asSeen } of [...chosen].sort((a, b) => place(a.id) - place(b.id))) {
    const move = moveOf(id);
    if (!move) return { ok: false, moveId: id, why: 'Huff does not know this fix.' };
    const [fault] = inputFaults(move, inputs);
    if (fault) return { ok: false, moveId: id, field: fault.field, why: fault.message };
    const result = move.apply(current, soundInputs(move, inputs));
    if (asSeen && (!result.ok || costsByAnAssumedShare(current, result.system))) continue;
    if (!result.ok) return { ok: false, moveId: id, field: result.field, why: result.why };
    current = result.system;
  }
  return { ok: true, system: current };
}

/** A share that was only taken says nothing against what was seen: the fix costs no air, what it brings is not known. */
function costsByAnAssumedShare(before: System, after: System): boolean {
  const flowCfm = flowNow(before);
  return before.path.some(({ assumed, resistance }, i) => {
    const then = after.path[i];
    return (
      assumed !== undefined && then !== undefined && dropAt(then.resistance, flowCfm) > dropAt(resistance, flowCfm)
    );
  });
}

/** Minutes and money of moves, by the shop's figures where it has them. Work that is done in one go is summed all the same. */
export function effortOf(ids: readonly string[], figures: MoveFigures = {}): { minutes: number; cost: number } {
  const sum = { minutes: 0, cost: 0 };
  for (const id of ids) {
    const own = figures[id] ?? moveOf(id);
    sum.minutes += own?.minutes ?? 0;
    sum.cost += own?.cost ?? 0;
  }
  return sum;
}
