import type { Row } from './db';

/** What the server's thread asks of the thread that has the database. */
export type DbAsk =
  | { readonly op: 'query'; readonly sql: string; readonly params: readonly unknown[]; readonly tx?: number }
  | { readonly op: 'begin' | 'commit' | 'rollback'; readonly tx: number }
  | { readonly op: 'script'; readonly sql: string }
  | { readonly op: 'copyTo'; readonly folder: string }
  | { readonly op: 'close' };

export type DbMessage = DbAsk & { readonly id: number };

/** An error of the database, as it goes from thread to thread. */
export interface DbFault {
  readonly message: string;
  /** SQLSTATE, where the database said it. */
  readonly code?: string;
}

export type DbAnswer =
  { readonly id: number; readonly rows?: readonly Row[] } | { readonly id: number; readonly fault: DbFault };

/** What the thread says by itself: whether the database is open. */
export type DbOpened = { readonly opened: true } | { readonly opened: false; readonly fault: DbFault };

export const faultOf = (error: unknown): DbFault => {
  const { message, code } = error as { message?: unknown; code?: unknown };
  return {
    message: typeof message === 'string' ? message : String(error),
    ...(typeof code === 'string' && { code }),
  };
};

export const errorOf = ({ message, code }: DbFault): Error => Object.assign(new Error(message), code && { code });
