import type { ReadingDto, VisitDto } from '@huff/contract';
import { headOf, type Change, type OperationResult } from '@huff/contract/spine';
import { randomUUID } from 'node:crypto';
import { demoVisits } from '../demo/visits';
import { phoneOn } from './phone';
import { testServer } from './testServer';

const [demo] = demoVisits(new Date('2026-05-13T12:00:00Z')) as [VisitDto, ...VisitDto[]];

/** A visit of today with nothing read. */
export const fresh = (): VisitDto => ({
  ...demo,
  id: randomUUID(),
  startedAt: new Date().toISOString(),
  readings: [],
  facts: [],
});
export const reading = (value = -0.31): ReadingDto => ({
  ...demo.readings[1]!,
  id: randomUUID(),
  value,
  takenAt: new Date().toISOString(),
});

export const creating = (visit: VisitDto) =>
  ({ kind: 'create', of: 'visit', recordId: visit.id, record: headOf(visit) }) as const;
export const adding = (visit: { id: string }, record: ReadingDto) =>
  ({ kind: 'add', of: 'reading', recordId: visit.id, record }) as const;
export const setting = (of: 'visit' | 'unit' | 'site', recordId: string, fields: object, base: number) =>
  ({ kind: 'patch', of, recordId, base, fields: { ...fields } }) as const;

export const revisionOf = (result: OperationResult) => ('revision' in result ? result.revision : NaN);
export const changed = (changes: readonly Change[], id: string) => changes.find((change) => change.id === id);

/** A server for the tests of a file, with phones before it. */
export function syncServer() {
  let server: Awaited<ReturnType<typeof testServer>>;
  beforeAll(async () => {
    server = await testServer();
  }, 60_000);
  afterAll(() => server.db.close());
  const phone = (options?: { aheadMs: number }) => phoneOn(server.http, options);
  return {
    db: () => server.db,
    http: () => server.http,
    jobs: () => server.jobs,
    phone,
    /** A visit as the server has it. */
    stored: async (visit: { id: string }) => (await server.http.get(`/api/visits/${visit.id}`)).body as VisitDto,
    /** A visit on the server, with the phone that made it. */
    visitHere: async () => {
      const mine = phone();
      const visit = fresh();
      const made = await mine.do(creating(visit));
      return { mine, visit, base: revisionOf(made) };
    },
  };
}
