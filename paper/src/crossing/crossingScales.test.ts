import { crossingScales, fanPath, labelPoint, spreadPath, systemPath } from './crossingScales';

const low = [
  { staticsInWc: [0.1, 0.2], flowsCfm: [800, 700] },
  { staticsInWc: [0.4], flowsCfm: [500] },
];
const high = [{ staticsInWc: [0.1, 0.2, 0.3, 0.4], flowsCfm: [1200, 1100, 1000, 900] }];
const box = { left: 40, right: 340, top: 20, bottom: 220 };
const scales = crossingScales([low, high], { flowsCfm: [1500], staticsInWc: [0.5] }, box);

test('the scales hold the table, the band and the limit', () => {
  for (const flow of [500, 1200, 1500]) {
    expect(scales.x(flow)).toBeGreaterThanOrEqual(box.left);
    expect(scales.x(flow)).toBeLessThanOrEqual(box.right);
  }
  expect(scales.y(0)).toBe(box.bottom);
  expect(scales.y(0.5)).toBeGreaterThan(box.top);
});

test('a curve breaks at a blank cell and is never drawn across it', () => {
  expect(fanPath(high, scales).match(/M/g)).toHaveLength(1);
  expect(fanPath(low, scales).match(/M/g)).toHaveLength(2);
  expect(fanPath([], scales)).toBe('');
  expect(labelPoint(low)).toEqual({ flowCfm: 500, staticInWc: 0.4 });
});

test('the system curve stays inside the box', () => {
  const path = systemPath([{ coefficient: 4e-7, exponent: 2 }], scales, box, [0, 3000]);
  const points = [...path.matchAll(/([\d.]+),([\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])] as const);
  expect(points.length).toBeGreaterThan(5);
  for (const [px, py] of points) {
    expect(py).toBeGreaterThanOrEqual(box.top);
    expect(px).toBeLessThanOrEqual(box.right + 1);
  }
});

test('a spread is one closed area a run, from its low side to its high', () => {
  const path = spreadPath(
    { low, high: low.map((run) => ({ ...run, flowsCfm: run.flowsCfm.map((q) => 1.2 * q) })) },
    scales,
  );
  expect(path.match(/M/g)).toHaveLength(low.length);
  expect(path.match(/Z/g)).toHaveLength(low.length);
  const first = [...path.split('Z')[0]!.matchAll(/([\d.]+),([\d.]+)/g)].map((m) => Number(m[1]));
  // There and back: the low side's flows, then the high side's from its other end.
  expect(first).toEqual([800, 700, 840, 960].map((q) => expect.closeTo(scales.x(q), 2)));
});
