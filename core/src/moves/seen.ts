import type { MoveContext } from './move';

/** Whether a look found one of these states and nothing was done about it yet. */
export function seen({ looks }: MoveContext, item: string, states: readonly string[]): boolean {
  const look = looks.get(item);
  return look !== undefined && look.outcome !== 'dealtWith' && states.includes(look.state);
}
