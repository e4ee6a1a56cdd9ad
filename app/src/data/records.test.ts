import type { SiteDto } from '@huff/contract';
import type { Operation } from '@huff/contract/spine';
import { keptRecords } from './records';
import type { OutboxRow, OutboxState, ToldRecord } from './spine/store';
import { laidOver, sendingOf } from './useOutbox';

jest.mock('./theSpine', () => ({ spine: jest.fn() }));

const site = (id: string, altitudeFt: number): ToldRecord<'site'> => ({
  kind: 'site',
  id,
  revision: 4,
  record: { id, name: id, altitudeFt },
});
let n = 0;
const row = (of: object, state: OutboxState = 'waiting', detail?: string): OutboxRow => {
  n += 1;
  const operation = { id: `${n}`, madeAt: '2026-05-12T10:00:00Z', ...of } as Operation;
  return {
    id: operation.id,
    order: n,
    operation,
    state,
    ...(detail ? { problem: { type: 'x', title: 'x', status: 422, detail } } : {}),
  };
};
const setting = (recordId: string, altitudeFt: number) => ({
  kind: 'patch',
  of: 'site',
  recordId,
  base: 4,
  fields: { altitudeFt },
});
const making = (record: SiteDto) => ({ kind: 'create', of: 'site', recordId: record.id, record });

test('what was done here lies over what the server told, in its place; what was made here comes behind', () => {
  const kept = keptRecords(
    'site',
    [site('a', 1), site('b', 2)],
    [row(setting('b', 9)), row(making({ id: 'c', name: 'c' })), row(setting('c', 3))],
  );
  expect(kept.map(({ record, revision, sending }) => [record.id, record.altitudeFt, revision, sending])).toEqual([
    ['a', 1, 4, 'sent'],
    ['b', 9, 4, 'waiting'],
    ['c', 3, 0, 'waiting'],
  ]);
});

test('of what was refused or is in dispute the server’s value stands, and it is said', () => {
  const refused = keptRecords('site', [site('a', 1)], [row(setting('a', 40_000), 'refused', 'Too high.')]);
  expect(refused[0]).toMatchObject({ record: { altitudeFt: 1 }, sending: 'refused', why: 'Too high.' });
  const disputed = keptRecords('site', [site('a', 1)], [row(setting('a', 7), 'conflict')]);
  expect(disputed[0]).toMatchObject({ record: { altitudeFt: 1 }, sending: 'conflict' });
  // A correction is not hidden by what was refused before it.
  const corrected = keptRecords(
    'site',
    [site('a', 1)],
    [row(setting('a', 40_000), 'refused', 'Too high.'), row(setting('a', 620))],
  );
  expect(corrected[0]).toMatchObject({ record: { altitudeFt: 620 } });
});

test('a record that the server would not make stays in sight', () => {
  const kept = keptRecords('site', [], [row(making({ id: 'c', name: 'c' }), 'refused', 'No.')]);
  expect(kept).toMatchObject([{ record: { id: 'c' }, sending: 'refused' }]);
});

test('the worst of several is told', () => {
  const [waiting, refused] = [row(setting('a', 1)), row(setting('a', 2), 'refused', 'No.')];
  expect(sendingOf([])).toEqual({ sending: 'sent' });
  expect(sendingOf([waiting, refused])).toEqual({ sending: 'refused', why: 'No.' });
  expect(sendingOf([waiting, row(setting('a', 1), 'conflict')])).toEqual({ sending: 'conflict' });
  expect(laidOver([waiting, refused])).toEqual([waiting.operation]);
});
