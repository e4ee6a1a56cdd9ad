import { randomUUID } from 'node:crypto';
import { onlyOnServer } from '../testing/onlyOnServer';
import { dropDatabase } from './dropDatabase';
import { openServerDb } from './serverDb';

const NAME = 'huff_to_drop';

test('a worker of PostgreSQL’s own, which a plain role may not end, stops no drop', async () => {
  const asked: string[] = [];
  await dropDatabase((sql) => {
    asked.push(sql);
    return sql.includes('FORCE')
      ? Promise.reject(new Error('must be a member of pg_signal_backend'))
      : Promise.resolve();
  }, NAME);
  expect(asked).toEqual([`DROP DATABASE IF EXISTS "${NAME}"`]);
});

test('a worker that comes back while our own session is in it is waited for', async () => {
  let workerTries = 2;
  const asked: string[] = [];
  await dropDatabase(
    (sql) => {
      asked.push(sql);
      if (!sql.includes('FORCE')) return Promise.reject(new Error('is being accessed by other users'));
      workerTries -= 1;
      return workerTries >= 0 ? Promise.reject(new Error('must be a member of pg_signal_backend')) : Promise.resolve();
    },
    NAME,
    0,
  );
  expect(asked.filter((sql) => sql.includes('FORCE'))).toHaveLength(3);
});

test('what cannot be dropped at all is said', async () => {
  await expect(dropDatabase(() => Promise.reject(new Error('the disk is full')), NAME, 0)).rejects.toThrow(
    'the disk is full',
  );
});

onlyOnServer('on a PostgreSQL server', () => {
  test('a session that was left in it goes with it', async () => {
    const maker = await openServerDb(process.env.HUFF_TEST_DATABASE!, { connections: 1 });
    const name = `huff_${randomUUID().slice(0, 8)}`;
    await maker.query(`CREATE DATABASE "${name}"`);
    const address = new URL(process.env.HUFF_TEST_DATABASE!);
    address.pathname = name;
    const left = await openServerDb(address.href, { connections: 1, onTrouble: () => {} });
    await left.query('SELECT 1');
    await dropDatabase(maker.query, name);
    expect(await maker.query('SELECT 1 FROM pg_database WHERE datname = $1', [name])).toEqual([]);
    await left.close();
    await maker.close();
  }, 30_000);
});
