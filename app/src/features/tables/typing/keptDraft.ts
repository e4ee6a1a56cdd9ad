import type { TableDraft } from './draft';

const KEY = 'huff.tableTyping';

/** A table half typed outlives a reload and a phone in a pocket: it waits here until it is kept or thrown away. */
export function keptDraft(): TableDraft | undefined {
  try {
    const text = globalThis.localStorage?.getItem(KEY);
    const draft = text ? (JSON.parse(text) as TableDraft) : undefined;
    return draft && Array.isArray(draft.rows) && Array.isArray(draft.staticsInWc) ? draft : undefined;
  } catch {
    return undefined;
  }
}

/** @param draft absent to forget it */
export function keepDraft(draft: TableDraft | undefined): void {
  try {
    if (draft) globalThis.localStorage?.setItem(KEY, JSON.stringify(draft));
    else globalThis.localStorage?.removeItem(KEY);
  } catch {
    // A full store is told of elsewhere; typing goes on.
  }
}
