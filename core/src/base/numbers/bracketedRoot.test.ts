import fc from 'fast-check';
import { bracketedRoot } from './bracketedRoot';

describe('bracketedRoot', () => {
  test('finds a known root, also at an end', () => {
    expect(bracketedRoot((x) => x * x - 2, 1, 2)).toBeCloseTo(Math.SQRT2, 11);
    expect(bracketedRoot((x) => x, 0, 5)).toBe(0);
    expect(bracketedRoot((x) => x - 5, 0, 5)).toBe(5);
  });

  test('stays in the bracket and calls little on bent curves', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.95, noNaN: true }), fc.constantFrom(1, 1.3, 1.8, 2, 6), (r, n) => {
        let calls = 0;
        const x = bracketedRoot((v) => ((calls += 1), Math.pow(v, n) - Math.pow(r, n)), 0, 1);
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(1);
        expect(Math.pow(x, n)).toBeCloseTo(Math.pow(r, n), 9);
        // never worse than bisection to 1e-12 (40 halvings), its two ends and one step
        expect(calls).toBeLessThanOrEqual(43);
      }),
    );
  });

  test('says so when the ends do not bracket a root', () => {
    expect(() => bracketedRoot((x) => x + 10, 0, 1)).toThrow('either side of the root');
  });
});
