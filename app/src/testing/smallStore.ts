/** The browser's own small store, in memory, while the tests of a file run: what it keeps, by key. */
export function withSmallStore(): Map<string, string> {
  const kept = new Map<string, string>();
  beforeEach(() => {
    kept.clear();
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      value: {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => void kept.set(key, value),
        removeItem: (key: string) => void kept.delete(key),
      },
    });
  });
  afterEach(() => Reflect.deleteProperty(globalThis, 'localStorage'));
  return kept;
}
