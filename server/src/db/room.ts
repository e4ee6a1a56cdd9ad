import { statfsSync } from 'node:fs';
import type { Db, Query } from './db';

/**
 * With less than this free nothing more is written. The embedded database writes its log in pieces of 16 MB and cannot go on when one
 * finds no room: it tries for ever. So it is never let come so far.
 */
export const LEAST_FREE_BYTES = 64_000_000;

/** Thrown instead of writing when the disk is as good as full. */
export class NoRoomError extends Error {
  constructor() {
    super('The server’s disk is full. Nothing was saved.');
  }
}

/** Bytes that are free where a folder lies. */
export function freeBytes(folder: string): number {
  const { bavail, bsize } = statfsSync(folder);
  return bavail * bsize;
}

const reads = (sql: string) => /^[\s(]*(SELECT|WITH)\b/i.test(sql);

/**
 * A database that is read at any time and written only while there is room.
 *
 * @param free bytes that are free now
 */
export function whileRoom(db: Db, free: () => number): Db {
  const ensureRoom = () => {
    if (free() < LEAST_FREE_BYTES) throw new NoRoomError();
  };
  const query: Query = async (sql, params) => {
    if (!reads(sql)) ensureRoom();
    return db.query(sql, params);
  };
  return {
    ...db,
    query,
    transaction: async (work) => {
      ensureRoom();
      return db.transaction(work);
    },
    script: async (sql) => {
      ensureRoom();
      return db.script(sql);
    },
  };
}
