import type { SiteDto, UnitDto } from '@huff/contract';
import { plainShop } from '@huff/contract/fix';
import { searchedOf, withFields } from '@huff/contract/spine';
import { DEMO_AUTHOR } from '../http/author';
import type { Found } from './found';
import { testServer } from '../testing/testServer';

const id = (n: number) => `5ea0c000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const library: SiteDto = {
  id: id(1),
  name: 'Lantern Quay library',
  address: '4 Mole Street',
  contact: 'the caretaker',
};
const pottery: SiteDto = { id: id(2), name: 'Kiln Row pottery' };
const unit = (n: number, name: string, more: Partial<UnitDto> = {}): UnitDto => ({
  id: id(n),
  siteId: library.id,
  name,
  layout: 'airHandler',
  motor: 'psc',
  cfmPerTon: 400,
  ...more,
});

const open = async () => {
  const server = await testServer();
  const put = (path: string, record: { id: string }) =>
    server.http.put(`/api/${path}/${record.id}`).send(record).expect(204);
  for (const site of [library, pottery]) await put('sites', site);
  await put('units', unit(3, 'Reading room', { plate: { model: 'AX4-036', serial: '7734' } }));
  await put('units', unit(4, 'Kiln hood', { siteId: pottery.id, notes: 'ladder behind the shed' }));
  await put('units', unit(5, 'Old boiler room', { archivedAt: '2026-01-01T00:00:00Z' }));
  const all = async (q: string) =>
    ((await server.http.get('/api/search').query({ q }).expect(200)).body as { found: Found[] }).found;
  const found = async (q: string) => (await all(q)).map(({ name }) => name);
  return { ...server, found, all };
};

test('sites and units are found by any of their words, in part, in any order, and with a slip of the finger', async () => {
  const { found, http, db } = await open();
  expect(await found('lantern')).toEqual(['Lantern Quay library', 'Reading room']);
  expect(await found('room read')).toEqual(['Reading room']);
  expect(await found('readng rom')).toEqual(['Reading room']);
  expect(await found('potery')).toEqual(expect.arrayContaining(['Kiln Row pottery', 'Kiln hood']));
  expect(await found('ax4-036')).toEqual(['Reading room']);
  expect(await found('7734')).toEqual(['Reading room']);
  expect(await found('mole street')).toEqual(['Lantern Quay library']);
  expect(await found('shed')).toEqual(['Kiln hood']);
  expect(await found('submarine')).toEqual([]);
  expect(await found('100% _')).toEqual([]);
  // What was archived is out of the lists.
  expect(await found('boiler')).toEqual([]);
  for (const q of ['', '   ', 'x'.repeat(81)]) {
    const refused = await http.get('/api/search').query({ q }).expect(422);
    expect((refused.body as { errors: { field: string }[] }).errors[0]!.field).toBe('q');
  }
  await db.close();
});

test('every field that is searched on a phone is found at the server', async () => {
  const { found, http, db } = await open();
  const sought = (kind: 'site' | 'unit') => searchedOf(kind).map((path, i) => [path, `${kind}word${i}`] as const);
  const begin = { site: library, unit: unit(3, 'Reading room') };
  for (const [kind, n] of [
    ['site', 61],
    ['unit', 62],
  ] as const) {
    const record = withFields(kind, { ...begin[kind], id: id(n) }, Object.fromEntries(sought(kind)));
    await http
      .put(`/api/${kind}s/${id(n)}`)
      .send(record)
      .expect(204);
    for (const [, word] of sought(kind)) expect([word, await found(word)]).toEqual([word, [record.name]]);
  }
  await db.close();
});

test('visits are found by what was found, noted and fitted, also with a slip; parts by name', async () => {
  const { http, jobs, db, all } = await open();
  const visit = (n: number, startedAt: string, facts: readonly (readonly [kind: string, inputs: object])[]) => ({
    id: id(n),
    title: 'Lantern Quay library, Reading room',
    unitId: id(3),
    layout: 'airHandler',
    motor: 'psc',
    mode: 'cooling',
    cfmPerTon: 400,
    startedAt,
    readings: [],
    facts: facts.map(([kind, inputs], i) => ({ id: id(100 * n + i), kind, inputs, takenAt: startedAt })),
  });
  const visits = [
    visit(20, '2026-03-01T10:00:00.000Z', [
      ['check', { point: 'drainTrap', state: 'found', note: 'wasps behind the panel' }],
    ]),
    visit(21, '2026-04-01T10:00:00.000Z', [['part', { key: 'belt:A48', name: 'Belt A48', count: 1 }]]),
  ];
  for (const one of visits) await http.put(`/api/visits/${one.id}`).send(one).expect(204);
  await jobs.settled();
  const visitsBy = async (q: string) => (await all(q)).filter(({ of }) => of === 'visit').map((one) => one.id);
  expect(await visitsBy('wasps')).toEqual([id(20)]);
  expect(await visitsBy('wsaps panel')).toEqual([]);
  expect(await visitsBy('waspes panel')).toEqual([id(20)]);
  expect(await visitsBy('trap missing')).toEqual([id(20)]);
  expect(await visitsBy('a48')).toEqual([id(21)]);
  expect(await visitsBy('reading room')).toEqual([id(21), id(20)]);
  expect(await visitsBy('100%')).toEqual([]);
  expect((await all('trap missing'))[0]!.words).toMatch(/^Trap is missing/);
  expect((await all('wasps'))[0]).toMatchObject({ siteName: 'Lantern Quay library', at: '2026-03-01T10:00:00.000Z' });
  const shop = { ...plainShop(DEMO_AUTHOR.shopId), belts: [{ mark: 'BX77', onTruck: true, cost: 14 }] };
  const { headers } = await http.get(`/api/shop/${shop.id}`);
  await http.put(`/api/shop/${shop.id}`).set('If-Match', headers.etag!).send(shop).expect(204);
  expect(await all('bx77')).toEqual([expect.objectContaining({ of: 'part', name: 'Belt BX77' })]);
  await db.close();
});
