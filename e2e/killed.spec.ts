import { randomUUID } from 'node:crypto';
import type { ReadingDto, VisitDto } from '@huff/contract';
import { expect, testWithOwnServer as test } from './support/test';
import { visitsAt } from './support/visitsAt';

const SENDERS = 4;

test('killed in the middle of writes, it comes back with everything it had confirmed', async ({ huff, request }) => {
  const [demo] = (await visitsAt(request, huff.url)) as [VisitDto, ...VisitDto[]];
  const confirmed: string[] = [];
  const sent = new Map<string, VisitDto>();
  let over = false;
  const send = async () => {
    while (!over) {
      const readings = demo.readings.map((r): ReadingDto => ({ ...r, id: randomUUID(), replacesId: null }));
      const visit = { ...demo, id: randomUUID(), title: 'written while dying', readings, facts: [] };
      sent.set(visit.id, visit);
      const answer = await request.put(`/api/visits/${visit.id}`, { data: visit }).catch(() => undefined);
      if (answer?.status() === 204) confirmed.push(visit.id);
      else return;
    }
  };
  const senders = Array.from({ length: SENDERS }, send);
  await expect.poll(() => confirmed.length).toBeGreaterThan(20);
  await huff.stop('SIGKILL');
  over = true;
  await Promise.all(senders);

  await huff.start();
  for (const id of confirmed) {
    const answer = await request.get(`${huff.url}/api/visits/${id}`);
    expect(answer.status()).toBe(200);
    expect(((await answer.json()) as VisitDto).readings).toHaveLength(sent.get(id)!.readings.length);
  }
  // What was not confirmed is there whole, or not at all; sending it again is harmless.
  for (const [id, visit] of [...sent].filter(([one]) => !confirmed.includes(one))) {
    const there = await request.get(`${huff.url}/api/visits/${id}`);
    expect([200, 404]).toContain(there.status());
    expect((await request.put(`${huff.url}/api/visits/${id}`, { data: visit })).status()).toBe(204);
    const after = (await (await request.get(`${huff.url}/api/visits/${id}`)).json()) as VisitDto;
    expect(after.readings).toHaveLength(visit.readings.length);
  }
});
