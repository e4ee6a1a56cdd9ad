import type { SiteDto, UnitDto } from '@huff/contract';
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
  const found = async (q: string) =>
    ((await server.http.get('/api/search').query({ q }).expect(200)).body as { found: { name: string }[] }).found.map(
      (one) => one.name,
    );
  return { ...server, found };
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
