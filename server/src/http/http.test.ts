import type { Db } from '../db/db';
import { testServer } from '../testing/testServer';

let db: Db;
let http: Awaited<ReturnType<typeof testServer>>['http'];
beforeAll(async () => {
  ({ db, http } = await testServer());
}, 60_000);
afterAll(() => db.close());

const id = '11110000-0000-4000-8000-000000000099';

describe.each(['blower-tables', 'units', 'visits', 'sites'])('%s, whatever is sent', (resource) => {
  test.each([
    ['nothing', ''],
    ['no JSON', 'tap,0.1,0.2'],
    ['half of an object', '{"id": "'],
    ['a list', '[1, 2]'],
    ['a number', '42'],
    ['null', 'null'],
    ['another id', JSON.stringify({ id: '22220000-0000-4000-8000-000000000099' })],
    ['a deep nest', `${'{"setup":'.repeat(400)}1${'}'.repeat(400)}`],
    [
      'wrong kinds of everything',
      JSON.stringify({ id: 7, name: {}, readings: 'x', facts: 3, taps: null, savedAt: [] }),
    ],
  ])('%s is refused as a problem document, never with 500', async (_what, body) => {
    const answer = await http.put(`/api/${resource}/${id}`).set('Content-Type', 'application/json').send(body);
    expect(answer.status).toBeGreaterThanOrEqual(400);
    expect(answer.status).toBeLessThan(500);
    expect(answer.type).toBe('application/problem+json');
    const problem = answer.body as { detail: string };
    expect(problem.detail.length).toBeGreaterThan(10);
    expect(problem.detail).not.toMatch(/undefined|NaN|\[object/);
  });

  test('an id that is none, and one that is not there', async () => {
    for (const wrong of ['7', "' OR 1=1 --", '../visits']) {
      expect((await http.put(`/api/${resource}/${encodeURIComponent(wrong)}`).send({})).status).toBe(404);
    }
  });

  test('a list is always a page', async () => {
    const { body, status } = await http.get(`/api/${resource}`);
    expect(status).toBe(200);
    expect(body).toMatchObject({ next: null });
    for (const wrong of ['x', '1_2', 'null', '2026-01-01_x'])
      expect((await http.get(`/api/${resource}?after=${wrong}`)).status).toBe(422);
  });
});

test.each([
  'load?person=%00&from=2026-05-12&to=2026-05-18',
  'due?x=%00',
  'search?q=a%00b',
  'stock?a%0a=1',
  'visits?after=%1b',
])('/api/%s: what cannot be printed is refused in words', async (address) => {
  const answer = await http.get(`/api/${address}`);
  expect(answer.status).toBe(422);
  expect((answer.body as { detail: string }).detail).toMatch(/cannot be (printed|stored)/);
});

test('lists are asked for anew each time', async () => {
  for (const list of ['visits', 'sites', 'stands', 'due', 'openapi.json'])
    expect((await http.get(`/api/${list}`)).headers['cache-control']).toContain('no-cache');
});

test('too large a body is told so', async () => {
  const answer = await http.put(`/api/visits/${id}`).send({ id, title: 'x'.repeat(1_200_000) });
  expect(answer.status).toBe(413);
  expect((answer.body as { detail: string }).detail).toContain('1 MB');
});

test('answers carry the headers that keep a page to itself', async () => {
  const { headers } = await http.get('/api/visits');
  expect(headers['content-security-policy']).toContain("default-src 'self'");
  expect(headers['content-security-policy']).not.toContain('unsafe');
  expect(headers['x-content-type-options']).toBe('nosniff');
  expect(headers['x-powered-by']).toBeUndefined();
});
