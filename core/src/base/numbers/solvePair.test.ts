import { solvePair } from './solvePair';

const box = { low: [-50, -50], high: [50, 50] } as const;

test('two straight lines meet where they meet', () => {
  const found = solvePair((x, y) => [x + y - 3, x - y - 1], [0, 0], box)!;
  expect(found[0]).toBeCloseTo(2, 4);
  expect(found[1]).toBeCloseTo(1, 4);
});

test('two curves are found from afar, inside their box', () => {
  const found = solvePair((x, y) => [x * x + y * y - 25, x - y + 1], [30, 40], { low: [0, 0], high: [50, 50] })!;
  expect(found[0]).toBeCloseTo(3, 3);
  expect(found[1]).toBeCloseTo(4, 3);
});

test('what has no solution in the box says so', () => {
  expect(solvePair((x, y) => [x * x + y * y + 1, x - y], [1, 1], box)).toBeUndefined();
  expect(solvePair((x) => [x - 90, 0], [0, 0], box)).toBeUndefined();
});
