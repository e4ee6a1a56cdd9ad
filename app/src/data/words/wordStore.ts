import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

interface WordSchema extends DBSchema {
  words: { key: string; value: unknown };
}

/** Beside the spine's store, not in it: what is here can be asked for again, and goes first when room is short. */
const NAME = 'huff-words';

let opened: Promise<IDBPDatabase<WordSchema>> | undefined;

const db = () =>
  (opened ??= openDB<WordSchema>(NAME, 1, {
    upgrade: (made) => void made.createObjectStore('words'),
  }));

/** Storage that is full or switched off: each page asks anew then, and nothing fails for it. */
async function orNothing<T>(work: (store: IDBPDatabase<WordSchema>) => Promise<T>, nothing: T): Promise<T> {
  try {
    return await work(await db());
  } catch {
    return nothing;
  }
}

/** What the server said, by the question it was asked. */
export const wordStore = {
  getItem: (key: string) => orNothing<unknown>((store) => store.get('words', key), undefined),
  setItem: (key: string, word: unknown) => orNothing<unknown>((store) => store.put('words', word, key), undefined),
  clear: () => orNothing<void>((store) => store.clear('words'), undefined),
  removeItem: (key: string) => orNothing<void>((store) => store.delete('words', key), undefined),
  entries: () =>
    orNothing<[string, unknown][]>(async (store) => {
      const { store: words } = store.transaction('words');
      const [keys, values] = await Promise.all([words.getAllKeys(), words.getAll()]);
      return keys.map((key, i) => [key, values[i]]);
    }, []),
};
