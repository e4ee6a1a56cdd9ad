import { PGlite } from '@electric-sql/pglite';
import {
  appendFileSync,
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pino } from 'pino';
import { migrate } from '../db/migrate';
import type { Copyable, Db } from '../db/db';
import { openPglite, openTaken } from '../db/pgliteDb';
import { rowCounts } from '../db/rowCounts';
import { loadDemo } from '../demo/loadDemo';
import { ensureShop } from '../shop/ensureShop';
import { testServer } from '../testing/testServer';
import { backupsIn, databaseIn, isBackupDue, lacksBackup, makeBackup, type Backup, type RowCounts } from './backups';
import { backupsBeside } from './backupsBeside';
import { newEpoch } from './newEpoch';
import { restoreBackup } from './restore';

/** Counts a folder in this process. */
async function readBack(folder: string): Promise<RowCounts> {
  const db = await openTaken(folder);
  const rows = await rowCounts(db.query);
  await db.close();
  return rows;
}

let root: string;
/** A folder with the demo in it, made once. */
let made: string;
beforeAll(async () => {
  root = mkdtempSync(path.join(tmpdir(), 'huff-backup-'));
  made = path.join(root, 'made', 'db');
  mkdirSync(path.dirname(made));
  const empty = await PGlite.create(made, {
    loadDataDir: new Blob([readFileSync(process.env.PGLITE_TEMPLATE!)]),
  });
  await empty.close();
  const db = await openTaken(made);
  await migrate(db);
  await ensureShop(db);
  await loadDemo(db, new Date('2026-05-13T12:00:00Z'));
  await db.close();
}, 120_000);
afterAll(() => rmSync(root, { recursive: true, force: true }));

let data: string;
let folder: string;
let db: Db & Copyable;
beforeEach(async () => {
  const own = mkdtempSync(path.join(root, 'data-'));
  data = path.join(own, 'db');
  folder = path.join(own, 'backups');
  cpSync(made, data, { recursive: true });
  db = await openTaken(data);
}, 60_000);
afterEach(() => db.close());

const at = (day: number) => new Date(`2026-05-${String(day).padStart(2, '0')}T02:30:00Z`);
const make = (day: number, more: Partial<Parameters<typeof makeBackup>[0]> = {}) =>
  makeBackup({ db, folder, keep: 3, now: at(day), readBack, ...more });
const sites = async () =>
  (await db.query<{ name: string }>('SELECT name FROM sites ORDER BY name')).map(({ name }) => name);

test('a drill: backed up while it runs, lost, restored, and every row is there', async () => {
  const before = await sites();
  const epoch = () => db.query('SELECT epoch FROM shops');
  const first = await epoch();
  const backup = await make(1);
  expect(backup.rows.visits).toBeGreaterThan(20);
  expect(backup.bytes).toBeGreaterThan(1e6);
  expect(backup.rows).toEqual(await rowCounts(db.query));
  // What comes after the backup is not in it.
  await db.query(`UPDATE sites SET name = 'Overwritten'`);
  await db.close();
  const restored = await restoreBackup({
    from: folder,
    dataFolder: path.dirname(data),
    now: at(2),
    readBack,
    renew: newEpoch,
  });
  expect(restored.backup.name).toBe(backup.name);
  expect(existsSync(restored.before!)).toBe(true);
  db = await openTaken(data);
  expect(await sites()).toEqual(before);
  // Phones notice by it that what they were told since may be gone.
  expect(await epoch()).not.toEqual(first);
}, 120_000);

test('so many good ones are kept, the newest first; what was cut off is none and goes', async () => {
  mkdirSync(path.join(folder, '.part-cut-off', 'db'), { recursive: true });
  for (const day of [1, 2, 3, 4]) await make(day);
  expect(backupsIn(folder).map(({ name }) => name)).toEqual([
    '2026-05-04T02-30-00',
    '2026-05-03T02-30-00',
    '2026-05-02T02-30-00',
  ]);
  expect(readdirSync(folder).filter((name) => name.startsWith('.part-'))).toEqual([]);
}, 120_000);

