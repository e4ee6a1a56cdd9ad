import { OTHER_PERSON } from '@huff/contract/spine';
import { waitingForOthers } from './ownRows';
import type { By, OutboxRow } from './store';
import { allDone, patching, phone } from './testing';

const [BO, CY]: readonly [By, By] = [
  { id: 'bo', name: 'Bo' },
  { id: 'cy', name: 'Cy' },
];
const row = (id: string, by?: By): Omit<OutboxRow, 'order'> => ({
  id,
  state: 'waiting',
  operation: { ...patching(`unit-${id}`), id, madeAt: '2026-05-12T10:00:00.000Z' },
  ...(by ? { by } : {}),
});

/** A phone on which Bo, Cy and somebody before them did something. */
async function usedByTwo(person?: By) {
  const one = phone();
  await one.store.write({ add: [row('old'), row('bos', BO), row('cys', CY)], ...(person ? { meta: { person } } : {}) });
  await one.outbox.reload();
  return one;
}

test('each one’s work goes under his name alone: the rest waits, in its order', async () => {
  const { sender, sent, requests, store, says } = await usedByTwo(CY);
  says(allDone);
  await sender.step();
  expect(sent()[0]).toEqual(['old', 'cys']);
  expect(requests[0]!.person).toBe('cy');
  expect((await store.outbox()).map(({ id }) => id)).toEqual(['bos']);
  await store.write({ meta: { person: BO } });
  await sender.step();
  expect(sent()[1]).toEqual(['bos']);
  expect(await store.outbox()).toEqual([]);
});

test('before anybody is known all of it goes, and no person is claimed', async () => {
  const { sender, sent, requests } = await usedByTwo();
  await sender.step();
  expect(sent()[0]).toEqual(['old', 'bos', 'cys']);
  expect(requests[0]).not.toHaveProperty('person');
});

test('somebody else is signed in than the phone knew: nothing is lost or refused, and it is told', async () => {
  const { sender, store, says } = await usedByTwo(BO);
  says(() => ({
    kind: 'problem',
    status: 409,
    problem: { type: 'about:blank', title: OTHER_PERSON, status: 409, detail: 'Somebody else.' },
  }));
  const step = await sender.step();
  expect(step.phase).toBe('signIn');
  expect(step.waitMs).toBeGreaterThan(0);
  expect((await store.outbox()).map(({ state }) => state)).toEqual(['waiting', 'waiting', 'waiting']);
});

test('what waits for others is counted by their names', async () => {
  const { store } = await usedByTwo(CY);
  expect([...waitingForOthers(await store.outbox(), CY)]).toEqual([['Bo', 1]]);
  expect([...waitingForOthers(await store.outbox(), undefined)]).toEqual([]);
});
