export type Phase = 'starting' | 'ready' | 'failed' | 'stopping';

/** How far the server is: it answers from the first moment, before the database is open. */
export class ServerState {
  phase: Phase = 'starting';
  /** How long the oldest request of the database waits, ms. */
  waitingMs: () => number = () => 0;
}
