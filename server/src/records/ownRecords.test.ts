import type { VisitDto } from '@huff/contract';
import { DEMO_TABLES } from '../demo/tables';
import { DEMO_UNITS } from '../demo/units';
import { demoVisits } from '../demo/visits';
import { recordClient, type TestServer } from '../testing/recordClient';
import { testServer } from '../testing/testServer';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
}, 60_000);
afterAll(() => server.db.close());

const uuid = (n: number) => `11110000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const { put } = recordClient(() => server.http);
const table = DEMO_TABLES[0]!;
const [visit] = demoVisits(new Date('2026-05-13T12:00:00Z')) as [VisitDto, ...VisitDto[]];

describe('what a shop of its own puts in', () => {
  const site = {
    id: uuid(901),
    name: 'Lantern mill',
    altitudeFt: 620,
    climate: 'humid',
    address: '2 Mill Lane',
    accessNotes: 'Key under the wheel.',
    contact: 'the miller',
    phone: '555 0101',
  };
  const unit = {
    ...DEMO_UNITS[0]!,
    id: uuid(902),
    siteId: site.id,
    notes: 'Stands on rails.',
    setup: {
      filterWidthIn: 20,
      filterHeightIn: 25,
      moreFilters: [{ count: 2, widthIn: 14.5, heightIn: 20 }],
      unsaid: ['motor'],
    },
  };

  test('comes back whole: whereabouts, nameplate, holes, odd filters, conditions of a table', async () => {
    await put(`sites/${site.id}`, site).expect(204);
    await put(`units/${unit.id}`, unit).expect(204);
    const typed = {
      ...table,
      id: uuid(903),
      name: 'Typed on the spot',
      part: true,
      conditions: { coil: 'wet', volts: 230, filter: 'out', dryFactor: 1.04 },
    };
    await put(`blower-tables/${typed.id}`, typed).expect(204);
    expect((await server.http.get(`/api/sites/${site.id}`)).body).toEqual(site);
    expect((await server.http.get(`/api/units/${unit.id}`)).body).toEqual({
      ...unit,
      blowerTableId: unit.blowerTableId,
    });
    expect((await server.http.get(`/api/blower-tables/${typed.id}`)).body).toEqual(typed);
  });

  test.each([
    ['sites', { ...site, id: uuid(911), name: 'Other', climate: 'arctic' }, 'climate'],
    ['sites', { ...site, id: uuid(912), name: 'Another', archivedAt: 'yesterday' }, 'archivedAt'],
    ['units', { ...unit, id: uuid(913), plate: { year: 1066 } }, 'plate'],
    ['units', { ...unit, id: uuid(914), ports: [{ port: 'Z9', where: 'nowhere' }] }, 'ports[0].port'],
    [
      'units',
      { ...unit, id: uuid(915), setup: { moreFilters: [{ count: 0, widthIn: 20, heightIn: 20 }] } },
      'setup.moreFilters[0].count',
    ],
    ['blower-tables', { ...table, id: uuid(916), conditions: { dryFactor: 3 } }, 'conditions.dryFactor'],
  ])('%s: what is wrong is named by its field', async (path, body, field) => {
    const refused = await put(`${path}/${body.id}`, body).expect(422);
    expect(refused.body.errors).toContainEqual(expect.objectContaining({ field }));
  });

  test('what was photographed at a unit is found by the unit', async () => {
    const own = { ...visit, id: uuid(920), unitId: unit.id, readings: [], facts: [] };
    await put(`visits/${own.id}`, own).expect(204);
    expect((await server.http.get(`/api/units/${unit.id}/photos`).expect(200)).body).toEqual({ photos: [] });
  });
});
