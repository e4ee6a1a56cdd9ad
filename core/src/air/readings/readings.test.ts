import fc from 'fast-check';
import { nextReading } from './nextReading';
import { plausibleStatic } from './plausibility';
import { signedStaticInWc, standingOf, tespFromPlain, type PressureReading } from './pressureReading';
import { LAYOUTS } from '../system';

const asItRuns = { door: 'on', filter: 'in', coil: 'wet' } as const;
const reading = (id: string, port: PressureReading['port'], more: Partial<PressureReading> = {}): PressureReading => ({
  id,
  port,
  staticInWc: -0.3,
  conditions: asItRuns,
  ...more,
});

test('TESP comes out the same from either sign convention', () => {
  expect(tespFromPlain(0.31, 0.27)).toBeCloseTo(0.58, 12);
  expect(tespFromPlain(-0.31, 0.27)).toBeCloseTo(0.58, 12);
  fc.assert(
    fc.property(fc.double({ min: 0, max: 5, noNaN: true }), fc.double({ min: 0, max: 5, noNaN: true }), (r, s) => {
      expect(tespFromPlain(-r, s)).toBe(tespFromPlain(r, s));
      expect(tespFromPlain(r, s)).toBeCloseTo(r + s, 12);
    }),
  );
  expect(Object.is(signedStaticInWc('return', 0), 0)).toBe(true);
});

describe('plausibleStatic', () => {
  test.each([
    ['return', -0.31, { kind: 'plausible' }],
    ['supply', 2, { kind: 'plausible' }],
    ['supply', 2.7, { kind: 'ask', reason: 'tooLarge', suggestedInWc: 0.027 }],
    ['supply', 27, { kind: 'refuse', reason: 'tooLarge', suggestedInWc: 0.27 }],
    ['return', -31, { kind: 'refuse', reason: 'tooLarge', suggestedInWc: -0.31 }],
    ['return', -5, { kind: 'ask', reason: 'tooLarge', suggestedInWc: -0.05 }],
    ['supply', -0.27, { kind: 'ask', reason: 'wrongSign', suggestedInWc: 0.27 }],
    ['return', 0.1, { kind: 'ask', reason: 'wrongSign', suggestedInWc: -0.1 }],
    ['supply', 0, { kind: 'plausible' }],
  ] as const)('%s %d', (side, value, expected) => expect(plausibleStatic(side, value)).toEqual(expected));
});

test('a corrected, door-off, filter-out or repeated reading stays in the log and does not count', () => {
  const standing = standingOf(LAYOUTS.airHandler, [
    reading('a', 'R2'),
    reading('b', 'R2', { replacesId: 'a' }),
    reading('c', 'R2', { conditions: { ...asItRuns, door: 'off' } }),
    reading('d', 'S1', { staticInWc: 0.2 }),
    reading('e', 'S1', { conditions: { ...asItRuns, filter: 'out' } }),
    reading('f', 'S1', { staticInWc: 0.21 }),
    reading('g', 'S2'),
  ]);
  expect(standing.map((s) => [s.reading.id, s.notCounted])).toEqual([
    ['a', 'corrected'],
    ['b', undefined],
    ['c', 'doorOff'],
    ['d', 'repeated'],
    ['e', 'filterOut'],
    ['f', undefined],
    ['g', 'notInLayout'],
  ]);
});

test('the next reading: into the equipment, out of it, then what splits a side, then none', () => {
  const taken: PressureReading[] = [];
  const order: string[] = [];
  for (;;) {
    const next = nextReading(LAYOUTS.furnaceCasedCoil, taken);
    if (!next) break;
    order.push(next.port);
    expect(next.why.length).toBeGreaterThan(10);
    taken.push(reading(next.port, next.port));
  }
  expect(order).toEqual(['R2', 'S1', 'R1', 'S2']);
});
