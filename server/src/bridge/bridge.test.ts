import type { LiveValue } from '@huff/core/instruments';
import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { demoId } from '../demo/ids';
import { loadDemo } from '../demo/loadDemo';
import { testServer } from '../testing/testServer';
import { bridgeHub, MOST_LISTENERS } from './hub';

let server: Awaited<ReturnType<typeof testServer>>;
let listening: http.Server;
let base: string;
beforeAll(async () => {
  server = await testServer();
  await loadDemo(server.db, new Date());
  listening = http.createServer(server.app).listen(0, '127.0.0.1');
  await new Promise((done) => listening.once('listening', done));
  base = `http://127.0.0.1:${(listening.address() as AddressInfo).port}`;
}, 120_000);
afterAll(async () => {
  listening.closeAllConnections();
  await new Promise((done) => listening.close(done));
  await server.db.close();
});

const value = (more: Partial<LiveValue> = {}) => ({
  probe: 'Manometer A',
  channel: 'static',
  value: -0.31,
  atMs: Date.now(),
  ...more,
});
const send = (values: unknown) => server.http.post('/api/bridge/values').send({ values });

/** Listens to the stream; `until` waits for what a listener has to have heard. */
async function listen(query = '') {
  const end = new AbortController();
  const answer = await fetch(`${base}/api/bridge${query}`, { signal: end.signal });
  const heard: LiveValue[] = [];
  let text = '';
  const reading = (async () => {
    for await (const chunk of answer.body!) {
      text += Buffer.from(chunk as Uint8Array).toString();
      const events = text.split('\n\n');
      text = events.pop()!;
      for (const event of events)
        if (event.startsWith('data: ')) heard.push(...(JSON.parse(event.slice(6)) as LiveValue[]));
    }
  })().catch(() => undefined);
  const until = async (is: () => boolean) => {
    for (let i = 0; i < 200 && !is(); i++) await new Promise((go) => setTimeout(go, 25));
    expect(is()).toBe(true);
  };
  return {
    answer,
    heard,
    until,
    stop: async () => {
      end.abort();
      await reading;
    },
  };
}

test('what a bridge sends reaches whoever listens, as server-sent events', async () => {
  const { answer, heard, until, stop } = await listen();
  expect(answer.headers.get('content-type')).toContain('text/event-stream');
  const sent = await send([value(), value({ probe: 'Manometer B', value: 0.27 })]).expect(200);
  expect(sent.body).toEqual({ taken: 2, refused: [] });
  await until(() => heard.length === 2);
  expect(heard.map(({ probe, value: figure }) => [probe, figure])).toEqual([
    ['Manometer A', -0.31],
    ['Manometer B', 0.27],
  ]);
  await stop();
});

test('a bridge that sends nonsense is told what is wrong, and nobody hears of it', async () => {
  const { heard, until, stop } = await listen();
  const nonsense = [value({ value: 99 }), { probe: 'x' }, null, value({ atMs: Date.now() + 1e7 }), 'static'];
  const { body } = await send([...nonsense, value({ probe: 'Sound one' })]).expect(200);
  const { taken, refused } = body as { taken: number; refused: { index: number; message: string }[] };
  expect(taken).toBe(1);
  expect(refused.map(({ index }) => index)).toEqual([0, 1, 2, 3, 4]);
  for (const { message } of refused) expect(message).toMatch(/\.$/);
  await until(() => heard.length === 1);
  expect(heard[0]!.probe).toBe('Sound one');
  await stop();
});

test.each([[{}], [{ values: 'all' }], [{ values: Array.from({ length: 201 }, () => value()) }]])(
  'a body that is no list of values is refused whole',
  async (body) => {
    await server.http.post('/api/bridge/values').send(body).expect(422);
  },
);

test('what else a value carries is not passed on', async () => {
  const { heard, until, stop } = await listen();
  await send([{ ...value(), script: '<b>' }]).expect(200);
  await until(() => heard.length === 1);
  expect(Object.keys(heard[0]!).sort()).toEqual(['atMs', 'channel', 'probe', 'value']);
  await stop();
});

test('simulated instruments read the unit of a visit', async () => {
  const { heard, until, stop } = await listen(`?simulate=${demoId('visit', 2)}`);
  await until(() => heard.some(({ probe }) => probe === 'Manometer A'));
  await stop();
  await server.http.get('/api/bridge?simulate=nothing').expect(422);
  await server.http.get('/api/bridge?simulate=11110000-0000-4000-8000-00000000abcd').expect(404);
});

describe('the hub', () => {
  const listener = (took = true) => ({ send: jest.fn(() => took), end: jest.fn() });
  test('passes nothing from shop to shop', () => {
    const hub = bridgeHub();
    const [here, there] = [listener(), listener()];
    hub.listen('a', here);
    hub.listen('b', there);
    hub.tell('a', [value() as LiveValue]);
    expect(here.send).toHaveBeenCalledTimes(1);
    expect(there.send).not.toHaveBeenCalled();
  });
  test('takes so many listeners and no more; one that leaves makes room', () => {
    const hub = bridgeHub();
    const leave = Array.from({ length: MOST_LISTENERS }, () => hub.listen('a', listener()));
    expect(hub.listen('a', listener())).toBeUndefined();
    leave[0]!();
    expect(hub.listen('a', listener())).toBeDefined();
  });
  test('lets a listener go that takes nothing any more', () => {
    const hub = bridgeHub();
    const slow = listener(false);
    hub.listen('a', slow);
    for (let i = 0; i < 150; i++) hub.tell('a', [value() as LiveValue]);
    expect(slow.end).toHaveBeenCalledTimes(1);
    expect(hub.listeners('a')).toBe(0);
  });
});
