import type { EntryCode, Person, SessionState, SignedInDevice } from '@huff/contract';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { DEMO_AUTHOR } from '../http/author';
import { adding, creating, fresh, reading } from '../testing/syncFixtures';
import { testServer } from '../testing/testServer';

let server: Awaited<ReturnType<typeof testServer>>;
beforeEach(async () => {
  server = await testServer();
}, 60_000);
afterEach(() => server.db.close());

/** Somebody elsewhere: a phone that reaches the server over the network. */
function elsewhere(address = '192.0.2.7') {
  const agent = request.agent(server.app);
  agent.set('X-Forwarded-For', address);
  agent.set('User-Agent', 'Mozilla/5.0 (Linux; Android 15) Chrome/140.0 Mobile');
  return agent;
}
type Agent = ReturnType<typeof elsewhere>;
const here = () => request.agent(server.app);
const stateOf = async (agent: Agent) => (await agent.get('/api/session').expect(200)).body as SessionState;
const OWNER = { name: 'Ada', passphrase: 'three wet coils and a drum' };

async function codeFor(owner: Agent, person: { name: string; role: string }, id: string = randomUUID()) {
  await owner.put(`/api/people/${id}`).send(person).expect(204);
  const { body } = await owner.post(`/api/people/${id}/code`).expect(200);
  return { id, ...(body as EntryCode) };
}
async function comesIn(code: string, agent = elsewhere()) {
  await agent.post('/api/session/code').send({ code }).expect(200);
  return agent;
}

test('anyone who sits at the computer is let in until the owner can sign in; a phone never is without a code', async () => {
  expect(await stateOf(here())).toMatchObject({ isOn: false, isAtComputer: true, person: { role: 'owner' } });
  const phone = elsewhere();
  expect(await stateOf(phone)).toEqual({ isOn: false, address: null, shop: null, person: null, isAtComputer: false });
  const refused = await phone.get('/api/sites').expect(401);
  expect((refused.body as { detail: string }).detail).toContain('Nothing on this device is lost');
  await phone.get('/api/bundle').expect(401);
  const desk = here();
  await desk.put('/api/me/passphrase').send(OWNER).expect(200);
  // From now on the computer asks as well; the browser that did it is in.
  await desk.get('/api/sites').expect(200);
  await here().get('/api/sites').expect(401);
});

