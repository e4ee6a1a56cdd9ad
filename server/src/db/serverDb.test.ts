import { DEMO_AUTHOR } from '../http/author';
import { besides, onlyOnServer } from '../testing/onlyOnServer';
import { serverDbOfTest, TESTS } from '../testing/testDb';
import type { Db } from './db';
import { DbAwayError, DbReadOnlyError } from './dbTrouble';
import { openServerDb } from './serverDb';
import { acrossShops, inShop } from './shopFence';

const OTHER_SHOP = '5b0f0000-0000-4000-8000-0000000000ff';
const { shopId } = DEMO_AUTHOR;

onlyOnServer('a PostgreSQL server', () => {
  let db: Db;
  const every = <T>(work: () => Promise<T>) => acrossShops(work);
  beforeAll(async () => {
    db = await serverDbOfTest();
  }, 60_000);
  afterAll(() => db.close());

  const end = (name: string) =>
    every(() =>
      db.query(
        'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = current_database() AND application_name = $1 AND pid <> pg_backend_pid()',
        [name],
      ),
    );

  test('is what these tests run on', async () => {
    const [row] = await db.query<{ version: string }>('SELECT version()');
    expect(row!.version).not.toContain('emscripten');
    const [role] = await db.query<{ super: boolean }>(
      'SELECT rolsuper AS super FROM pg_roles WHERE rolname = current_user',
    );
    expect(role!.super).toBe(false);
  });

  test('shows a shop its own rows, and nothing where no shop was said', async () => {
    await every(() => db.query('INSERT INTO shops (id, name) VALUES ($1, $2)', [OTHER_SHOP, 'Other']));
    const shops = () => db.query<{ id: string }>('SELECT id FROM shops ORDER BY id');
    expect(await shops()).toEqual([]);
    expect(await inShop(shopId, shops)).toEqual([{ id: shopId }]);
    expect(await every(shops)).toHaveLength(2);
    // The same statement without its shop: the fence holds where a statement forgets it.
    expect(await inShop(OTHER_SHOP, () => db.query('SELECT * FROM shop_figures'))).toEqual([]);
    const steal = () => db.query('UPDATE shops SET name = $1 WHERE id = $2 RETURNING id', ['Mine', shopId]);
    expect(await inShop(OTHER_SHOP, steal)).toEqual([]);
    const plant = () =>
      db.query('INSERT INTO people (id, shop_id, name) VALUES ($1, $2, $3)', [OTHER_SHOP, shopId, 'Spy']);
    await expect(inShop(OTHER_SHOP, plant)).rejects.toThrow('row-level security');
    // In a transaction as well, and after one of another shop on the same connection.
    expect(await inShop(OTHER_SHOP, () => db.transaction((query) => query('SELECT id FROM shops')))).toEqual([
      { id: OTHER_SHOP },
    ]);
  });

  test('fences every table that has a shop, but those of what is searched', async () => {
    const open = await every(() =>
      db.query<{ name: string }>(
        `SELECT DISTINCT c.relname AS name FROM pg_class c JOIN pg_attribute a ON a.attrelid = c.oid
         WHERE c.relkind = 'r' AND c.relnamespace = 'public'::regnamespace AND a.attname = 'shop_id'
           AND NOT (c.relrowsecurity AND c.relforcerowsecurity) ORDER BY name`,
      ),
    );
    expect(open.map(({ name }) => name)).toEqual(['search_texts', 'search_words']);
  });

  test('a connection that breaks in the middle of a transaction ends nothing else: it is said, and the next one works', async () => {
    const troubles: Error[] = [];
    const one = await besides(db, { onTrouble: (error) => troubles.push(error) });
    let broken = () => {};
    const isBroken = new Promise<void>((go) => (broken = go));
    const work = acrossShops(() =>
      one.transaction(async (query) => {
        await query('UPDATE shops SET name = $1', ['Half']);
        await isBroken;
        await query('SELECT 1');
      }),
    );
    await new Promise((go) => setTimeout(go, 100));
    await end(TESTS);
    // Nobody asks at the moment when it breaks.
    await new Promise((go) => setTimeout(go, 100));
    broken();
    await expect(work).rejects.toBeInstanceOf(DbAwayError);
    expect(await every(() => one.query('SELECT id FROM shops WHERE name = $1', ['Half']))).toEqual([]);
    expect(troubles.length).toBeGreaterThan(0);
    await one.close();
  });

  test('one that cannot be reached, or takes too long, is away; one that is read-only says so', async () => {
    await expect(openServerDb('postgresql://huff@127.0.0.1:1/huff')).rejects.toBeInstanceOf(DbAwayError);
    const slow = await besides(db, { statementMs: 50 });
    await expect(slow.query('SELECT pg_sleep(5)')).rejects.toBeInstanceOf(DbAwayError);
    await slow.query('SET default_transaction_read_only = on');
    const readOnly = await besides(db, { connections: 1 });
    await readOnly.query('SET default_transaction_read_only = on');
    await expect(every(() => readOnly.query('UPDATE shops SET name = name'))).rejects.toBeInstanceOf(DbReadOnlyError);
    expect(await every(() => readOnly.query('SELECT id FROM shops'))).not.toEqual([]);
    await slow.close();
    await readOnly.close();
  });

  test('two that wait for each other both come to their end', async () => {
    await every(() =>
      db.script('CREATE TABLE pair (id integer PRIMARY KEY, n integer); INSERT INTO pair VALUES (1, 0), (2, 0)'),
    );
    const raise = (ids: readonly number[]) =>
      db.transaction(async (query) => {
        for (const id of ids) {
          await query('UPDATE pair SET n = n + 1 WHERE id = $1', [id]);
          await new Promise((go) => setTimeout(go, 50));
        }
      });
    await every(() => Promise.all([raise([1, 2]), raise([2, 1])]));
    expect(await every(() => db.query('SELECT n FROM pair'))).toEqual([{ n: 2 }, { n: 2 }]);
    await every(() => db.script('DROP TABLE pair'));
  });

  test('one server at a time does what is done alone', async () => {
    const other = await besides(db);
    const order: string[] = [];
    const slowly = (name: string) => async () => {
      order.push(`${name} begins`);
      await new Promise((go) => setTimeout(go, 100));
      order.push(`${name} ends`);
    };
    await Promise.all([db.alone('start', slowly('a')), other.alone('start', slowly('b'))]);
    expect(order.map((said) => said.slice(0, 1)).join('')).toMatch(/^(aabb|bbaa)$/);
    await other.close();
  });

  test('servers hear what others tell, and hear it again after their connection broke', async () => {
    const other = await besides(db);
    let heard = 0;
    db.hear('jobs', () => (heard += 1));
    const until = async (most: number) => {
      for (let i = 0; i < 100 && heard < most; i += 1) await new Promise((go) => setTimeout(go, 50));
      expect(heard).toBeGreaterThanOrEqual(most);
    };
    // It begins to listen: what was told before may have been missed.
    await until(1);
    await other.tell('jobs');
    await until(2);
    await end('huff notices');
    await until(3);
    await other.tell('jobs');
    await until(4);
    await other.close();
  }, 30_000);
});
