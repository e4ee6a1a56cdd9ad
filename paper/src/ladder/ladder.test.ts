import fc from 'fast-check';
import { planLadder, type DrawnMark } from './ladderGeometry';
import { drawnGaps, drawnMarks, fieldOfMark } from './ladderMarks';

const mark = (id: string, side: DrawnMark['side'], tempF: number): DrawnMark => ({
  id,
  name: id,
  typed: '°F',
  side,
  tempF,
  usualF: 70,
});

test('labels of one side never lie on each other, and never under the foot', () => {
  const temps = fc.array(fc.integer({ min: -20, max: 160 }), { minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(temps, (list) => {
      const marks = list.map((tempF, i) => mark(`m${i}`, 'outdoor', tempF));
      const { labelAt } = planLadder(marks, [], 360, 560);
      const places = [...labelAt.outdoor.values()].sort((a, b) => a - b);
      expect(places).toHaveLength(list.length);
      for (let i = 1; i < places.length; i += 1) expect(places[i]! - places[i - 1]!).toBeGreaterThanOrEqual(40 - 1e-6);
      expect(places.at(-1)!).toBeLessThanOrEqual(560 - 20 + 1e-6);
    }),
  );
});

test('warmer stands higher, and every mark lies on the scale', () => {
  const { y, ticks, tempOf, sideOf } = planLadder([mark('a', 'outdoor', 112), mark('b', 'indoor', 42)], [], 360, 560);
  expect(y(tempOf('a'))).toBeLessThan(y(tempOf('b')));
  expect(ticks[0]!).toBeLessThanOrEqual(42);
  expect(ticks.at(-1)!).toBeGreaterThanOrEqual(112);
  expect([sideOf('a'), sideOf('b')]).toEqual(['outdoor', 'indoor']);
});

test('marks that were not read stand at their usual place; pressures are typed for bubble and dew', () => {
  expect(drawnMarks(undefined).every(({ tempF }) => tempF === undefined)).toBe(true);
  expect(drawnGaps(undefined)).toEqual([]);
  expect([fieldOfMark('bubble'), fieldOfMark('dew'), fieldOfMark('none')]).toEqual([
    'highPsig',
    'suctionPsig',
    undefined,
  ]);
});