test('a phone is paired by a code that works once, and stays in', async () => {
  const { body } = await here().post('/api/me/phone').expect(200);
  const { code, link } = body as EntryCode;
  expect(link).toMatch(/^http:\/\/127\.0\.0\.1:\d+\/join#[\w-]+$/);
  const phone = elsewhere();
  // As somebody types it.
  await comesIn(` ${code.toLowerCase().replace(/-/g, ' ')}`, phone);
  // Signed in, though the computer asks nobody: it can sign out.
  expect(await stateOf(phone)).toMatchObject({
    isOn: false,
    isAtComputer: false,
    person: { id: DEMO_AUTHOR.personId },
  });
  await phone.get('/api/sites').expect(200);
  await elsewhere().post('/api/session/code').send({ code }).expect(401);
  const { devices } = (await phone.get('/api/me/devices')).body as { devices: SignedInDevice[] };
  expect(devices).toMatchObject([{ label: 'Phone', isThis: true }]);
});

test('a code that is over, or was replaced by another, lets nobody in', async () => {
  const owner = here();
  const { id, code: first } = await codeFor(owner, { name: 'Bo', role: 'technician' });
  const { code: second } = await codeFor(owner, { name: 'Bo', role: 'technician' }, id);
  await elsewhere().post('/api/session/code').send({ code: first }).expect(401);
  await server.db.query("UPDATE entry_codes SET expires_at = now() - interval '1 second'");
  await elsewhere().post('/api/session/code').send({ code: second }).expect(401);
});

test('what is written carries who wrote it, and nothing sent says otherwise', async () => {
  const { id, code } = await codeFor(here(), { name: 'Bo', role: 'technician' });
  const phone = await comesIn(code);
  const visit = fresh();
  const operations = [creating(visit), adding(visit, reading())].map((made, order) => ({
    ...made,
    id: randomUUID(),
    madeAt: new Date().toISOString(),
    order,
    writtenBy: DEMO_AUTHOR.personId,
    personId: DEMO_AUTHOR.personId,
  }));
  const { body } = await phone
    .post('/api/sync')
    .send({ device: randomUUID(), phoneTime: new Date().toISOString(), cursor: null, operations })
    .expect(200);
  expect((body as { results: { status: string }[] }).results.map(({ status }) => status)).toEqual(['done', 'done']);
  for (const table of ['visits', 'readings'])
    expect(await server.db.query(`SELECT written_by AS by FROM ${table}`)).toEqual([{ by: id }]);
  expect(await server.db.query('SELECT DISTINCT done_by AS by FROM operations')).toEqual([{ by: id }]);
});

test('a person who left is out at once, everywhere; the name stays on what was written', async () => {
  const owner = here();
  const { id, code } = await codeFor(owner, { name: 'Bo', role: 'lead' });
  const phone = await comesIn(code);
  await phone.put('/api/me/passphrase').send({ name: 'Bo', passphrase: 'bo knows many belts' }).expect(200);
  await phone.get('/api/sites').expect(200);
  await owner.delete(`/api/people/${id}`).expect(204);
  await phone.get('/api/sites').expect(401);
  await elsewhere().post('/api/session/passphrase').send({ name: 'Bo', passphrase: 'bo knows many belts' }).expect(401);
  const { people } = (await owner.get('/api/people')).body as { people: Person[] };
  expect(people.find((one) => one.id === id)).toMatchObject({ name: 'Bo', hasPassphrase: false });
  // Back again: by a new code alone.
  const again = await codeFor(owner, { name: 'Bo', role: 'technician' }, id);
  await (await comesIn(again.code)).get('/api/sites').expect(200);
});

test('the last owner stays an owner', async () => {
  const owner = here();
  const { personId } = DEMO_AUTHOR;
  await owner.delete(`/api/people/${personId}`).expect(409);
  await owner.put(`/api/people/${personId}`).send({ name: 'Ada', role: 'lead' }).expect(409);
  await owner.get('/api/sites').expect(200);
});

test('each role does what it may: an apprentice changes no settings, a technician exports nothing, both work', async () => {
  const owner = here();
  const roles = ['lead', 'technician', 'apprentice'] as const;
  const shop = (await owner.get(`/api/shop/${DEMO_AUTHOR.shopId}`)).body as object;
  const seen: Record<string, readonly number[]> = {};
  for (const role of roles) {
    const agent = await comesIn((await codeFor(owner, { name: role, role })).code);
    const patch = {
      id: randomUUID(),
      madeAt: new Date().toISOString(),
      kind: 'patch',
      of: 'shop',
      recordId: DEMO_AUTHOR.shopId,
      base: 1,
      fields: { laborAnHour: 90 },
    };
    const sent = { device: randomUUID(), phoneTime: new Date().toISOString(), cursor: null, operations: [patch] };
    const { results } = (await agent.post('/api/sync').send(sent)).body as {
      results: { status: string; problem?: { status: number } }[];
    };
    const site = { id: randomUUID(), name: `Site of ${role}` };
    seen[role] = [
      (await agent.put(`/api/shop/${DEMO_AUTHOR.shopId}`).send(shop)).status,
      results[0]!.problem?.status ?? 200,
      (await agent.get('/api/bundle')).status,
      (await agent.post('/api/backups')).status,
      (await agent.put(`/api/people/${randomUUID()}`).send({ name: 'Spy', role: 'owner' })).status,
      (await agent.put(`/api/sites/${site.id}`).send(site)).status,
    ];
  }
  // Backups are off in this server: a lead is told so, the others that they may not.
  expect(seen).toEqual({
    lead: [428, 200, 200, 409, 403, 204],
    technician: [428, 200, 403, 403, 403, 204],
    apprentice: [403, 403, 403, 403, 403, 204],
  });
});

describe('passphrases', () => {
  test('go with a name that one person has, whatever its case; two who take it at once do not both get it', async () => {
    const owner = here();
    const agents = [];
    for (const name of ['Bo', 'Cy'])
      agents.push(await comesIn((await codeFor(owner, { name, role: 'technician' })).code));
    const set = agents.map((agent, i) =>
      agent.put('/api/me/passphrase').send({ name: i === 0 ? 'Sam' : 'SAM', passphrase: `of agent number ${i}` }),
    );
    const statuses = (await Promise.all(set)).map(({ status }) => status);
    expect(statuses.sort()).toEqual([200, 409]);
  });

  test('are asked for the one before; a changed one ends every other session', async () => {
    const desk = here();
    await desk.put('/api/me/passphrase').send(OWNER).expect(200);
    const phone = elsewhere();
    await phone
      .post('/api/session/passphrase')
      .send({ ...OWNER, name: 'ada' })
      .expect(200);
    const next = { name: 'Ada', passphrase: 'another long enough phrase' };
    await desk.put('/api/me/passphrase').send(next).expect(422);
    await desk
      .put('/api/me/passphrase')
      .send({ ...next, current: OWNER.passphrase })
      .expect(200);
    await desk.get('/api/sites').expect(200);
    await phone.get('/api/sites').expect(401);
    await phone.post('/api/session/passphrase').send(OWNER).expect(401);
    await phone.post('/api/session/passphrase').send(next).expect(200);
  });

  test('that are short are refused in words, and are nowhere to be read', async () => {
    const { body } = await here().put('/api/me/passphrase').send({ name: 'Ada', passphrase: 'short' }).expect(422);
    expect((body as { detail: string }).detail).toContain('12 to 200 characters');
    const desk = here();
    await desk.put('/api/me/passphrase').send(OWNER).expect(200);
    const tables = await server.db.query<{ row: string }>(
      'SELECT row_to_json(p)::text AS row FROM people p UNION ALL SELECT row_to_json(s)::text FROM sessions s',
    );
    const all = tables.map(({ row }) => row).join('\n');
    expect(all).toContain('$argon2id$v=19$m=19456,t=2,p=1$');
    expect(all).not.toContain(OWNER.passphrase);
    const cookie = (await desk.post('/api/session/passphrase').send(OWNER)).headers[
      'set-cookie'
    ] as unknown as string[];
    expect(cookie[0]).toMatch(/^huff-session=[\w-]{43}; Max-Age=15552000; Path=\/; .*HttpOnly; SameSite=Lax$/);
    expect(all).not.toContain(/=([\w-]{43})/.exec(cookie[0]!)![1]);
  });

  test('tried too often lock out the address that tries, and nobody else', async () => {
    await here().put('/api/me/passphrase').send(OWNER).expect(200);
    const attacker = elsewhere('198.51.100.9');
    const tries = [];
    for (let i = 0; i < 10; i += 1)
      tries.push(
        (await attacker.post('/api/session/passphrase').send({ name: 'Ada', passphrase: `guess number ${i}` })).status,
      );
    expect(tries).toEqual([...Array<number>(8).fill(401), 429, 429]);
    const late = await attacker.post('/api/session/passphrase').send(OWNER).expect(429);
    expect(Number(late.headers['retry-after'])).toBeGreaterThan(0);
    await elsewhere().post('/api/session/passphrase').send(OWNER).expect(200);
    for (let i = 0; i < 40; i += 1) await attacker.post('/api/session/code').send({ code: `AAAA-BBBB-${1000 + i}` });
    await attacker.post('/api/session/code').send({ code: 'AAAA-BBBB-CCCC' }).expect(429);
  });
});

test('signed out here, and signed out everywhere', async () => {
  const owner = here();
  const one = await comesIn((await codeFor(owner, { name: 'Bo', role: 'technician' })).code);
  const { body } = await one.post('/api/me/phone').expect(200);
  const two = await comesIn((body as EntryCode).code, elsewhere());
  await two.delete('/api/me/devices').expect(204);
  await one.get('/api/sites').expect(401);
  await two.get('/api/sites').expect(200);
  await two.delete('/api/session').expect(204);
  await two.get('/api/sites').expect(401);
});

test('a token that nobody gave, one that is over, and one not used for a month let nobody in', async () => {
  const forged = elsewhere().set('Cookie', `huff-session=${'A'.repeat(43)}`);
  await forged.get('/api/sites').expect(401);
  const phone = await comesIn((await codeFor(here(), { name: 'Bo', role: 'technician' })).code);
  await server.db.query("UPDATE sessions SET used_at = now() - interval '31 days'");
  await phone.get('/api/sites').expect(401);
  await server.db.query("UPDATE sessions SET used_at = now(), expires_at = now() - interval '1 second'");
  await phone.get('/api/sites').expect(401);
  await server.db.query("UPDATE sessions SET expires_at = now() + interval '1 day'");
  await phone.get('/api/sites').expect(200);
});

test('a page of another site can do nothing with a session', async () => {
  const phone = await comesIn((await codeFor(here(), { name: 'Bo', role: 'technician' })).code);
  await phone.post('/api/me/phone').set('Origin', 'http://elsewhere.example').expect(403);
  await phone.delete('/api/session').set('Sec-Fetch-Site', 'cross-site').expect(403);
  await phone.get('/api/sites').expect(200);
});

test('a passkey that nobody made, or whose challenge was used, lets nobody in', async () => {
  const { body } = await here().post('/api/session/passkey/options').expect(200);
  const { id, options } = body as { id: string; options: { rpId: string; challenge: string } };
  expect(options).toMatchObject({ rpId: '127.0.0.1' });
  const response = { id: 'AAAA', rawId: 'AAAA', type: 'public-key', response: {}, clientExtensionResults: {} };
  await here().post('/api/session/passkey').send({ id, response }).expect(401);
  const used = await here().post('/api/session/passkey').send({ id, response }).expect(401);
  expect((used.body as { detail: string }).detail).toContain('took too long');
  for (const bad of [{}, { id }, { id: 1, response: 2 }, { id, response: 'x' }])
    expect((await here().post('/api/session/passkey').send(bad)).status).toBeGreaterThanOrEqual(401);
});
