import fc from 'fast-check';
import { filterTrend } from './filterTrend';
import { trendSeries } from './series';

const DAY = 86_400_000;
const read = (day: number, dropInWc: number, flowCfm = 1000) => ({ atMs: day * DAY, dropInWc, flowCfm });

describe('filter', () => {
  test('two readings of one filling: the day it comes to its limit, with its spread', () => {
    const { due, perDay } = filterTrend([read(60, 0.09), read(0, 0.06)], 1000, 0.1);
    expect(perDay).toBeCloseTo(0.0005, 8);
    expect(due!.atMs / DAY).toBeCloseTo(80, 6);
    expect(due!.sigmaDays).toBeGreaterThan(15);
  });
  test('drops are compared at one airflow', () => {
    const { points } = filterTrend([read(0, 0.08, 800), read(30, 0.08 * (1000 / 800) ** 1.3, 1000)], 1000, 0.1);
    expect(points[0]!.dropInWc).toBeCloseTo(points[1]!.dropInWc, 10);
    expect(points[1]!.isNew).toBe(false);
  });
  test('a fall is another filter, and the unit’s own fillings set the rate: the more of them, the surer', () => {
    const once = filterTrend([read(0, 0.05), read(50, 0.1)], 1000, 0.1);
    const filling = (from: number) => [read(from, 0.05), read(from + 50, 0.1)];
    const often = filterTrend([...filling(0), ...filling(60), ...filling(120), read(180, 0.05)], 1000, 0.1);
    expect(often.points.filter(({ isNew }) => isNew)).toHaveLength(3);
    expect(often.perDay).toBeCloseTo(0.001, 8);
    expect(often.due!.atMs / DAY).toBeCloseTo(230, 6);
    expect(often.due!.sigmaDays).toBeLessThan(50 * 0.35);
    expect(once.due!.atMs / DAY).toBeCloseTo(50, 6);
  });
  test.each([
    ['one reading', [read(0, 0.05)]],
    ['none', []],
    ['a filter that never rises', [read(0, 0.05), read(40, 0.05)]],
    ['two on one day', [read(3, 0.05), read(3, 0.06)]],
  ])('%s tells no day', (_, readings) => expect(filterTrend(readings, 1000, 0.1).due).toBeUndefined());
  test('a filter over its limit is due when it was read', () => {
    const { due } = filterTrend([read(0, 0.1), read(30, 0.2)], 1000, 0.1);
    expect(due!.atMs).toBe(30 * DAY);
  });
  test('whatever was read, no day is nonsense', () => {
    const reading = fc.record({
      atMs: fc.integer({ min: 0, max: 3000 * DAY }),
      dropInWc: fc.double({ min: 0, max: 2, noNaN: true }),
      flowCfm: fc.double({ min: 0, max: 20_000, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(reading), (readings) => {
        const { due, points } = filterTrend(readings, 1000, 0.1);
        for (const { dropInWc } of points) expect(dropInWc).not.toBeNaN();
        if (due) expect(due.atMs).toBeGreaterThanOrEqual(points.at(-1)!.atMs);
        if (due) expect(due.sigmaDays).toBeGreaterThan(0);
      }),
    );
  });
});

describe('series', () => {
  const at = (day: number, amps?: number, tespAtTargetInWc?: number) => ({
    atMs: day * DAY,
    figures: { amps, tespAtTargetInWc },
  });
  test('a figure read once is no trend', () => {
    expect(trendSeries([at(0, 4), at(10, undefined, 0.5)])).toEqual([]);
  });
  test('drift is held against how the unit was proven, else against the middle', () => {
    const visits = [at(0, 5), at(10, 4), at(30, 4.4)];
    expect(trendSeries(visits, 12 * DAY)[0]).toMatchObject({ id: 'amps', whenRight: 4, drift: expect.closeTo(0.1, 6) });
    expect(trendSeries(visits)[0]).toMatchObject({ whenRight: 4.4, drift: 0 });
  });
  test('visits stand in their order, what was not read is left out', () => {
    const [series] = trendSeries([at(30, 4.4), at(0, 4), at(10)]);
    expect(series!.points.map(({ atMs }) => atMs / DAY)).toEqual([0, 30]);
  });
});
