import fc from 'fast-check';
import { dominates, Front, type Burden } from './front';

const burden = fc.record({
  away: fc.integer({ min: 0, max: 6 }),
  tespInWc: fc.integer({ min: 0, max: 6 }),
  minutes: fc.integer({ min: 0, max: 6 }),
  cost: fc.integer({ min: 0, max: 6 }),
  heat: fc.integer({ min: 0, max: 1 }),
  atEnd: fc.integer({ min: 0, max: 1 }),
});
const frontOf = (burdens: readonly Burden[]) => {
  const front = new Front<{ burden: Burden }>();
  for (const one of burdens) if (front.wants(one)) front.add({ burden: one });
  return front.items.map((item) => item.burden);
};
const key = (b: Burden) => JSON.stringify(b);

test('nothing dominates itself, and no two dominate each other', () =>
  fc.assert(
    fc.property(burden, burden, (a, b) => {
      expect(dominates(a, a)).toBe(false);
      expect(dominates(a, b) && dominates(b, a)).toBe(false);
    }),
  ));

test('kept is exactly what nothing offered dominates, each once', () =>
  fc.assert(
    fc.property(fc.array(burden, { maxLength: 60 }), (burdens) => {
      const kept = frontOf(burdens);
      const should = [...new Set(burdens.filter((b) => !burdens.some((a) => dominates(a, b))).map(key))];
      expect(kept.map(key).sort()).toEqual(should.sort());
    }),
  ));

test('the order of offers decides nothing but which of equals', () =>
  fc.assert(
    fc.property(fc.array(burden, { maxLength: 40 }), (burdens) => {
      expect(frontOf(burdens).map(key).sort()).toEqual(
        frontOf([...burdens].reverse())
          .map(key)
          .sort(),
      );
    }),
  ));
