import type { FactDto } from '@huff/contract';
import type { Operation } from '@huff/contract/spine';
import type { StockedPart } from '@huff/core/call';
import type { OutboxRow } from './spine/store';
import { stockHere } from './stock';
import { takingsOf } from './takings';

const MONDAY = '2026-03-02T07:00:00.000Z';
const part: StockedPart = {
  key: 'belt:A48',
  kind: 'belt',
  name: 'Belt A48',
  mark: 'A48',
  cost: 14,
  onTruck: true,
  count: { counted: 6, countedAt: MONDAY },
};
const fact = (id: string, count: number, takenAt: string, replacesId: string | null = null): FactDto => ({
  id,
  kind: 'part',
  inputs: { key: 'belt:A48', name: 'Belt A48', count },
  takenAt,
  replacesId,
});
const row = (operation: Operation, state: OutboxRow['state'] = 'waiting'): OutboxRow => ({
  id: operation.id,
  order: 1,
  operation,
  state,
});
const taking = (record: FactDto, state?: OutboxRow['state']) =>
  row({ id: `op ${record.id}`, madeAt: MONDAY, kind: 'add', of: 'fact', recordId: 'visit', record }, state);
const counting = (counted: number, countedAt: string) =>
  row({
    id: 'count',
    madeAt: MONDAY,
    kind: 'patch',
    of: 'shop',
    recordId: 'shop',
    base: 3,
    fields: { 'belts.A48': { mark: 'A48', onTruck: true, cost: 14, counted, countedAt } },
  });
const here = (rows: readonly OutboxRow[], more: Partial<Parameters<typeof stockHere>[0]> = {}) =>
  stockHere({ parts: [part], told: [{ ...part, left: 4 }], rows, corrected: new Map(), offsetMs: 0, ...more })[0]!.left;

test('what was taken here goes off at once, also in a check that is not saved; what was refused does not', () => {
  expect(here([])).toBe(4);
  expect(here([taking(fact('a', 1, '2026-03-03T10:00:00.000Z'), 'held')])).toBe(3);
  expect(
    here([taking(fact('a', 1, '2026-03-03T10:00:00.000Z')), taking(fact('b', 2, '2026-03-03T11:00:00.000Z'))]),
  ).toBe(1);
  expect(here([taking(fact('a', 1, '2026-03-03T10:00:00.000Z'), 'refused')])).toBe(4);
});

test('a correction puts back what it corrects, whether that was sent or not', () => {
  const first = fact('a', 3, '2026-03-03T10:00:00.000Z');
  const then = fact('b', 1, '2026-03-03T11:00:00.000Z', 'a');
  expect(here([taking(first), taking(then)])).toBe(3);
  // The first was sent: the server counted it.
  expect(here([taking(then)], { corrected: new Map([['a', first]]) })).toBe(6);
});

test('a count made here begins anew; by a clock that is days off it is still before what was taken after it', () => {
  const at = '2027-04-01T08:00:00.000Z';
  const parts = [{ ...part, count: { counted: 9, countedAt: at } }];
  const rows = [
    counting(9, at),
    taking(fact('a', 2, '2027-04-01T09:00:00.000Z')),
    taking(fact('z', 1, '2027-04-01T07:00:00.000Z')),
  ];
  expect(here(rows, { parts, offsetMs: -395 * 86_400_000 })).toBe(7);
});

test('a count of another phone that is newer than the server’s answer counts', () => {
  const parts = [{ ...part, count: { counted: 2, countedAt: '2026-03-05T08:00:00.000Z' } }];
  expect(here([], { parts })).toBe(2);
  expect(here([], { parts, told: undefined })).toBe(2);
  expect(here([], { parts: [{ ...part, count: undefined }], told: undefined })).toBeUndefined();
});

test('only takings of parts are takings', () => {
  const noPart = { ...fact('n', 1, MONDAY), kind: 'note' } as unknown as FactDto;
  expect(
    takingsOf([taking(noPart), counting(1, MONDAY), taking(fact('a', 1, MONDAY))]).map((one) => one.fact.id),
  ).toEqual(['a']);
});
