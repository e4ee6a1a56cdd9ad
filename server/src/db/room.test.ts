import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../app';
import { backupsBeside } from '../backup/backupsBeside';
import { besideHere } from '../beside/beside';
import { ServerState } from '../health/state';
import { serverDbOfTest } from '../testing/testDb';
import { serverJobs } from '../jobsOfServer';
import { whileRoom } from './room';
import { ensureUsable } from './usableFolder';

let folder: string;
beforeEach(() => (folder = mkdtempSync(path.join(tmpdir(), 'huff-room-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('on a full disk what is there is read, nothing is written, and it is said in words; with room again all goes on', async () => {
  let free = 1e9;
  const db = whileRoom(await serverDbOfTest(), () => free);
  const log = pino({ level: 'silent' });
  const state = new ServerState();
  state.phase = 'ready';
  const beside = besideHere();
  const jobs = serverJobs(db, log, beside, 'http://127.0.0.1');
  const backups = backupsBeside(
    () => undefined,
    undefined,
    log,
    () => Promise.resolve({}),
  );
  const served = { host: '127.0.0.1', names: [] };
  const http = request(createApp({ db, state, log, jobs, beside, backups, served }));
  const id = '11110000-0000-4000-8000-000000000001';
  const site = { id, name: 'Lantern Quay', altitudeFt: 620 };
  await http.put(`/api/sites/${id}`).send(site).expect(204);

  free = 10e6;
  const other = { ...site, id: id.replace(/1$/, '2'), name: 'Tern Row' };
  const refused = await http.put(`/api/sites/${other.id}`).send(other);
  expect(refused).toMatchObject({ status: 507, type: 'application/problem+json', headers: { 'retry-after': '30' } });
  expect((refused.body as { detail: string }).detail).toContain('server’s disk is full');
  const sent = {
    id: other.id,
    madeAt: new Date().toISOString(),
    kind: 'create',
    of: 'site',
    recordId: other.id,
    record: other,
  };
  const sync = { device: id, phoneTime: new Date().toISOString(), cursor: null, operations: [sent] };
  expect((await http.post('/api/sync').send(sync)).status).toBe(507);
  expect((await http.post('/api/sync').send({ ...sync, operations: [] })).status).toBe(200);
  expect((await http.get(`/api/sites/${id}`).expect(200)).body).toMatchObject(site);
  await http.get('/api/health').expect(200);

  free = 1e9;
  const again = (await http.post('/api/sync').send(sync).expect(200)).body as { results: { status: string }[] };
  expect(again.results).toMatchObject([{ status: 'done' }]);
  await jobs.settled();
  await db.close();
}, 60_000);

describe('a data folder is tried before it is used', () => {
  test('one that is missing is made, and nothing is left of the trial', () => {
    const inner = path.join(folder, 'a/b');
    ensureUsable(inner);
    expect(readdirSync(inner)).toEqual([]);
  });

  test('one that cannot be made or written is told in words', () => {
    writeFileSync(path.join(folder, 'file'), '');
    expect(() => ensureUsable(path.join(folder, 'file/data'))).toThrow(
      /cannot be written: a part of its path is a file. Fix that, or set HUFF_DATA/,
    );
    expect(() => ensureUsable('/sys/huff')).toThrow(/^\/sys\/huff cannot be written: /);
  });
});
