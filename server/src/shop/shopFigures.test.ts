import type { VisitSummary } from '@huff/contract/spine';
import { DEMO_TABLES } from '../demo/tables';
import { DEMO_AUTHOR } from '../http/author';
import { problemOf, recordClient, type TestServer } from '../testing/recordClient';
import { testServer } from '../testing/testServer';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
}, 60_000);
afterAll(() => server.db.close());

const uuid = (n: number) => `11110000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const { put, change } = recordClient(() => server.http);
const savedAt = '2026-05-12T11:00:00.000Z';
const table = DEMO_TABLES[0]!;

test('rules: what lists say is judged anew by them, and nonsense is refused', async () => {
  const shopId = DEMO_AUTHOR.shopId;
  const shop = (await server.http.get(`/api/shop/${shopId}`)).body as object;
  const before = await summaryOfVisit(uuid(921));
  expect(before.flowWord).toBe('outside');
  const nonsense = await change(`shop/${shopId}`, { ...shop, rules: { bandPercent: 90 } });
  expect(problemOf(nonsense).errors).toContainEqual(expect.objectContaining({ field: 'rules' }));
  expect((await change(`shop/${shopId}`, { ...shop, rules: { bandPercent: 28, cfmPerTon: 400 } })).status).toBe(204);
  await server.jobs.settled();
  expect((await summaryOfVisit(uuid(921))).flowWord).not.toBe('outside');
  await change(`shop/${shopId}`, { ...shop, rules: null });
  await server.jobs.settled();
  expect((await summaryOfVisit(uuid(921))).flowWord).toBe('outside');
});

test('odds of causes are kept as they were set, and nonsense is refused', async () => {
  const address = `shop/${DEMO_AUTHOR.shopId}`;
  const shop = (await server.http.get(`/api/${address}`)).body as object;
  const nonsense = await change(address, { ...shop, odds: { doorSwitch: 400 } });
  expect(problemOf(nonsense).errors).toContainEqual(expect.objectContaining({ field: 'odds' }));
  expect((await change(address, { ...shop, odds: { doorSwitch: 25, ghost: 3 } })).status).toBe(204);
  expect((await server.http.get(`/api/${address}`)).body).toMatchObject({ odds: { doorSwitch: 25 } });
  expect((await change(address, { ...shop, odds: null })).status).toBe(204);
});

/** What the list says of a visit of worked example A: 940 CFM on three tons. */
async function summaryOfVisit(id: string): Promise<VisitSummary> {
  const read = (port: string, value: number, n: number) => ({
    id: uuid(n),
    quantity: 'staticPressure',
    port,
    value,
    unit: 'inWc',
    origin: 'typed',
    conditions: { door: 'on', filter: 'in', coil: 'wet' },
    takenAt: savedAt,
  });
  const { staticsInWc, taps } = table;
  await put(`visits/${id}`, {
    id,
    title: 'Worked example A',
    layout: 'airHandler',
    motor: 'constantTorque',
    mode: 'cooling',
    tons: 3,
    maxTespInWc: 0.5,
    cfmPerTon: 400,
    tap: '3',
    table: { id: table.id, name: table.name, staticsInWc, taps },
    startedAt: savedAt,
    readings: [read('R2', -0.31, 931), read('S1', 0.27, 932)],
    facts: [],
  });
  await server.jobs.settled();
  const { visits } = (await server.http.get('/api/visits')).body as { visits: VisitSummary[] };
  return visits.find((one) => one.id === id)!;
}
