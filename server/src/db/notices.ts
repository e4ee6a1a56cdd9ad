import { EventEmitter } from 'node:events';
import pg from 'pg';
import type { Db } from './db';

const CHANNEL = 'huff';
/** A broken connection is tried again so often. */
const AGAIN_MS = 2_000;

/** Hears what the servers on one database tell each other (LISTEN), on a connection that is used for nothing else. */
export function noticesOn(url: string, onTrouble?: (error: Error) => void) {
  const topics = new EventEmitter();
  let client: pg.Client | undefined;
  let again: ReturnType<typeof setTimeout> | undefined;
  let isClosed = false;

  const connect = async () => {
    const next = new pg.Client({ connectionString: url, keepAlive: true, application_name: 'huff notices' });
    let isOver = false;
    const over = (error?: Error) => {
      if (isOver) return;
      isOver = true;
      next.end().catch(() => undefined);
      if (isClosed) return;
      if (error) onTrouble?.(error);
      const trying = setTimeout(() => void connect(), AGAIN_MS);
      // It must not keep a server that stops.
      (trying as { unref?: () => void }).unref?.();
      again = trying;
    };
    next.on('error', over);
    next.on('end', () => over());
    next.on('notification', ({ payload }) => topics.emit(payload ?? ''));
    client = next;
    try {
      await next.connect();
      await next.query(`LISTEN ${CHANNEL}`);
      // What was told while nobody listened was missed.
      for (const topic of topics.eventNames()) topics.emit(topic);
    } catch (error) {
      over(error as Error);
    }
  };
  return {
    hear: (topic: string, then: () => void): void => {
      topics.on(topic, then);
      if (!client) void connect();
    },
    close: async (): Promise<void> => {
      isClosed = true;
      clearTimeout(again);
      await client?.end().catch(() => undefined);
    },
  };
}

/** Tells them (NOTIFY). */
export const tellOn =
  (query: Db['query']): Db['tell'] =>
  async (topic) => {
    await query('SELECT pg_notify($1, $2)', [CHANNEL, topic]);
  };
