import { testServer } from '../testing/testServer';

let server: Awaited<ReturnType<typeof testServer>>;
beforeAll(async () => {
  server = await testServer();
}, 60_000);
afterAll(() => server.db.close());

test('tell what was asked, by pattern, and nothing of anybody', async () => {
  const { http } = server;
  const id = '11110000-0000-4000-8000-000000000001';
  await http.put(`/api/sites/${id}`).send({ id, name: 'Lantern Quay library' }).expect(204);
  await http.get(`/api/sites/${id}`).expect(200);
  await http.get('/api/search?q=lantern').expect(200);
  const { text, type } = await http.get('/metrics').buffer(true).expect(200);
  expect(type).toBe('application/openmetrics-text');
  expect(text).toMatch(/huff_request_seconds_count\{method="PUT",route="\/api\/sites\/:id",status="204"\} 1/);
  expect(text).toMatch(/huff_process_resident_memory_bytes \d+/);
  expect(text).not.toMatch(/lantern|11110000/i);
  expect(text.trimEnd().endsWith('# EOF')).toBe(true);
});

test('are told to this computer alone, and to anyone who has the token', async () => {
  const { http } = server;
  await http.get('/metrics').set('X-Forwarded-For', '192.0.2.7').expect(404);
  await http.get('/metrics').set('X-Forwarded-For', '192.0.2.7').set('Authorization', 'Bearer undefined').expect(404);
});

test('each answer carries an id that the log has too; one that a proxy gave is kept, anything else is not', async () => {
  const { http } = server;
  const made = await http.get('/api/health').expect(200);
  expect(made.headers['x-request-id']).toMatch(/^[\w-]{36}$/);
  const told = await http.get('/api/health').set('X-Request-Id', 'proxy-12345678');
  expect(told.headers['x-request-id']).toBe('proxy-12345678');
  const odd = await http.get('/api/health').set('X-Request-Id', '<script>');
  expect(odd.headers['x-request-id']).toMatch(/^[\w-]{36}$/);
});

test('live is not ready: without its database a server is alive and can do nothing', async () => {
  const { http, state, db } = server;
  await http.get('/api/health/ready').expect(200, { status: 'ready' });
  state.phase = 'starting';
  await http.get('/api/health/live').expect(200);
  await http.get('/api/health/ready').expect(503, { status: 'starting' });
  state.phase = 'ready';
  const other = await testServer();
  await other.db.close();
  await other.http.get('/api/health/ready').expect(503, { status: 'database away' });
  await other.http.get('/api/health/live').expect(200);
  expect(await db.query('SELECT 1 AS one')).toEqual([{ one: 1 }]);
}, 60_000);
