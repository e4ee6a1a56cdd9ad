import type { VisitDto } from '@huff/contract';
import { demoVisits } from '../demo/visits';
import { recordClient, type TestServer } from '../testing/recordClient';
import { testServer } from '../testing/testServer';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
}, 60_000);
afterAll(() => server.db.close());

const uuid = (n: number) => `11110000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const { put } = recordClient(() => server.http);
const [visit] = demoVisits(new Date('2026-05-13T12:00:00Z')) as [VisitDto, ...VisitDto[]];

test('checks at points and circuits are kept as they were read, and nonsense is refused in words', async () => {
  const fact = (n: number, kind: string, inputs: object) => ({
    id: uuid(n),
    kind,
    inputs,
    takenAt: '2026-05-12T10:00:00Z',
    replacesId: null,
  });
  const own = { ...visit, id: uuid(930), readings: [] };
  const sound = [
    fact(931, 'check', { point: 'lineVolts', value: 238, extra: 1 }),
    fact(932, 'ladder', {
      circuit: '2',
      refrigerant: 'R-32',
      metering: 'valve',
      highPort: 'liquid',
      suctionPsig: 118,
    }),
  ];
  await put(`visits/${own.id}`, { ...own, facts: sound }).expect(204);
  const kept = (await server.http.get(`/api/visits/${own.id}`).expect(200)).body as typeof own;
  expect(kept.facts).toMatchObject([{ inputs: { point: 'lineVolts', value: 238 } }, { inputs: { suctionPsig: 118 } }]);
  expect(JSON.stringify(kept.facts)).not.toContain('extra');
  for (const [inputs, words] of [
    [{ point: 'lineVolts', value: 9000 }, /between 0 and 700 V/],
    [{ point: 'nowhere', state: 'on' }, /names a point/],
    [{ point: 'wheel', state: 'free', note: 'x\u202e' }, /note/],
  ] as const) {
    const refused = await put(`visits/${uuid(933)}`, {
      ...own,
      id: uuid(933),
      facts: [fact(934, 'check', inputs)],
    }).expect(422);
    expect(JSON.stringify(refused.body)).toMatch(words);
  }
});
