import { caseRequest } from '@huff/contract/practice';
import {
  bestPath,
  caseCode,
  debrief,
  drawCase,
  newCase,
  readCode,
  type Debrief,
  type DrillKind,
  type Level,
  type SolvedPath,
  type TimedAct,
} from '@huff/core/practice';

/** The shortest good path of the last case: computed while its drill goes on. */
let prepared: { readonly code: string; readonly best: SolvedPath } | undefined;

function caseOf(code: string) {
  const read = readCode(code);
  if (!read.ok) throw new Error(read.why);
  const practice = drawCase(read.coded);
  return { practice, request: caseRequest(practice) };
}

function bestOf(code: string, of: ReturnType<typeof caseOf>): SolvedPath {
  if (prepared?.code !== code) prepared = { code, best: bestPath(of.practice, of.request) };
  return prepared.best;
}

/** What practice computes off the page: a case that can be solved, and how a drill went. */
export const practiceSteps = {
  /** @returns the code of a new case. @param from any whole number */
  newCode: (kind: DrillKind, level: Level, from: number): string =>
    caseCode(newCase(kind, level, from, (practice) => caseRequest(practice))),
  /** Computes the shortest good path before it is asked for. @throws Error for a code that is none */
  prepare(code: string): void {
    bestOf(code, caseOf(code));
  },
  /** @throws Error for a code that is none */
  debrief(code: string, acts: readonly TimedAct[]): Debrief {
    const of = caseOf(code);
    return debrief(of.practice, of.request, acts, bestOf(code, of));
  },
};
