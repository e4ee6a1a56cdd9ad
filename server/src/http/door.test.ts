import { gzipSync } from 'node:zlib';
import { networkInterfaces } from 'node:os';
import type { Db } from '../db/db';
import { testServer } from '../testing/testServer';
import { isServed, nameOf } from './servedNames';

let db: Db;
let http: Awaited<ReturnType<typeof testServer>>['http'];
beforeAll(async () => {
  ({ db, http } = await testServer({ names: ['huff.example'] }));
}, 60_000);
afterAll(() => db.close());

interface Told {
  title: string;
  detail: string;
}

describe('the name a request asks for', () => {
  test.each(['127.0.0.1:3000', 'localhost', '[::1]:8080', 'huff.example', 'HUFF.example:443'])(
    '%s is answered',
    async (host) => {
      await http.get('/api/session').set('Host', host).expect(200);
    },
  );

  test.each([
    'elsewhere.example',
    'localhost.elsewhere.example',
    '127.0.0.1.elsewhere.example:3000',
    '192.0.2.7',
    'a b',
    'x@localhost',
  ])('%s is refused, in words, for pages and data alike', async (host) => {
    for (const address of ['/api/sites', '/api/health', '/']) {
      const answer = await http.get(address).set('Host', host);
      expect(answer.status).toBe(421);
      expect((answer.body as Told).detail).toContain('HUFF_NAMES');
    }
  });

  test('bound to every address it answers under each of them, and under no other', () => {
    const everywhere = { host: '0.0.0.0', names: [] };
    for (const { address, family } of Object.values(networkInterfaces())
      .flat()
      .filter((one) => one !== undefined))
      expect(isServed(everywhere, family === 'IPv6' ? `[${address}]` : address)).toBe(true);
    expect(isServed(everywhere, 'elsewhere.example')).toBe(false);
    expect(isServed({ host: '192.0.2.7', names: [] }, '192.0.2.7')).toBe(true);
    expect(isServed({ host: '127.0.0.1', names: [] }, '192.0.2.7')).toBe(false);
  });

  test('a name is read without its port, and what is none is none', () => {
    expect(nameOf('[::1]:3000')).toBe('[::1]');
    expect(nameOf('Huff.Example:3000')).toBe('huff.example');
    for (const none of ['', 'a/b', 'a@b', 'a b', '::1:x', 'a?b']) expect(nameOf(none)).toBeUndefined();
  });
});

describe('the page a request comes from', () => {
  const sent = { id: 'x' };
  test.each([
    ['its own', { Origin: 'http://127.0.0.1:3000', 'Sec-Fetch-Site': 'same-origin' }],
    ['its own behind a proxy that was told of', { Origin: 'https://huff.example' }],
    ['none: another program', {}],
    ['none: typed by a person', { 'Sec-Fetch-Site': 'none' }],
  ])('%s is let in', async (_what, headers) => {
    const answer = await http
      .put('/api/sites/x')
      .set({ Host: '127.0.0.1:3000', ...headers })
      .send(sent);
    expect(answer.status).toBe(404);
  });

  test.each([
    ['another site', { Origin: 'https://elsewhere.example' }],
    ['another port of this machine', { Origin: 'http://127.0.0.1:4000' }],
    ['a file or a frame without a name', { Origin: 'null' }],
    ['another port, requested without an origin', { 'Sec-Fetch-Site': 'same-site' }],
    ['what a browser calls another site', { 'Sec-Fetch-Site': 'cross-site' }],
  ])('%s is refused', async (_what, headers) => {
    for (const asked of [http.get('/api/sites'), http.post('/api/sync'), http.put('/api/sites/x')]) {
      const answer = await asked.set({ Host: '127.0.0.1:3000', ...headers });
      expect(answer.status).toBe(403);
      expect((answer.body as Told).title).toBe('Request from another site');
    }
  });
});

describe('what a body says it is', () => {
  const body = JSON.stringify({ device: 'x' });
  test.each(['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data', 'application/jsonp', ''])(
    '"%s" is refused: a page elsewhere could send it unasked',
    async (type) => {
      const answer = await http.post('/api/sync').set('Content-Type', type).send(body);
      expect(answer.status).toBe(415);
      expect((answer.body as Told).detail).toBe('Send the body as application/json.');
    },
  );

  test('JSON is read, with a charset and packed too; another charset and packing are refused in words', async () => {
    await http.post('/api/sync').set('Content-Type', 'application/json; charset=utf-8').send(body).expect(422);
    const packed = http.post('/api/sync').set('Content-Type', 'application/json');
    await packed
      .set('Content-Encoding', 'gzip')
      .serialize((sent: unknown) => sent as string)
      .send(gzipSync(body) as never)
      .expect(422);
    await http.post('/api/sync').set('Content-Type', 'application/json; charset=utf-99').send(body).expect(415);
    await http
      .post('/api/sync')
      .set('Content-Type', 'application/json')
      .set('Content-Encoding', 'zip')
      .send(body)
      .expect(415);
  });
});

test('an address that is none is told so in words, whatever the method', async () => {
  for (const method of ['get', 'post', 'put', 'delete', 'patch'] as const) {
    const answer = await http[method]('/nothing/here');
    expect(answer.status).toBe(404);
    expect(answer.type).toBe('application/problem+json');
  }
});
