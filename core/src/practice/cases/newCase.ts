import { MOST_SEED, type CodedCase } from './caseCode';
import { drawCase, type PracticeCase } from './drawCase';
import type { DrillKind, Level } from './kinds';
import { rated, type CaseRequest } from './solvable';

/** After so many draws there is no case: the search is never without end. */
const MOST_DRAWS = 40;
/** A dead blower is followed test by test: how hard it is does not hang on the air. */
const ELECTRICAL_DIFFICULTY = 2;

/**
 * Draws a new case that can be solved with the instruments given.
 *
 * @param from any whole number; the next solvable seed from it on is used
 * @param requestOf what is known of the unit of a case
 */
export function newCase(
  kind: DrillKind,
  level: Level,
  from: number,
  requestOf: (practice: PracticeCase) => CaseRequest,
): CodedCase {
  let seed = Math.abs(Math.trunc(from)) % (MOST_SEED + 1);
  for (let draw = 0; draw < MOST_DRAWS; draw += 1, seed = (seed + 1) % (MOST_SEED + 1)) {
    const coded: CodedCase = { kind, level, difficulty: 1, seed };
    if (kind === 'blowerWontRun') return { ...coded, difficulty: ELECTRICAL_DIFFICULTY + (level > 1 ? 1 : 0) };
    const practice = drawCase(coded);
    const difficulty = rated(practice, requestOf(practice));
    if (difficulty !== undefined) return { ...coded, difficulty };
  }
  throw new Error('No case could be drawn. Choose another drill.');
}
