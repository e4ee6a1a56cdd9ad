import { PROBLEM_MEDIA_TYPE, type FieldError, type Problem } from '@huff/contract';
import type { ErrorRequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { DbAwayError, DbReadOnlyError } from '../db/dbTrouble';
import { NoRoomError } from '../db/room';

/** An error that is an answer: thrown anywhere in a request, sent as a problem document. */
export class ProblemError extends Error {
  readonly errors?: readonly FieldError[];
  /** Seconds after which it is worth trying again. */
  readonly retryAfterS?: number;

  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    more: { readonly errors?: readonly FieldError[]; readonly retryAfterS?: number } = {},
  ) {
    super(detail);
    this.errors = more.errors;
    this.retryAfterS = more.retryAfterS;
  }
}

export const invalid = (errors: readonly FieldError[]) =>
  new ProblemError(422, 'Not valid', errors[0]?.message ?? 'The body is not valid.', { errors });
export const notFound = (what: string) => new ProblemError(404, 'Not found', `There is no such ${what}.`);
export const conflict = (detail: string, errors?: readonly FieldError[]) =>
  new ProblemError(409, 'Conflict', detail, { errors });

export const notPlannable = () =>
  new ProblemError(
    409,
    'Nothing to plan from',
    'The visit is incomplete. It needs its statics, a blower table, the tap and the tons.',
  );

export const preconditionRequired = () =>
  new ProblemError(
    428,
    'Precondition required',
    'This record already exists. Send If-Match with its ETag so that no change is lost.',
  );
export const preconditionFailed = () =>
  new ProblemError(412, 'Precondition failed', 'It changed since you read it. Read it again, then change it.');

/** The problem document of an error that is an answer. */
export const problemOf = ({ status, title, detail, errors }: ProblemError): Problem => ({
  type: 'about:blank',
  title,
  status,
  detail,
  ...(errors ? { errors } : {}),
});

/** The disk of the server is full: what is there is read, nothing is written. */
export const noRoom = () =>
  new ProblemError(
    507,
    'No room',
    'The server’s disk is full. Nothing was saved. Your data is still on this device. Free up space on the server.',
    { retryAfterS: 30 },
  );

/** The database is away for now: whatever was asked may be asked again. */
const dbAway = () =>
  new ProblemError(
    503,
    'Database away',
    'The server’s database does not answer. Your data is still on this device. Try again in a few seconds.',
    { retryAfterS: 5 },
  );
const dbReadOnly = () =>
  new ProblemError(
    503,
    'Read-only',
    'The server’s database is read-only. Nothing was saved. Your data is still on this device.',
    { retryAfterS: 60 },
  );

/** What goes wrong with the database and passes, as an answer; undefined for all else. */
export function passingTrouble(error: unknown): ProblemError | undefined {
  if (error instanceof NoRoomError) return noRoom();
  if (error instanceof DbAwayError) return dbAway();
  if (error instanceof DbReadOnlyError) return dbReadOnly();
  return undefined;
}

/** What is said of the unforeseen: nothing of the inside. */
export const serverError = (): Problem => ({
  type: 'about:blank',
  title: 'Server error',
  status: 500,
  detail: 'Huff could not do this. Your data is still on this device. Try again.',
});

export function sendProblem(res: Response, { status, title, detail, errors }: Omit<Problem, 'type'>): void {
  const problem: Problem = { type: 'about:blank', title, status, detail, ...(errors ? { errors } : {}) };
  res.status(status).type(PROBLEM_MEDIA_TYPE).send(JSON.stringify(problem));
}

export const unreadable = (status: number) =>
  new ProblemError(status, 'Bad request', 'The request cannot be read. Check its address and headers.');

/** What Express and its body parser throw, in words. */
function fromParser(error: { status?: number; type?: string }): ProblemError | undefined {
  if (error.type === 'entity.too.large') {
    return new ProblemError(413, 'Too large', 'The body is over 1 MB. Send less at a time.');
  }
  if (error.type === 'entity.parse.failed') {
    return new ProblemError(400, 'Not JSON', 'The body is not JSON. Send the record as JSON.');
  }
  if (error.type === 'encoding.unsupported' || error.type === 'charset.unsupported')
    return new ProblemError(415, 'Not JSON', 'Send the body as JSON in UTF-8, as it is or packed with gzip.');
  if (error.status && error.status >= 400 && error.status < 500) {
    return unreadable(error.status);
  }
  return undefined;
}

/** The last middleware: every error becomes a problem document; the unforeseen are logged and say nothing of the inside. */
export function problemHandler(log: Logger): ErrorRequestHandler {
  return (error: Error & { status?: number; type?: string; code?: string }, _req, res, next) => {
    if (res.headersSent) {
      next(error);
      return;
    }
    const known = error instanceof ProblemError ? error : (passingTrouble(error) ?? fromParser(error));
    if (known) {
      if (known.retryAfterS !== undefined) res.set('Retry-After', String(known.retryAfterS));
      sendProblem(res, known);
      return;
    }
    log.error({ err: error }, 'unforeseen error');
    sendProblem(res, serverError());
  };
}