test('a copy that reads back otherwise is no backup; the good ones stay', async () => {
  await make(1);
  const other = async (copy: string) => ({ ...(await readBack(copy)), visits: 7 });
  await expect(make(2, { readBack: other })).rejects.toThrow('differs in visits');
  expect(backupsIn(folder).map(({ name }) => name)).toEqual(['2026-05-01T02-30-00']);
}, 120_000);

test('a damaged backup is not restored, and the data is as it was', async () => {
  const { name } = await make(1);
  await db.close();
  const note = path.join(folder, name, 'backup.json');
  const told = JSON.parse(readFileSync(note, 'utf8')) as Backup;
  writeFileSync(note, JSON.stringify({ ...told, rows: { ...told.rows, readings: 1 } }));
  const restoring = { dataFolder: path.dirname(data), now: at(2), readBack, renew: newEpoch };
  await expect(restoreBackup({ from: path.join(folder, name), ...restoring })).rejects.toThrow('damaged: readings');
  await expect(restoreBackup({ from: path.join(root, 'nowhere'), ...restoring })).rejects.toThrow('no good backup');
  rmSync(path.join(databaseIn(path.join(folder, name)), 'PG_VERSION'));
  appendFileSync(note, 'cut');
  await expect(restoreBackup({ from: folder, ...restoring })).rejects.toThrow('no good backup');
  expect(readdirSync(path.dirname(data)).sort()).toEqual(['backups', 'db']);
  db = await openTaken(data);
  expect((await sites()).length).toBeGreaterThan(3);
}, 120_000);

test('data that a running Huff has is not written over', async () => {
  await make(1);
  await db.close();
  const running = await openPglite(data);
  await expect(
    restoreBackup({ from: folder, dataFolder: path.dirname(data), now: at(2), readBack, renew: newEpoch }),
  ).rejects.toThrow('in use');
  await running.close();
  db = await openTaken(data);
}, 120_000);

test.each([
  ['none yet', undefined, '2026-05-02T15:00:00', true, true],
  ['made last night', '2026-05-02T02:30:00', '2026-05-02T15:00:00', false, false],
  ['the next night', '2026-05-01T02:30:00', '2026-05-02T02:10:00', true, false],
  ['a night that was missed', '2026-05-01T02:30:00', '2026-05-02T08:00:00', true, false],
  ['weeks old', '2026-04-02T02:30:00', '2026-05-02T15:00:00', true, true],
])('%s', (_, last, now, due, lacking) => {
  const backup = last === undefined ? undefined : ({ madeAt: new Date(last).toISOString() } as Backup);
  expect(isBackupDue(backup, new Date(now))).toBe(due);
  expect(lacksBackup(backup, new Date(now))).toBe(lacking);
});

test('asked for at once: one at a time, and what went wrong is told', async () => {
  const log = pino({ level: 'silent' });
  const beside = backupsBeside(() => db, { folder, keep: 3 }, log, readBack);
  expect(beside.state()).toMatchObject({ isOn: true, last: null, isLacking: true, kept: 0 });
  const first = beside.makeNow();
  await expect(beside.makeNow()).rejects.toThrow('being made');
  await first;
  expect(beside.state()).toMatchObject({ kept: 1, isLacking: false, isMaking: false, fault: null });
  const failing = backupsBeside(
    () => db,
    { folder, keep: 3 },
    log,
    () => Promise.reject(new Error('No such disk.')),
  );
  await expect(failing.makeNow()).rejects.toThrow('No such disk.');
  expect(failing.state()).toMatchObject({ fault: 'No such disk.', kept: 1 });
}, 60_000);

test('where backups are off the address says so', async () => {
  const server = await testServer();
  expect((await server.http.get('/api/backups').expect(200)).body).toMatchObject({ isOn: false, last: null });
  const answer = await server.http.post('/api/backups').expect(409);
  expect((answer.body as { detail: string }).detail).toContain('HUFF_BACKUPS');
  await server.db.close();
});
