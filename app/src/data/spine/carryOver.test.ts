import { visitWith } from '@huff/contract/spine';
import { TABLE } from '../../testing/visits';
import { carriedOver, type OldCache } from './carryOver';
import { visit } from './testing';

const NOW = '2026-05-12T10:00:00.000Z';
const old = (record: object) => ({ ...record, savedAt: '2026-05-01T10:00:00.000Z' });
const cache = (
  queries: Record<string, object[]>,
  mutations: [key: string, variables: object, status?: string][] = [],
): OldCache => ({
  clientState: {
    queries: Object.entries(queries).map(([key, data]) => ({ queryKey: [key], state: { data } })),
    mutations: mutations.map(([key, variables, status = 'pending']) => ({
      mutationKey: [`save-${key}`],
      state: { status, variables },
    })),
  },
});
const unit = (n: number, siteName: string) =>
  old({ id: `u${n}`, name: `Unit ${n}`, siteName, layout: 'packaged', motor: 'psc', cfmPerTon: 400 });

test('what was read is in sight without a signal: visits with their readings, tables, units under their sites', () => {
  const site = old({ id: 's1', name: 'Quay', altitudeFt: 620 });
  const { records, parts, add } = carriedOver(
    {
      cache: cache({
        visits: [old(visit('v1'))],
        'blower-tables': [old(TABLE)],
        units: [unit(1, 'Quay'), unit(2, 'Lane'), unit(3, 'Lane')],
        sites: [site],
      }),
      fixes: {},
    },
    NOW,
  );
  const byKind = (kind: string) => records.filter((one) => one.kind === kind).map(({ record }) => record);
  expect(byKind('visit')[0]).not.toHaveProperty('readings');
  expect(byKind('visit')[0]).not.toHaveProperty('savedAt');
  expect(parts.map(({ of, visitId }) => [of, visitId])).toEqual([
    ['reading', 'v1'],
    ['reading', 'v1'],
  ]);
  expect(byKind('blowerTable')).toEqual([TABLE]);
  const [first, second, third] = byKind('unit') as { siteId: string }[];
  expect(first!.siteId).toBe('s1');
  // A site known by its name alone is stood in for, once.
  expect(second!.siteId).toBe(third!.siteId);
  expect(byKind('site')).toContainEqual({ id: second!.siteId, name: 'Lane', altitudeFt: null });
  expect(add).toEqual([]);
});

test('what was not sent waits on, refused or not, the last version of each; a change already sent does not', () => {
  const { add } = carriedOver(
    {
      cache: cache({}, [
        ['visits', old(visit('v1', { tap: '1' }))],
        ['visits', old(visit('v1', { tap: '2' })), 'error'],
        ['visits', old(visit('done')), 'success'],
        ['sites', old({ id: 's1', name: 'Quay', altitudeFt: 5 })],
        ['units', unit(1, 'Quay')],
        ['photos', { id: 'p1', visitId: 'v1', item: 'filter', savedAt: NOW, jpeg: 'x' }],
      ]),
      fixes: {},
    },
    NOW,
  );
  expect(add.every(({ state }) => state === 'waiting')).toBe(true);
  expect(add.map(({ operation: { kind, of, recordId } }) => `${kind} ${of} ${recordId}`)).toEqual([
    'create visit v1',
    'add reading v1',
    'add reading v1',
    'create site s1',
    'patch unit u1',
    'add photo v1',
  ]);
  expect(add[0]!.operation).toMatchObject({ record: { tap: '2' } });
  // Where a unit stands was known by name alone: it is not sent.
  expect(add[4]!.operation).not.toHaveProperty('fields.siteId');
  expect(new Set(add.map(({ id }) => id)).size).toBe(add.length);
});

test('the open check goes on being open; what was weighed under Fix is found again', () => {
  const { add, meta } = carriedOver({ draft: visit('v9'), fixes: { 'huff-fix-v9': { chosen: [] } } }, NOW);
  expect(add.every(({ state }) => state === 'held')).toBe(true);
  expect(
    visitWith(
      undefined,
      add.map(({ operation }) => operation),
    )?.readings,
  ).toHaveLength(2);
  expect(meta).toEqual({ 'fix/v9': { chosen: [] } });
});

test('a phone with nothing old begins with nothing', () => {
  expect(carriedOver({ fixes: {} }, NOW)).toEqual({ records: [], parts: [], add: [], meta: {} });
});
