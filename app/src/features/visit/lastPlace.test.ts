import { keepPlace, lastPlace } from './lastPlace';

const store = new Map<string, string>();
beforeAll(() => {
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: {
      getItem: (key: string) => store.get(key) ?? null,
      setItem: (key: string, value: string) => void store.set(key, value),
    },
  });
});
beforeEach(() => store.clear());

test('each visit has its own place, the last one counts', () => {
  expect(lastPlace('a')).toBeUndefined();
  keepPlace('a', 'look');
  keepPlace('b', 'power');
  keepPlace('a', 'fix');
  expect([lastPlace('a'), lastPlace('b')]).toEqual(['fix', 'power']);
});

test('only the last thirty are kept, and what is unreadable is no place', () => {
  for (let i = 0; i < 31; i += 1) keepPlace(`visit-${i}`, 'look');
  expect([lastPlace('visit-0'), lastPlace('visit-1'), lastPlace('visit-30')]).toEqual([undefined, 'look', 'look']);
  for (const text of ['{', '{"a":1}']) {
    store.set('huff.places', text);
    expect(lastPlace('visit-30')).toBeUndefined();
  }
});
