import type { Fact } from '../facts/facts';
import { ownFindingFaults, ownFindings } from './ownFinding';

const said = (id: string, words: string, more: Partial<Fact> = {}, inputs: object = {}): Fact => ({
  id,
  kind: 'finding',
  inputs: { words, concern: 'damage', area: 'blower', ...inputs },
  ...more,
});

test('a finding in one’s own words, with what it takes', () => {
  expect(
    ownFindings([said('a', 'Mouse nest in the blower', {}, { minutes: 40, price: 25, toDo: 'Clean it out' })]),
  ).toEqual([
    {
      id: 'a',
      factId: 'a',
      words: 'Mouse nest in the blower',
      concern: 'damage',
      area: 'blower',
      toDo: 'Clean it out',
      minutes: 40,
      price: 25,
    },
  ]);
});

test('a corrected one keeps its id through every correction, so that what became of it stays', () => {
  const facts = [
    said('a', 'Nest'),
    said('b', 'Mouse nest', { replacesId: 'a' }),
    said('c', 'Rat nest', { replacesId: 'b' }),
  ];
  expect(ownFindings(facts).map(({ id, factId, words }) => [id, factId, words])).toEqual([['a', 'c', 'Rat nest']]);
});

test('one that was taken back is gone', () => {
  const back: Fact = { id: 'x', kind: 'takenBack', inputs: {}, replacesId: 'a' };
  expect(ownFindings([said('a', 'Nest'), said('b', 'Rust'), back]).map(({ words }) => words)).toEqual(['Rust']);
});

test('a cause for concern of safety is listed under safety, wherever it is', () => {
  expect(ownFindings([said('a', 'Bare wire', {}, { concern: 'safety', area: 'power' })])[0]!.area).toBe('safety');
});

test.each([
  [{ words: '   ', concern: 'watch', area: 'coil' }, 'words'],
  [{ words: 'x', concern: 'other', area: 'coil' }, 'concern'],
  [{ words: 'x', concern: 'watch', area: 'coil', minutes: -3 }, 'minutes'],
  [{ words: 'y'.repeat(200), concern: 'watch', area: 'coil' }, 'words'],
])('%j is refused at its field', (raw, field) => {
  expect(ownFindingFaults(raw)[0]?.field).toBe(field);
});
