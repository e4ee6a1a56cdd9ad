import { spawn } from 'node:child_process';
import { chmodSync, cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { testDb } from '../testing/testDb';
import { lockFolder } from './folderLock';
import { migrate, migrationFiles } from './migrate';
import { ensureUsable } from './usableFolder';

let folder: string;
beforeEach(() => (folder = mkdtempSync(path.join(tmpdir(), 'huff-db-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('folder lock', () => {
  test('a second taker is told who has it; given back it can be taken again', () => {
    const data = path.join(folder, 'db');
    const unlock = lockFolder(data);
    expect(() => lockFolder(data)).toThrow(`in use by process ${process.pid}`);
    unlock();
    lockFolder(data)();
  });

  test('a lock left by a killed process does not count', async () => {
    const data = path.join(folder, 'db');
    const child = spawn(process.execPath, ['-e', 'setInterval(() => {}, 1000)']);
    const start = readFileSync(`/proc/${child.pid}/stat`, 'utf8')
      .replace(/^.*\) /s, '')
      .split(' ')[19];
    writeFileSync(`${data}.lock`, `${child.pid} ${start}`);
    expect(() => lockFolder(data)).toThrow('in use');
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGKILL');
    await gone;
    lockFolder(data)();
  });

  test('the lock of a folder that was copied while its server runs does not count', () => {
    const data = path.join(folder, 'one', 'db');
    const copy = path.join(folder, 'two');
    mkdirSync(path.dirname(data));
    const unlock = lockFolder(data);
    cpSync(path.dirname(data), copy, { recursive: true });
    lockFolder(path.join(copy, 'db'))();
    expect(() => lockFolder(data)).toThrow('in use');
    unlock();
  });

  test('a process number used again by another program does not count', () => {
    const data = path.join(folder, 'db');
    writeFileSync(`${data}.lock`, `${process.pid} 1`);
    lockFolder(data)();
  });
});

describe('migrations', () => {
  test('are numbered without gaps and run once', async () => {
    const numbers = migrationFiles().map((m) => m.number);
    expect(numbers).toEqual(numbers.map((_, i) => i + 1));
    const db = await testDb();
    expect(await migrate(db)).toEqual([]);
    await db.close();
  }, 60_000);

  test('one that fails leaves nothing behind and can be tried again', async () => {
    const db = await testDb();
    const next = '0901_next.sql';
    writeFileSync(path.join(folder, next), 'CREATE TABLE half (id integer); SELECT no_such_function()');
    await expect(migrate(db, folder)).rejects.toThrow('no_such_function');
    await expect(db.query('SELECT * FROM half')).rejects.toThrow('does not exist');
    writeFileSync(path.join(folder, next), 'CREATE TABLE half (id integer)');
    expect(await migrate(db, folder)).toEqual([901]);
    await db.close();
  }, 60_000);
});

test('a transaction is all or nothing', async () => {
  const db = await testDb();
  await db.script('CREATE TABLE pair (id integer PRIMARY KEY)');
  await expect(
    db.transaction(async (query) => {
      await query('INSERT INTO pair VALUES (1)');
      await query('INSERT INTO pair VALUES (1)');
    }),
  ).rejects.toThrow('duplicate');
  expect(await db.query('SELECT * FROM pair')).toEqual([]);
  await db.close();
}, 60_000);

test('a folder that was there for everybody is closed to others', () => {
  const open = path.join(folder, 'open');
  mkdirSync(open, { mode: 0o755 });
  chmodSync(open, 0o777);
  ensureUsable(open);
  expect(statSync(open).mode & 0o777).toBe(0o700);
});
