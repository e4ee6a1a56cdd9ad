import { steadinessOf, steadyWords } from './steadiness';

const at = (seconds: number, value: number) => ({ value, atMs: 1000 * seconds });

test('one entry says nothing; two near in time neither', () => {
  expect(steadinessOf([])).toEqual({ kind: 'once' });
  expect(steadinessOf([at(0, 101)])).toEqual({ kind: 'once' });
  expect(steadinessOf([at(0, 101), at(10, 101.2)])).toEqual({ kind: 'once' });
});

test('steady is the same for most of a minute and more, since when it is', () => {
  const entries = [at(0, 95), at(60, 100.8), at(120, 101.1), at(200, 101)];
  expect(steadinessOf(entries)).toEqual({ kind: 'steady', forMs: 140_000 });
  expect(steadyWords(steadinessOf(entries))).toBe('steady for 2 min');
});

test('moving is told, whatever it was before', () => {
  const entries = [at(0, 101), at(120, 101), at(180, 103.5)];
  expect(steadinessOf(entries)).toEqual({ kind: 'moving', by: 2.5 });
  expect(steadyWords(steadinessOf(entries))).toBe('still moving');
});
