import { logFigureFault, logUnit, steadySpans } from './log';
import type { Sample } from './live';
import { tracePairs } from './trace';

describe('units of a log', () => {
  test.each([
    ['in. w.c.', 'static', 0.5, 0.5],
    ['inH2O', 'static', 0.5, 0.5],
    ['Pa', 'static', 249.08891, 1],
    ['hPa', 'static', 2.4908891, 1],
    ['°C', 'dryBulb', 25, 77],
    ['F', 'dryBulb', 77, 77],
    ['%RH', 'humidity', 45, 45],
    ['m/s', 'velocity', 1, 196.85],
    ['bar', 'linePressure', 1, 14.504],
    ['kPa', 'linePressure', 100, 14.504],
    ['RPM', 'rpm', 1075, 1075],
    ['A', 'amps', 4.2, 4.2],
  ])('%s is of %s', (written, channel, figure, stored) => {
    const unit = logUnit(written)!;
    expect(unit.channels[0]).toBe(channel);
    expect(unit.stored(figure)).toBeCloseTo(stored, 2);
  });
  test('one that no probe has is refused, and a figure that cannot be', () => {
    expect(logUnit('furlongs')).toBeUndefined();
    expect(logFigureFault(['static'], 31)).toBe('Static pressure 31 is outside -10 to 10.');
    expect(logFigureFault(['dryBulb', 'wetBulb'], 250)).toBeUndefined();
  });
});

/** A value a second: so many seconds at each level, with a ripple. */
const logOf = (levels: readonly [value: number, seconds: number][], stepMs = 1000): Sample[] => {
  const samples: Sample[] = [];
  for (const [value, count] of levels)
    for (let i = 0; i < count; i += 1)
      samples.push({ atMs: 1_000_000 + samples.length * stepMs, value: value + (i % 2 === 0 ? 0.001 : -0.001) });
  return samples;
};

describe('steady stretches', () => {
  test('two levels are two stretches, each with its own mean', () => {
    const spans = steadySpans(
      'static',
      logOf([
        [0.31, 60],
        [0.52, 60],
      ]),
    );
    expect(spans).toHaveLength(2);
    expect(spans[0]!.mean).toBeCloseTo(0.31, 2);
    expect(spans[1]!.mean).toBeCloseTo(0.52, 2);
    expect(spans[0]!.toMs).toBeLessThan(spans[1]!.fromMs);
  });
  test('what climbs all the time never rests', () => {
    const climbing = Array.from({ length: 120 }, (_, i) => ({ atMs: 1000 * i, value: 0.01 * i }));
    expect(steadySpans('static', climbing)).toEqual([]);
  });
  test('a slow creep is not one long stretch of a mean that was never there', () => {
    const creeping = Array.from({ length: 600 }, (_, i) => ({ atMs: 1000 * i, value: 0.3 + 0.001 * i }));
    const spans = steadySpans('static', creeping);
    for (const { fromMs, toMs, mean } of spans) {
      const inside = creeping.filter(({ atMs }) => atMs >= fromMs && atMs <= toMs);
      expect(Math.abs(inside.at(-1)!.value - mean)).toBeLessThan(0.05);
    }
  });
  test('a log that is written every ten seconds rests as well', () => {
    expect(steadySpans('static', logOf([[0.31, 30]], 10_000))[0]!.mean).toBeCloseTo(0.31, 2);
  });
  test('nothing, and a single value, are no stretch', () => {
    expect(steadySpans('static', [])).toEqual([]);
    expect(steadySpans('static', [{ atMs: 0, value: 0.3 }])).toEqual([]);
  });
});

describe('traces before and after', () => {
  const trace = (place: string, values: number[]) => ({
    kind: 'trace',
    inputs: { place, probe: 'A', seconds: values.map((_, i) => i), values },
  });
  test('the last of each place, up to the moment it was captured', () => {
    const [pair, ...more] = tracePairs(
      [trace('R2', [-0.4, -0.35]), trace('R2', [-0.3, -0.31, -0.31]), trace('S1', [0.2])],
      [trace('R2', [-0.2, -0.22])],
    );
    expect(more).toEqual([]);
    expect(pair).toEqual({
      place: 'R2',
      before: { seconds: [-2, -1, 0], values: [-0.3, -0.31, -0.31] },
      after: { seconds: [-1, 0], values: [-0.2, -0.22] },
    });
  });
  test('a place that was watched once, or that is none, is not laid over anything', () => {
    expect(tracePairs([trace('S1', [0.2])], [trace('R2', [0.1]), trace('toString', [1])])).toEqual([]);
  });
});
