import type { EntryCode } from '@huff/contract';
import request from 'supertest';
import { testServer } from '../testing/testServer';

const MOST = 5;

test('a device that asks without end is told to wait; the computer itself and other devices go on', async () => {
  const server = await testServer({ requestsAMinute: MOST });
  const phoneAt = async (address: string) => {
    const { code } = (await server.http.post('/api/me/phone').expect(200)).body as EntryCode;
    const agent = request.agent(server.app);
    await agent.post('/api/session/code').set('X-Forwarded-For', address).send({ code }).expect(200);
    return () => agent.get('/api/sites').set('X-Forwarded-For', address);
  };
  const [wild, calm] = [await phoneAt('192.0.2.7'), await phoneAt('192.0.2.8')];
  const statuses = [];
  for (let i = 0; i < MOST + 2; i += 1) statuses.push((await wild()).status);
  expect(statuses).toEqual([...Array<number>(MOST).fill(200), 429, 429]);
  const { body, headers } = await wild();
  expect((body as { detail: string }).detail).toMatch(/^Too many requests from this device/);
  expect(Number(headers['retry-after'])).toBeGreaterThan(0);
  await calm().expect(200);
  for (let i = 0; i < MOST * 3; i += 1) await server.http.get('/api/sites').expect(200);
  await server.db.close();
});
