import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../app';
import { backupsBeside } from '../backup/backupsBeside';
import { besideHere } from '../beside/beside';
import { ServerState } from '../health/state';
import { serverJobs } from '../jobsOfServer';
import { besides, onlyOnServer } from '../testing/onlyOnServer';
import { testServer } from '../testing/testServer';

const OWNER = { name: 'Ada', passphrase: 'three wet coils and a drum' };

onlyOnServer('two servers on one database', () => {
  test('what one lets in the other does; when one locks its computer the other does', async () => {
    const first = await testServer();
    const db = await besides(first.db);
    const log = pino({ level: 'silent' });
    const state = new ServerState();
    state.phase = 'ready';
    const beside = besideHere();
    const second = createApp({
      db,
      state,
      log,
      jobs: serverJobs(db, log, beside, 'http://127.0.0.1'),
      beside,
      backups: backupsBeside(
        () => undefined,
        undefined,
        log,
        () => Promise.resolve({}),
      ),
      served: { host: '127.0.0.1', names: [] },
    });
    await request(second).get('/api/sites').expect(200);

    const desk = request.agent(first.app);
    const set = await desk.put('/api/me/passphrase').send(OWNER).expect(200);
    const [cookie] = set.headers['set-cookie'] as unknown as string[];
    for (let i = 0; i < 100 && (await request(second).get('/api/sites')).status === 200; i += 1)
      await new Promise((go) => setTimeout(go, 50));
    await request(second).get('/api/sites').expect(401);
    await request(second).get('/api/sites').set('Cookie', cookie!.split(';')[0]!).expect(200);
    await desk.delete('/api/session').expect(204);
    await request(second).get('/api/sites').set('Cookie', cookie!.split(';')[0]!).expect(401);
    await db.close();
    await first.db.close();
  }, 60_000);
});
