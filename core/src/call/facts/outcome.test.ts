import type { Fact } from './facts';
import { checksOf, outcomeSaid, stepsOf } from './outcome';

const fact = (id: string, kind: Fact['kind'], inputs: Fact['inputs']): Fact => ({ id, kind, inputs });

test('an outcome is read in its own form and in the earlier one', () => {
  const now = fact('a', 'outcome', { finding: 'look-filter', state: 'quoted', price: 85, note: 'calls back Friday' });
  const earlier = fact('b', 'check', { point: 'triage', state: 'quoted', note: 'look-filter', value: 85 });
  expect(outcomeSaid(now)).toEqual({ finding: 'look-filter', state: 'quoted', price: 85, note: 'calls back Friday' });
  expect(outcomeSaid(earlier)).toEqual({ finding: 'look-filter', state: 'quoted', price: 85 });
});

test.each([
  ['a check of a point', 'check', { point: 'lineVolts', value: 240 }],
  ['an outcome of nothing', 'outcome', { state: 'quoted' }],
  ['a state that is none', 'outcome', { finding: 'look-filter', state: 'forgotten' }],
] as const)('%s says no outcome', (_name, kind, inputs) => {
  expect(outcomeSaid(fact('a', kind, inputs))).toBeUndefined();
});

test('checks and outcomes follow each other as they were made, without what was taken back', () => {
  const facts = [
    fact('a', 'check', { point: 'capacitor', value: 3 }),
    fact('b', 'outcome', { finding: 'check-capacitor', state: 'dealtWith' }),
    fact('c', 'check', { point: 'triage', state: 'open', note: 'check-capacitor' }),
    fact('d', 'check', { point: 'capacitor', value: 10 }),
    { ...fact('e', 'takenBack', {}), replacesId: 'c' },
  ];
  expect(stepsOf(facts).map(({ id }) => id)).toEqual(['a', 'b', 'd']);
  expect(checksOf(facts).map(({ id }) => id)).toEqual(['a', 'd']);
});
