import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { X509Certificate } from 'node:crypto';
import { createServer, get } from 'node:https';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { AddressInfo } from 'node:net';
import { makeLeaf, makeRoot } from './certificate';
import { certificateFromFiles, shopCertificate } from './makeCertificate';
import { namesHere } from './shopCertificate';

let folder: string;
beforeEach(() => (folder = mkdtempSync(path.join(tmpdir(), 'huff-https-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const rootIn = (where: string) => readFileSync(path.join(where, 'root.pem'), 'utf8');

/** What a client that trusts a root says of a server under a name: nothing, or why it refuses. */
async function refusal(served: { certificate: string; key: string }, ca: string, host: string): Promise<string> {
  const server = createServer({ cert: served.certificate, key: served.key }, (_req, res) => void res.end('here'));
  await new Promise<void>((go) => server.listen(0, '127.0.0.1', go));
  const { port } = server.address() as AddressInfo;
  const said = await new Promise<string>((resolve) => {
    const lookup = ((_name: string, options: { all?: boolean }, done: (...args: unknown[]) => void) =>
      options.all ? done(null, [{ address: '127.0.0.1', family: 4 }]) : done(null, '127.0.0.1', 4)) as never;
    get({ host, port, ca, lookup, servername: /^[\d.]+$/.test(host) ? '' : host }, (answer) => {
      answer.resume();
      resolve('');
    }).on('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? error.message));
  });
  server.closeAllConnections();
  await new Promise((go) => server.close(go));
  return said;
}

test('a phone that has the shop’s root trusts the server by each of its names, and by no other', async () => {
  const served = await shopCertificate(folder, ['huff.example']);
  const ca = rootIn(folder);
  for (const name of ['huff.example', 'localhost', '127.0.0.1'])
    expect([name, await refusal(served, ca, name)]).toEqual([name, '']);
  expect(await refusal(served, ca, 'bank.example')).toBe('ERR_TLS_CERT_ALTNAME_INVALID');
  const stranger = await makeRoot(['huff.example']);
  expect(await refusal(served, stranger.certificate, 'localhost')).not.toBe('');
});

test('the shop’s root is of no use against another site, no matter who gets its key', async () => {
  await shopCertificate(folder, ['huff.example']);
  const root = { certificate: rootIn(folder), key: readFileSync(path.join(folder, 'root.key'), 'utf8') };
  const forged = await makeLeaf(root, ['bank.example']);
  expect(await refusal(forged, root.certificate, 'bank.example')).not.toBe('');
  const own = await makeLeaf(root, ['huff.example', '192.168.1.20']);
  expect(await refusal(own, root.certificate, 'huff.example')).toBe('');
});

test('it is kept: the same at the next start, renewed before it runs out; the root stays until it lacks a name', async () => {
  const first = await shopCertificate(folder, []);
  const again = await shopCertificate(folder, []);
  expect(again).toEqual(first);
  const root = rootIn(folder);
  const nextYear = new Date(Date.now() + 380 * 86_400_000);
  const renewed = await shopCertificate(folder, [], nextYear);
  expect(renewed.certificate).not.toBe(first.certificate);
  expect(Date.parse(new X509Certificate(renewed.certificate).validTo)).toBeGreaterThan(nextYear.getTime());
  expect(rootIn(folder)).toBe(root);
  await shopCertificate(folder, ['huff.example']);
  expect(rootIn(folder)).not.toBe(root);
});

test('its keys are for the person who runs Huff alone; one that was cut off is made anew', async () => {
  await shopCertificate(folder, []);
  for (const name of readdirSync(folder))
    expect([name, statSync(path.join(folder, name)).mode & 0o077]).toEqual([name, 0]);
  rmSync(path.join(folder, 'server.key'));
  writeFileSync(path.join(folder, 'server.key.new'), 'half');
  const served = await shopCertificate(folder, []);
  expect(await refusal(served, rootIn(folder), 'localhost')).toBe('');
});

test('a file that is missing is told by the name of its setting', () => {
  expect(() => certificateFromFiles(path.join(folder, 'none.pem'), 'x')).toThrow('HUFF_CERT names');
  expect(namesHere(['huff.example'])).toContain('huff.example');
});
