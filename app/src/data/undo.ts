import { useSyncExternalStore } from 'react';

/** A change that was just made and can be taken back: by an operation like any other. */
export interface Undoable {
  readonly words: string;
  readonly undo: () => void;
}

let last: Undoable | undefined;
const listeners = new Set<() => void>();

function tell(next: Undoable | undefined): void {
  last = next;
  for (const listener of listeners) listener();
}

/** Offers to take back what was just done; the offer of before it is gone. */
export const offerUndo = (words: string, undo: () => void): void => tell({ words, undo });

export const dismissUndo = (): void => tell(undefined);

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
const lastOne = () => last;
export const useUndoable = (): Undoable | undefined => useSyncExternalStore(subscribe, lastOne, lastOne);
