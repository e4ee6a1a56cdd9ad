import { PGlite } from '@electric-sql/pglite';
import { build } from 'esbuild';
import { copyFileSync, cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { migrate } from './migrate';
import { openDbThread, type ThreadDb } from './threadDb';

// Within the project, so that the thread finds its packages.
const CACHE = path.join(__dirname, '../../../node_modules/.cache/huff');
let program: string;
let made: string;
let folder: string;
let db: ThreadDb;
let lost: string[];

beforeAll(async () => {
  mkdirSync(CACHE, { recursive: true });
  program = mkdtempSync(path.join(CACHE, 'db-thread-'));
  await build({
    entryPoints: [path.join(__dirname, 'dbThread.ts'), path.join(__dirname, '../watch/watchThread.ts')],
    outdir: program,
    entryNames: '[name]',
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
  });
  made = path.join(program, 'made');
  const database = await PGlite.create(made, {
    loadDataDir: new Blob([readFileSync(process.env.PGLITE_TEMPLATE!)]),
  });
  await database.close();
}, 60_000);
afterAll(() => rmSync(program, { recursive: true, force: true }));

/** A copy of a folder that was made once: making one takes seconds. */
function copied(from: string): string {
  const to = mkdtempSync(path.join(program, 'data-'));
  cpSync(from, path.join(to, 'db'), { recursive: true });
  return path.join(to, 'db');
}

beforeEach(async () => {
  folder = copied(made);
  lost = [];
  db = await openDbThread(folder, (why) => lost.push(why), pathToFileURL(path.join(program, 'dbThread.mjs')));
  await db.script('CREATE TABLE notes (id integer PRIMARY KEY, words text)');
}, 60_000);
afterEach(() => db.close());

const notes = async () =>
  (await db.query<{ words: string }>('SELECT words FROM notes ORDER BY id')).map((row) => row.words);

test('migrates, writes, reads back after it was closed and opened again', async () => {
  expect((await migrate(db)).length).toBeGreaterThan(10);
  await db.query('INSERT INTO notes VALUES ($1, $2)', [1, 'Filter loaded']);
  expect(await notes()).toEqual(['Filter loaded']);
  await db.close();
  db = await openDbThread(folder, (why) => lost.push(why), pathToFileURL(path.join(program, 'dbThread.mjs')));
  expect(await notes()).toEqual(['Filter loaded']);
  expect(lost).toEqual([]);
}, 60_000);

test('a transaction is all or nothing, and none sees into another', async () => {
  await expect(
    db.transaction(async (query) => {
      await query(`INSERT INTO notes VALUES (1, 'half')`);
      throw new Error('changed my mind');
    }),
  ).rejects.toThrow('changed my mind');
  expect(await notes()).toEqual([]);
  // Each adds to what it finds: interleaved they would lose some.
  await Promise.all(
    Array.from({ length: 8 }, () =>
      db.transaction(async (query) => {
        const [row] = await query<{ n: number }>('SELECT count(*) AS n FROM notes');
        await new Promise((go) => setImmediate(go));
        await query('INSERT INTO notes VALUES ($1, $2)', [row!.n, `note ${row!.n}`]);
      }),
    ),
  );
  expect(await notes()).toEqual(Array.from({ length: 8 }, (_, i) => `note ${i}`));
});

test('what the database refuses is an error with its code, and the next request works', async () => {
  await db.query(`INSERT INTO notes VALUES (1, 'one')`);
  await expect(db.query(`INSERT INTO notes VALUES (1, 'twice')`)).rejects.toMatchObject({
    code: '23505',
    message: expect.stringContaining('notes_pkey') as string,
  });
  await expect(db.query('SELECT nonsense')).rejects.toThrow('nonsense');
  await expect(
    db.transaction(async (query) => {
      await query(`INSERT INTO notes VALUES (2, 'two')`);
      await query(`INSERT INTO notes VALUES (1, 'twice')`);
    }),
  ).rejects.toMatchObject({ code: '23505' });
  expect(await notes()).toEqual(['one']);
});

test('the server’s thread goes on while the database is at work, and knows how long it waits', async () => {
  let turns = 0;
  const turning = setInterval(() => (turns += 1), 10);
  const slow = db.query('SELECT pg_sleep(0.6)');
  await new Promise((go) => setTimeout(go, 300));
  expect(db.waitingMs()).toBeGreaterThan(200);
  await slow;
  clearInterval(turning);
  expect(turns).toBeGreaterThan(10);
  expect(db.waitingMs()).toBe(0);
});

test('closed in the middle of a transaction, it waits for its end; what comes after is refused', async () => {
  const writing = db.transaction(async (query) => {
    await query(`INSERT INTO notes VALUES (1, 'first')`);
    await new Promise((go) => setTimeout(go, 150));
    await query(`INSERT INTO notes VALUES (2, 'second')`);
  });
  await new Promise((go) => setTimeout(go, 50));
  const closing = db.close();
  await expect(db.transaction((query) => query('SELECT 1'))).rejects.toThrow('closed');
  await writing;
  await closing;
  await expect(db.query('SELECT 1')).rejects.toThrow('closed');
  db = await openDbThread(folder, (why) => lost.push(why), pathToFileURL(path.join(program, 'dbThread.mjs')));
  expect(await notes()).toEqual(['first', 'second']);
}, 30_000);

test('a second server is told who has the folder; the first one goes on', async () => {
  await expect(openDbThread(folder, () => undefined)).rejects.toThrow(`in use by process ${process.pid}`);
  expect(await notes()).toEqual([]);
});

test('a folder that holds no database is refused in words, and is free again', async () => {
  const broken = path.join(mkdtempSync(path.join(program, 'broken-')), 'db');
  mkdirSync(broken);
  copyFileSync(path.join(made, 'PG_VERSION'), path.join(broken, 'PG_VERSION'));
  const open = () => openDbThread(broken, () => undefined, pathToFileURL(path.join(program, 'dbThread.mjs')));
  await expect(open()).rejects.toThrow(/./);
  await expect(open()).rejects.not.toThrow('in use');
}, 60_000);

test('a thread that ends by itself is told, and so is whoever waits', async () => {
  const dying = path.join(program, 'dying.mjs');
  writeFileSync(
    dying,
    `import { parentPort } from 'node:worker_threads';
     parentPort.on('message', () => process.exit(3));
     parentPort.postMessage({ opened: true });`,
  );
  const told: string[] = [];
  const broken = await openDbThread(copied(made), (why) => told.push(why), pathToFileURL(dying));
  await expect(broken.query('SELECT 1')).rejects.toThrow('The database stopped.');
  expect(told).toEqual(['The database stopped.']);
  await expect(broken.query('SELECT 1')).rejects.toThrow('closed');
  await broken.close();
});
