import express from 'express';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request, type IncomingMessage } from 'node:http';
import { request as secureRequest } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { configFrom } from '../config';
import { listeners } from './listeners';
import { makeReachable } from './reachable';

let folder: string;
const said: string[] = [];
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'huff-reach-'));
  said.length = 0;
  jest.spyOn(console, 'log').mockImplementation((line: string) => void said.push(line));
});
afterEach(() => {
  jest.restoreAllMocks();
  rmSync(folder, { recursive: true, force: true });
});

const NAMED = { HUFF_NAMES: 'huff.example', PORT: '0', HUFF_HTTPS_PORT: '0' };
const settings = (env: Record<string, string>, argv: string[] = []) => configFrom({ HUFF_DATA: folder, ...env }, argv);

/** The servers of a Huff whose app answers "the app". */
async function open(env: Record<string, string>, argv: string[] = []) {
  const config = settings({ ...NAMED, ...env }, argv);
  const { served, certificate } = await makeReachable(config);
  const app = express().use((_req, res) => void res.send('the app'));
  const failed: string[] = [];
  const { servers, listen } = listeners({ config, served, certificate, app });
  const all = Promise.all(servers.map((server) => new Promise<void>((go) => server.once('listening', go))));
  listen((why) => failed.push(why));
  await all;
  const ports = servers.map((server) => (server.address() as AddressInfo).port);
  const close = () => Promise.all(servers.map((server) => new Promise((go) => server.close(go))));
  return { served, ports, failed, close };
}

async function got(asked: Promise<IncomingMessage>) {
  const answer = await asked;
  let text = '';
  for await (const piece of answer) text += String(piece);
  return { status: answer.statusCode, location: answer.headers.location, type: answer.headers['content-type'], text };
}
const ask = (port: number, address: string, headers: Record<string, string>, ca?: string, method = 'GET') =>
  got(
    new Promise((resolve, reject) => {
      const options = { host: '127.0.0.1', port, path: address, headers, method, agent: false as const };
      const sent = ca
        ? secureRequest({ ...options, ca, servername: 'huff.example' }, resolve)
        : request(options, resolve);
      sent.on('error', reject).end();
    }),
  );
const FROM_NETWORK = { Host: 'huff.example', 'X-Forwarded-For': '192.0.2.9' };

test('shared: the computer itself keeps plain HTTP, phones are shown how to get to the secure address', async () => {
  const { ports, served, close } = await open({}, ['--share']);
  const [plain, secure] = ports as [number, number];
  expect(served).toMatchObject({ host: '0.0.0.0', address: 'https://huff.example:0' });
  expect((await ask(plain, '/', { Host: '127.0.0.1' })).text).toBe('the app');
  const page = await ask(plain, '/phone', FROM_NETWORK);
  expect(page.text).toContain('Download the certificate');
  expect(page.text).toContain('href="https://huff.example:0/"');
  expect(page.text).not.toContain('the app');
  const old = await ask(plain, '/units/7?tab=2', FROM_NETWORK);
  expect(old).toMatchObject({ status: 307, location: 'https://huff.example:0/units/7?tab=2' });
  expect((await ask(plain, '/api/sync', FROM_NETWORK, undefined, 'POST')).status).toBe(421);
  const root = await ask(plain, '/huff-root.crt', FROM_NETWORK);
  expect(root.type).toBe('application/x-x509-ca-cert');
  const ca = readFileSync(path.join(folder, 'https', 'root.pem'), 'utf8');
  expect((await ask(secure, '/', { Host: 'huff.example' }, ca)).text).toBe('the app');
  expect(said.join('\n')).toContain('Phones on this network: scan the code, or open http://huff.example:0/phone');
  await close();
});

test('a name this server does not have is answered by neither', async () => {
  const { ports, close } = await open({}, ['--share']);
  expect((await ask(ports[0]!, '/phone', { ...FROM_NETWORK, Host: 'elsewhere.example' })).status).toBe(421);
  await close();
});

test('with a certificate by file nobody is asked to install one', async () => {
  const first = await open({}, ['--share']);
  await first.close();
  const files = {
    HUFF_CERT: path.join(folder, 'https', 'server.pem'),
    HUFF_KEY: path.join(folder, 'https', 'server.key'),
  };
  const { ports, served, close } = await open({ ...files, HUFF_SHARE: '1' });
  expect(served.setUpAddress).toBeUndefined();
  expect(await ask(ports[0]!, '/phone', FROM_NETWORK)).toMatchObject({ status: 307 });
  await close();
  await expect(makeReachable(settings({ ...files, HUFF_CERT: '/none.pem' }))).rejects.toThrow('HUFF_CERT names');
});

test('behind a proxy the address is as it was told; alone on its computer a server has none', async () => {
  const told = await makeReachable(settings({ HUFF_ADDRESS: 'https://huff.example' }));
  expect(told).toEqual({ served: { host: '127.0.0.1', names: ['huff.example'], address: 'https://huff.example' } });
  expect((await makeReachable(settings({}))).served.address).toBeUndefined();
  const open = await makeReachable(settings({ HUFF_HOST: '0.0.0.0', HUFF_NAMES: 'shop.example', PORT: '3100' }));
  expect(open.served.address).toBe('http://shop.example:3100');
});

test.each([
  [{ HUFF_ADDRESS: 'huff.example' }, 'HUFF_ADDRESS is "huff.example"'],
  [{ HUFF_ADDRESS: 'https://huff.example/app' }, 'HUFF_ADDRESS'],
  [{ HUFF_CERT: 'a.pem' }, 'HUFF_CERT and HUFF_KEY go together'],
  [{ HUFF_HTTPS_PORT: 'x' }, 'HUFF_HTTPS_PORT is "x"'],
  [{ DATABASE_URL: 'mysql://a' }, 'DATABASE_URL is not an address'],
])('a wrong setting is told: %p', (env, words) => {
  expect(() => settings(env as Record<string, string>)).toThrow(words);
});

test('a port that is taken is told by the name of its setting', async () => {
  const first = await open({}, ['--share']);
  const config = settings({ ...NAMED, HUFF_HTTPS_PORT: String(first.ports[1]) }, ['--share']);
  const { served, certificate } = await makeReachable(config);
  const { servers, listen } = listeners({ config, served, certificate, app: express() });
  const why = await new Promise<string>((resolve) => listen(resolve));
  expect(why).toBe(
    `Port ${first.ports[1]} is in use. Stop the other program, or set HUFF_HTTPS_PORT to another number.`,
  );
  for (const server of servers) server.close();
  await first.close();
});
