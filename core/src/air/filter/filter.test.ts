import fc from 'fast-check';
import { FILTER_SIZES_IN, faceVelocityFpm, filterAreaSqFt, filterSizeFor, filtersNeeded } from './filter';

const one = { count: 1, widthIn: 20, heightIn: 20 };

test('area, velocity and count of boxed filters', () => {
  expect(filterAreaSqFt(one)).toBeCloseTo(2.778, 3);
  expect(filterAreaSqFt({ ...one, count: 3 })).toBeCloseTo(8.333, 3);
  expect(faceVelocityFpm(1200, one)).toBeCloseTo(432, 6);
  expect(filtersNeeded(1200, one, 300)).toBe(2);
  expect(filtersNeeded(833.33, one, 300)).toBe(1);
});

test('a bare ceiling grille works on a patch under its collar, never on more than the filter', () => {
  expect(filterAreaSqFt({ ...one, collarIn: 8 })).toBeCloseTo((Math.PI * 144) / 576, 6);
  expect(filterAreaSqFt({ ...one, collarIn: 40 })).toBe(filterAreaSqFt(one));
});

test('the size for a flow is the smallest that will do; past the largest there is none', () => {
  expect(filterSizeFor(1200, 300)).toEqual([24, 24]);
  expect(filterSizeFor(300, 300)).toEqual([12, 12]);
  expect(filterSizeFor(5000, 300)).toBeUndefined();
});

test('what is said to be needed keeps the limit, and one less would not', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 200, max: 6000, noNaN: true }),
      fc.constantFrom(...FILTER_SIZES_IN),
      fc.double({ min: 150, max: 500, noNaN: true }),
      (flow, [widthIn, heightIn], limit) => {
        const filter = { count: 1, widthIn, heightIn };
        const needed = filtersNeeded(flow, filter, limit);
        expect(faceVelocityFpm(flow, { ...filter, count: needed })).toBeLessThanOrEqual(limit * (1 + 1e-6));
        if (needed > 1) expect(faceVelocityFpm(flow, { ...filter, count: needed - 1 })).toBeGreaterThan(limit);
      },
    ),
  );
});
