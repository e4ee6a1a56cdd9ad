import { breakerAmps, elementWatts, heatKit, heatSequence, type HeatTouch } from './electric';

test('an element at other volts: 5 kW at 208 V', () => {
  expect(elementWatts(5000, 208)).toBeCloseTo(3755.6, 1);
  expect(elementWatts(5000, 240) / 240).toBeCloseTo(20.83, 2);
  expect(elementWatts(5000, 208) / 208).toBeCloseTo(18.06, 2);
});

test('a kit is named at 240 V, whatever the supply', () => {
  expect(heatKit([{ volts: 208, amps: 18.06 }])).toMatchObject({ kitKw: 5 });
  const two = heatKit([
    { volts: 238, amps: 41 },
    { volts: 237, amps: 20.4 },
  ]);
  expect(two.kitKw).toBe(15);
  expect(two.watts).toBeCloseTo(14_592.8, 1);
});

test('breaker: 125 % of heater and blower, the next standard size, none over 100 A', () => {
  expect(breakerAmps(20.8, 4)).toBe(35);
  expect(breakerAmps(24, 0)).toBe(30);
  expect(breakerAmps(83, 3)).toBeUndefined();
});

const at = (what: HeatTouch['what'], seconds: number, on = true): HeatTouch => ({ what, on, atMs: seconds * 1000 });

test.each([
  [[at('blower', 0), at('element', 2), at('element', 40)], 'inside', /Blower first, then 2 elements/, undefined],
  [[at('element', 0), at('blower', 4)], 'atTheEdge', /4 s after/, undefined],
  [[at('element', 0), at('blower', 45)], 'outside', /45 s after the first element/, undefined],
  [[at('element', 0), at('element', 30)], 'outside', /Shut heat off now/, true],
  [
    [at('blower', 0), at('element', 2), at('blower', 90, false), at('element', 120, false)],
    'outside',
    /must stop last/,
    true,
  ],
  [
    [at('blower', 0), at('element', 2), at('element', 80, false), at('blower', 140, false)],
    'inside',
    /blower last off/,
    undefined,
  ],
  [[], 'cantSay', /Touch each element/, undefined],
] as const)('order %#: %s', (touches, word, words, isStop) => {
  const read = heatSequence(touches);
  expect([read.word, read.isStop]).toEqual([word, isStop]);
  expect(read.sentence).toMatch(words);
});
