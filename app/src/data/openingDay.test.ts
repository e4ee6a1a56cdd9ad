import { keepDay, keptDay } from './openingDay';

const visit = (id: string) => ({
  id,
  title: `Quay library, ${id}`,
  startedAt: '2026-05-12T09:00:00Z',
  headline: 'On tap 3',
});

beforeEach(() => {
  const kept = new Map<string, string>();
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, text: string) => void kept.set(key, text),
    },
  });
});

test('the first visits of the day are there at the next opening, without what else a summary holds', () => {
  keepDay(Array.from({ length: 12 }, (_, i) => ({ ...visit(`unit ${i}`), flowCfm: 940 })));
  const kept = keptDay();
  expect(kept).toHaveLength(8);
  expect(kept[0]).toEqual(visit('unit 0'));
});

test('what is odd there is passed over, and a browser that keeps nothing opens without', () => {
  localStorage.setItem('huff.day', JSON.stringify([visit('a'), null, { id: 3 }, 'b']));
  expect(keptDay()).toEqual([visit('a')]);
  localStorage.setItem('huff.day', '{"visits": tr');
  expect(keptDay()).toEqual([]);
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    get: () => {
      throw new Error('switched off');
    },
  });
  expect(() => keepDay([visit('a')])).not.toThrow();
  expect(keptDay()).toEqual([]);
});
