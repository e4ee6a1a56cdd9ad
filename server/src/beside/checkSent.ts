import { check, VisitDto, type Checked } from '@huff/contract';
import type { Operation, RecordOf } from '@huff/contract/spine';
import { checkOperation, checkRecord } from '@huff/contract/sync';

/** What is sent: one operation, a whole visit with its readings, or a record of a kind. */
export type Sent = RecordOf & { readonly operation: Operation; readonly wholeVisit: VisitDto };

/** What is to be checked, as it goes to another thread. */
export interface CheckWork<S extends keyof Sent = keyof Sent> {
  readonly as: S;
  readonly body: unknown;
}

/** Checks what was sent against the contract's classes. */
export function checkSent<S extends keyof Sent>({ as, body }: CheckWork<S>): Checked<Sent[S]> {
  if (as === 'operation') return checkOperation(body) as Checked<Sent[S]>;
  if (as === 'wholeVisit') return check(VisitDto, body) as Checked<Sent[S]>;
  return checkRecord(as, body) as Checked<Sent[S]>;
}
