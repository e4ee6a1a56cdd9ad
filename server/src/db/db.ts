/** A row as the database gives it. */
export type Row = Record<string, unknown>;

/** Runs one parameterised statement. Inside a transaction, only the transaction's own `query` may be used. */
export type Query = <R extends Row = Row>(sql: string, params?: readonly unknown[]) => Promise<R[]>;

/** A database whose folder can be copied while it runs. */
export interface Copyable {
  /** Copies the folder in a moment when nothing is written. @returns how many rows each table had in that moment */
  readonly copyTo: (folder: string) => Promise<Readonly<Record<string, number>>>;
}

/** The one way to the database, so that PGlite and a PostgreSQL server run the same statements. */
export interface Db {
  readonly query: Query;
  /** Runs `work` in a transaction: all of it or nothing. */
  transaction<T>(work: (query: Query) => Promise<T>): Promise<T>;
  /** Runs a script of several statements inside a transaction of its own. */
  script(sql: string): Promise<void>;
  /** Does something that one server at a time may do, of all that use this database. */
  alone<T>(name: string, work: () => Promise<T>): Promise<T>;
  /** Tells every server that uses this database, this one too. Nothing is kept for one that is away. */
  tell(topic: string): Promise<void>;
  /** Calls `then` whenever `topic` is told, and whenever it may have been missed. */
  hear(topic: string, then: () => void): void;
  close(): Promise<void>;
}
