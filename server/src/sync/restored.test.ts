import { RESTORED_DATA } from '@huff/contract/spine';
import { adding, creating, reading, syncServer } from '../testing/syncFixtures';

const { db, stored, visitHere } = syncServer();

test('after a restore a phone is told so, and what it sends again is there once', async () => {
  const { mine, visit } = await visitHere();
  const taken = reading();
  await mine.do(adding(visit, taken));
  const cursor = mine.cursor()!;
  // The data is put back to before the visit.
  for (const table of ['operations', 'results', 'facts', 'readings', 'record_changes', 'visits'])
    await db()
      .query(`DELETE FROM ${table}`)
      .catch(() => undefined);
  await db().query('UPDATE shops SET epoch = gen_random_uuid()');

  const told = await mine.post([], cursor);
  expect(told.status).toBe(409);
  expect(told.body).toMatchObject({ title: RESTORED_DATA });
  // Whoever has no epoch in the cursor yet is answered as before.
  expect((await mine.post([], cursor.replace(/-[0-9a-f]{12}/, ''))).status).toBe(200);

  for (let time = 0; time < 2; time += 1) {
    const again = [mine.operation(creating(visit)), mine.operation(adding(visit, taken))];
    const { body } = await mine.post(again, null);
    expect((body as { results: { status: string }[] }).results.map(({ status }) => status)).toEqual(['done', 'done']);
    expect((await stored(visit)).readings.map(({ id }) => id)).toEqual([taken.id]);
  }
});
