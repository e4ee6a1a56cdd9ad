import type { StoreBatch } from './store';

/**
 * Changes that are on the screen and not on disk yet, written down as the page is left: a page that goes takes an unfinished step on disk with
 * it. The next start finishes them.
 */
export interface BegunNote {
  /** Writes down what this page has begun, in its order; nothing clears its part. */
  readonly put: (batches: readonly StoreBatch[]) => void;
  /** What pages left behind, each page's in its order. */
  readonly read: () => readonly StoreBatch[];
  readonly clear: () => void;
}

type Kept = Readonly<Record<string, readonly StoreBatch[]>>;

/** What is kept, where it is of this form: a note that is anything else must not keep the app from starting. */
function keptIn(text: string | null | undefined): Kept {
  const kept: unknown = JSON.parse(text ?? '{}');
  if (typeof kept !== 'object' || kept === null) return {};
  return Object.fromEntries(Object.entries(kept as Kept).filter(([, batches]) => Array.isArray(batches)));
}

/**
 * In the browser's own small store, which takes it while the page goes.
 *
 * @param store the name of the store the changes belong to: another shop's are kept apart
 * @param pageId this page's own: two tabs closed together do not write over each other
 */
export function begunNote(store: string, pageId: string): BegunNote {
  const key = `huff.begun.${store}`;
  const kept = (): Kept => {
    try {
      return keptIn(globalThis.localStorage?.getItem(key));
    } catch {
      return {};
    }
  };
  const keep = (now: Kept) => {
    try {
      if (Object.keys(now).length === 0) globalThis.localStorage?.removeItem(key);
      else globalThis.localStorage?.setItem(key, JSON.stringify(now));
    } catch {
      // A full or a closed store: the step on disk is what counts.
    }
  };
  return {
    put(batches) {
      const now = { ...kept(), [pageId]: batches };
      keep(Object.fromEntries(Object.entries(now).filter(([, begun]) => begun.length > 0)));
    },
    read: () => Object.values(kept()).flat(),
    clear: () => keep({}),
  };
}
