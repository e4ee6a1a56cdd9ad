/** The database cannot be asked now: it went away, is being restarted, or took too long. What was sent may be sent again. */
export class DbAwayError extends Error {
  constructor(cause?: unknown) {
    super('The PostgreSQL server does not answer. Check its address, and that it runs and lets this computer in.', {
      cause,
    });
  }
}

/** The database lets nobody write: a copy that follows another, or one that was set so. */
export class DbReadOnlyError extends Error {
  constructor(cause?: unknown) {
    super('The server’s database is read-only. Nothing was saved.', { cause });
  }
}
