import { ownFindingFaults } from './ownFinding';
import { REPLACE_REASONS, replaceFinding } from './replaceUnit';

test('reasons are named in the order of the list, three at most, and fit the line of a finding', () => {
  expect(replaceFinding(['coil', 'age']).words).toBe('Replace the unit: past its usual life, coil leaks');
  const all = replaceFinding(REPLACE_REASONS.map(({ id }) => id));
  expect(all.words.split(', ')).toHaveLength(3);
  expect(ownFindingFaults({ ...all, area: 'blower' })).toEqual([]);
});

test('a cracked heat exchanger is a matter of safety', () => {
  expect(replaceFinding(['exchanger']).concern).toBe('safety');
  expect(replaceFinding(['age']).concern).toBe('damage');
});
