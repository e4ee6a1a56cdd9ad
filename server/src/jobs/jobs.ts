import type { Query } from '../db/db';

/** A visit to judge, all visits of a shop whose rules changed, or a shop's reminders. */
export type JobKind = 'visit' | 'allVisits' | 'reminders';

/** Something that is left to do for a shop. */
export interface Job {
  readonly shopId: string;
  readonly kind: JobKind;
  /** The visit, or the shop. */
  readonly subject: string;
  /** Whether somebody waits to be told. */
  readonly tell: boolean;
  readonly asked: number;
}

/** A server that took a job and ends before it is done loses it after this: another server does it. */
const LEASE = `interval '2 minutes'`;

/** Asks for jobs, in the transaction of what makes them due: either both are kept or none. */
export async function askFor(
  query: Query,
  shopId: string,
  kind: JobKind,
  subjects: readonly string[],
  { tell = false }: { readonly tell?: boolean } = {},
): Promise<void> {
  if (subjects.length === 0) return;
  await query(
    `INSERT INTO jobs (shop_id, kind, subject, tell) SELECT $1, $2, subject, $4 FROM unnest($3::uuid[]) AS subject
     ON CONFLICT (shop_id, kind, subject) DO UPDATE
       SET asked = jobs.asked + 1, tell = jobs.tell OR excluded.tell, due_at = least(jobs.due_at, now())`,
    [shopId, kind, [...new Set(subjects)], tell],
  );
}

/**
 * Takes jobs that are due and that no other server has, for two minutes.
 *
 * @param most so many
 */
export const takeJobs = (query: Query, most: number): Promise<Job[]> =>
  query<Job & Record<string, unknown>>(
    `UPDATE jobs SET taken_until = now() + ${LEASE}
     WHERE (shop_id, kind, subject) IN (
       SELECT shop_id, kind, subject FROM jobs WHERE due_at <= now() AND coalesce(taken_until < now(), true)
       ORDER BY due_at LIMIT $1 FOR UPDATE SKIP LOCKED
     ) RETURNING shop_id AS "shopId", kind, subject, tell, asked`,
    [most],
  );

const keysOf = (jobs: readonly Job[]) => [
  jobs.map(({ shopId }) => shopId),
  jobs.map(({ kind }) => kind),
  jobs.map(({ subject }) => subject),
  jobs.map(({ asked }) => asked),
];
const KEYS = 'unnest($1::uuid[], $2::text[], $3::uuid[], $4::bigint[]) AS t(shop_id, kind, subject, asked)';
const SAME = 'jobs.shop_id = t.shop_id AND jobs.kind = t.kind AND jobs.subject = t.subject';

/** At the start of a server that has its database to itself: the server that had taken jobs is gone. */
export async function freeJobs(query: Query): Promise<void> {
  await query('UPDATE jobs SET taken_until = NULL WHERE taken_until IS NOT NULL');
}

/** Jobs are done; what was asked for again meanwhile is due at once. */
export async function endJobs(query: Query, jobs: readonly Job[]): Promise<void> {
  if (jobs.length === 0) return;
  await query(`DELETE FROM jobs USING ${KEYS} WHERE ${SAME} AND jobs.asked = t.asked`, keysOf(jobs));
  await query(`UPDATE jobs SET taken_until = NULL FROM ${KEYS} WHERE ${SAME}`, keysOf(jobs));
}

/** Keeps jobs for two minutes more. */
export async function holdJobs(query: Query, jobs: readonly Job[]): Promise<void> {
  await query(`UPDATE jobs SET taken_until = now() + ${LEASE} FROM ${KEYS} WHERE ${SAME}`, keysOf(jobs));
}

/** Puts jobs off: they failed, or come round again. */
export async function putOff(query: Query, jobs: readonly Job[], seconds: number): Promise<void> {
  if (jobs.length === 0) return;
  await query(
    `UPDATE jobs SET taken_until = NULL, due_at = now() + make_interval(secs => $5) FROM ${KEYS} WHERE ${SAME}`,
    [...keysOf(jobs), seconds],
  );
}
