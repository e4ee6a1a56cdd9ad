import type { Checked } from '@huff/contract';
import { brokenText } from '@huff/contract/sync';
import type { Request } from 'express';
import { idOf } from '../http/body';
import { invalid } from '../http/problems';
import type { Beside } from './beside';
import { checkSent, type CheckWork, type Sent } from './checkSent';

/** The check of more than this is felt by everybody else. */
const LARGE_BYTES = 100_000;

/** Checks what a request brought: in this thread, or beside it where it is large. */
export function sentCheck(
  req: Request,
  beside: Pick<Beside, 'checkSent'>,
): <S extends keyof Sent>(work: CheckWork<S>) => Promise<Checked<Sent[S]>> {
  // One that does not say how large it is may be large.
  const isLarge = !(Number(req.headers['content-length']) <= LARGE_BYTES);
  return async (work) => {
    if (!isLarge) return checkSent(work);
    // What is nested without end cannot be handed to another thread.
    const broken = brokenText(work.body);
    return broken ? { ok: false, errors: [broken] } : beside.checkSent(work);
  };
}

/**
 * The record that a body is, with the id of the address in it.
 *
 * @throws ProblemError 422 with what would be right
 */
export async function sentRecord<S extends Exclude<keyof Sent, 'operation'>>(
  req: Request,
  beside: Pick<Beside, 'checkSent'>,
  as: S,
  name: string,
): Promise<Sent[S]> {
  const id = idOf(req, name);
  const checked = await sentCheck(req, beside)({ as, body: req.body });
  if (!checked.ok) throw invalid(checked.errors);
  if (checked.value.id.toLowerCase() !== id)
    throw invalid([{ field: 'id', message: 'The id in the body must match the id in the address.' }]);
  return { ...checked.value, id };
}
