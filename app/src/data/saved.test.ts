import { withUnsent } from './saved';

const record = (id: string, savedAt = '2026-05-12T10:00:00Z') => ({ id, savedAt });

test('what has not arrived lies over the server’s list, in its place', () => {
  const newer = record('b', '2026-05-12T11:00:00Z');
  const kept = withUnsent(
    [record('a'), record('b')],
    [
      { record: newer, sending: 'waiting' },
      { record: record('c'), sending: 'refused', why: 'Tons must be a number.' },
    ],
  );
  expect(kept.map((k) => [k.record.id, k.sending])).toEqual([
    ['a', 'sent'],
    ['b', 'waiting'],
    ['c', 'refused'],
  ]);
  expect(kept[1]!.record).toBe(newer);
  expect(kept[2]!.why).toBe('Tons must be a number.');
});
