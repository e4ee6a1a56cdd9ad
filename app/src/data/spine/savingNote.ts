/**
 * Which open check is being saved, written down at once: a page that is left in the same moment may take its step on disk with it. Then the note is
 * still there at the next start, and the check is saved from it.
 */
export interface SavingNote {
  readonly put: (visitId: string) => void;
  readonly read: () => string | undefined;
  readonly clear: () => void;
}

const KEY = 'huff.saving';

/** In the browser's own small store, the one that is written in the same task; where there is none nothing is noted. */
export const savingNote: SavingNote = {
  put(visitId) {
    try {
      globalThis.localStorage?.setItem(KEY, visitId);
    } catch {
      // A full or a closed store: the step on disk is what counts.
    }
  },
  read() {
    try {
      return globalThis.localStorage?.getItem(KEY) ?? undefined;
    } catch {
      return undefined;
    }
  },
  clear() {
    try {
      globalThis.localStorage?.removeItem(KEY);
    } catch {
      // As above.
    }
  },
};
