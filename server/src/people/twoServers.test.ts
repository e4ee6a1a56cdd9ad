import request from 'supertest';
import { besides, onlyOnServer } from '../testing/onlyOnServer';
import { testServer } from '../testing/testServer';

const OWNER = { name: 'Ada', passphrase: 'three wet coils and a drum' };

onlyOnServer('two servers on one database', () => {
  test('what one lets in the other does; when one locks its computer the other does', async () => {
    const first = await testServer();
    const db = await besides(first.db);
    const { app: second } = await testServer({ db });
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
