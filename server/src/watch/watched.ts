/** A thread that is watched: the one that answers, or the one with the database. */
export type WatchedThread = 'server' | 'database';

/** What the watch is told: numbers shared with the server's thread, and how long that may stand still. */
export interface Watched {
  readonly shared: SharedArrayBuffer;
  /** Which thread is watched. */
  readonly of: WatchedThread;
  readonly checkEveryMs: number;
  /** Checks in a row without a beat. Counted, not timed: a machine that slept has not stood still. */
  readonly missesToEnd: number;
}

/** The cell that grows while something moves. */
export const BEAT = 0;
/** The cell that is above 0 while something is asked of the disk. */
export const ON_DISK = 1;
export const WATCHED_BYTES = 8;

/** Runs something that is asked of the disk. */
export type WhileDisk = <T>(work: () => T) => T;
