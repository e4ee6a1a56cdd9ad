import { moistAir } from '../moistAir';
import { predictCoil } from '../coil';
import { circuitPoint, SOUND_CIRCUIT, type CircuitState, type Metering } from './refrigerationModel';

const entering = moistAir(75, { wetBulbF: 62.5 });
const run = (state: Partial<CircuitState>, cfmPerTon = 400, outdoorF = 95) =>
  circuitPoint({ ...SOUND_CIRCUIT, ...state }, { entering, outdoorF, cfmPerTon })!;

// Evaporating, condensing, superheat, subcooling, approach, drop, power %: fixed orifice, then expansion valve.
const CASES: readonly (readonly [string, Partial<CircuitState>, number, readonly number[], readonly number[]])[] = [
  ['sound', {}, 400, [42, 113, 8, 10, 8, 20.9, 100], [42, 113, 10, 11, 8, 20.9, 100]],
  ['250 CFM per ton', {}, 250, [38, 111, 0, 7, 9, 27, 97], [38, 112, 10, 10, 7, 27, 98]],
  ['200 CFM per ton', {}, 200, [36, 110, 0, 5, 10, 30, 96], [35, 111, 10, 9, 7, 30, 97]],
  ['charge 0.9', { charge: 0.9 }, 400, [40, 112, 22, 8, 9, 19.8, 98], [42, 111, 10, 1, 15, 20.6, 97]],
  ['charge 0.8', { charge: 0.8 }, 400, [37, 111, 31, 6, 10, 18.3, 97], [40, 110, 23, 0, 15, 19.6, 96]],
  ['charge 0.7', { charge: 0.7 }, 400, [33, 109, 37, 2, 12, 16.3, 94], [36, 109, 33, 0, 14, 17.6, 95]],
  ['charge 1.2', { charge: 1.2 }, 400, [45, 115, 0, 13, 7, 19.8, 103], [42, 119, 10, 22, 2, 21, 108]],
  ['outdoor coil 0.7', { condenser: 0.7 }, 400, [44, 120, 0, 9, 16, 20.8, 109], [42, 121, 10, 15, 11, 20.8, 111]],
  ['outdoor coil 0.5', { condenser: 0.5 }, 400, [45, 129, 0, 8, 26, 20.1, 121], [43, 132, 10, 22, 15, 20.4, 125]],
  ['metering 0.6', { opening: 0.6 }, 400, [29, 116, 42, 20, 1, 15, 103], [39, 115, 24, 15, 4, 19.8, 102]],
  ['metering 0.45', { opening: 0.45 }, 400, [19, 114, 54, 18, 1, 10, 99], [31, 116, 40, 20, 1, 15.8, 103]],
  ['compressor 0.75', { compressor: 0.75 }, 400, [47, 109, 0, 4, 10, 18.9, 81], [46, 110, 10, 9, 6, 18.9, 82]],
  ['air in system', { airInSystemF: 12 }, 400, [44, 124, 0, 8, 21, 20.5, 115], [42, 125, 10, 18, 13, 20.5, 116]],
  [
    '250 CFM per ton and charge 0.8',
    { charge: 0.8 },
    250,
    [34, 110, 31, 3, 11, 24.6, 95],
    [36, 110, 24, 0, 14, 25.5, 95],
  ],
];

describe.each(CASES)('%s', (_, state, cfmPerTon, orifice, valve) => {
  test.each([
    ['orifice', orifice],
    ['valve', valve],
  ] as const)('%s', (metering: Metering, expected) => {
    const point = run({ ...state, metering }, cfmPerTon);
    const { evaporatingF, condensingF, superheatF, subcoolingF, approachF, dropF, powerShare } = point;
    const found = [evaporatingF, condensingF, superheatF, subcoolingF, approachF, dropF, 100 * powerShare];
    found.forEach((value, i) => expect(Math.abs(value - expected[i]!)).toBeLessThan(0.8));
  });
});

test('a fixed orifice keeps less superheat the warmer it is outdoors', () => {
  const found = [65, 75, 85, 95, 105].map((outdoorF) => run({ metering: 'orifice' }, 400, outdoorF).superheatF);
  [27, 20, 14, 8, 3].forEach((superheatF, i) => expect(Math.abs(found[i]! - superheatF)).toBeLessThan(1.5));
});

test('a valve stuck open is a large orifice: no superheat, no subcooling', () => {
  const { superheatF, subcoolingF, approachF } = run({ metering: 'orifice', opening: 1.4 });
  expect(superheatF).toBe(0);
  expect(subcoolingF).toBeCloseTo(0, 1);
  expect(approachF).toBeCloseTo(16, 0);
});

test('dirt on the indoor coil boils colder and cools less', () => {
  const [clean, dirty] = [run({}), run({ coilFouling: 1.8 })];
  expect(dirty.evaporatingF).toBeLessThan(clean.evaporatingF - 2);
  expect(dirty.dropF).toBeLessThan(clean.dropF);
});

test('agrees with the coil model where the circuit is sound', () => {
  for (const perTon of [300, 350, 400, 450]) {
    const { dropF } = predictCoil({ tons: 1, entering, outdoorF: 95 }, perTon);
    expect(Math.abs(run({}, perTon).dropF - dropF)).toBeLessThan(0.6);
  }
});

test('never gives what is no number, far out too', () => {
  for (const charge of [0.3, 0.6, 1, 1.4])
    for (const cfmPerTon of [60, 150, 400, 900])
      for (const outdoorF of [55, 95, 120]) {
        const point = circuitPoint({ ...SOUND_CIRCUIT, charge }, { entering, outdoorF, cfmPerTon });
        for (const value of Object.values(point ?? {})) expect(Number.isFinite(value)).toBe(true);
      }
});
