import type { VisitDto } from '@huff/contract';
import { randomUUID } from 'node:crypto';
import { demoId } from '../demo/ids';
import { loadDemo } from '../demo/loadDemo';
import { DEMO_AUTHOR } from '../http/author';
import { askFor } from '../jobs/jobs';
import { testServer } from '../testing/testServer';
import type { Mail } from './mails';
import { writeReminders } from './writeMails';

const LIBRARY = 'desk@lanternquay.example';
const ROOF = demoId('unit', 9);

let server: Awaited<ReturnType<typeof testServer>>;
beforeAll(async () => {
  server = await testServer();
  await loadDemo(server.db, new Date('2031-05-01T12:00:00Z'));
}, 120_000);
afterAll(() => server.db.close());

const mails = async () => ((await server.http.get('/api/mails').expect(200)).body as { mails: Mail[] }).mails;
const visitWith = (startedAt: string, inputs: object): VisitDto => ({
  id: randomUUID(),
  title: 'Lantern Quay library, Roof 2 stacks',
  unitId: ROOF,
  layout: 'packaged',
  motor: 'beltDrive',
  mode: 'cooling',
  cfmPerTon: 400,
  startedAt,
  readings: [],
  facts: [{ id: randomUUID(), kind: 'handOver', inputs: { ...inputs }, takenAt: startedAt }],
});
const handOver = async (visit: VisitDto) => {
  await server.http.put(`/api/visits/${visit.id}`).send(visit).expect(204);
  await server.jobs.settled();
};

test('a report that was requested at the end of a visit is kept as mail, once', async () => {
  const visit = visitWith('2031-06-01T10:00:00.000Z', {
    mailTo: LIBRARY,
    returnOn: '2031-06-20',
    returnFor: 'Belt after run-in',
    words: 'Call when the belt squeals.',
  });
  await handOver(visit);
  const reports = (await mails()).filter(({ kind }) => kind === 'report');
  expect(reports).toHaveLength(1);
  const [mail] = reports;
  expect(mail).toMatchObject({ to: LIBRARY, visitId: visit.id, unitId: ROOF });
  expect(mail!.subject).toBe('Report: Roof 2 stacks, Lantern Quay library');
  expect(mail!.body).toContain('- Call when the belt squeals.');
  expect(mail!.body).toContain('- Belt after run-in: June 20, 2031.');
  expect(mail!.body).toContain(`/api/visits/${visit.id}/report.pdf`);
  // Computed again, as after a change of the rules: still one.
  await server.http.put(`/api/visits/${visit.id}`).send(visit);
  await askFor(server.db.query, DEMO_AUTHOR.shopId, 'visit', [visit.id], { tell: true });
  server.jobs.asked();
  await server.jobs.settled();
  expect((await mails()).filter(({ kind }) => kind === 'report')).toEqual(reports);
});

test('nobody asked: nothing is written; what is no address is refused at the door', async () => {
  const before = await mails();
  await handOver(visitWith('2031-06-01T11:00:00.000Z', { ownerName: 'The librarian' }));
  expect(await mails()).toEqual(before);
  const bad = visitWith('2031-06-01T12:00:00.000Z', { mailTo: 'the desk' });
  const { body } = await server.http.put(`/api/visits/${bad.id}`).send(bad).expect(422);
  expect(JSON.stringify(body)).toContain('Enter the email address as name@place.example.');
});

test('what comes due within ten days is reminded of, once, where the site has an address', async () => {
  await handOver(visitWith('2031-06-02T10:00:00.000Z', { returnOn: '2031-06-20', returnFor: 'Belt after run-in' }));
  const remind = async (day: string) => {
    await writeReminders(server.db.query, DEMO_AUTHOR.shopId, new Date(`${day}T08:00:00Z`));
    return (await mails()).filter(({ kind, unitId }) => kind === 'reminder' && unitId === ROOF);
  };
  expect(await remind('2031-06-09')).toEqual([]);
  const [mail] = await remind('2031-06-10');
  expect(mail).toMatchObject({ to: LIBRARY, subject: 'Belt after run-in: Roof 2 stacks, Lantern Quay library' });
  expect(mail!.body).toContain('Dear caretaker’s desk');
  expect(mail!.body).toContain('Friday, June 20, 2031');
  expect(await remind('2031-06-12')).toEqual([mail]);
  // Sites without an address are told in person.
  expect(new Set((await mails()).map(({ to }) => to))).toEqual(new Set([LIBRARY]));
});
