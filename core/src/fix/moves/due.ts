import { causesSeen, looksMendedBy } from '../causes';
import type { System } from '../../air/system';
import { MOVES, moveOf } from './catalogue';
import type { Move, MoveContext } from './move';

/** The moves that mend what was seen wrong and stands: every plan does them, whatever else it does. */
export function dueMoves({ layout, filterPlace, fan }: System, { looks }: MoveContext): Move[] {
  const mending = new Set(causesSeen({ layout, filterPlace, motor: fan.motor }, looks).map((cause) => cause.mendedBy));
  return MOVES.filter((move) => mending.has(move.id));
}

/** What was looked at and is settled by a move: by it, or by any that changes the same thing. */
export function looksSettledBy(moveId: string): string[] {
  const touches = moveOf(moveId)?.touches;
  return [...new Set(MOVES.filter((move) => move.touches === touches).flatMap((move) => looksMendedBy(move.id)))];
}
