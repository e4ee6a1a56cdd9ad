/**
 * What weighs and proves fixes: planning, the Drive bench, proof, words for changing a speed. An entry of its own, so that what
 * only judges a visit need not load it.
 */
export { speedGuide, switchSettings } from '../fix/advise/speedGuide';
export {
  type DriveAnswer,
  type DriveOption,
  driveOptions,
  type DriveRank,
  driveSolution,
  type DriveSolution,
  driveSolutions,
} from '../fix/driveBench';
export { CAUTIONS } from '../fix/moves/cautions';
export { looksSettledBy } from '../fix/moves/due';
export {
  MOST_MOVES,
  type Odds,
  type OfferedMove,
  offeredMoves,
  type Plan,
  type PlanAnswer,
  type PlanKind,
  planNow,
  planOf,
  type PlanRequest,
  plans,
  problemOf,
  type ReadyPlan,
  searchCombinations,
  type SearchProgress,
  subsets,
} from '../fix/plan';
export type { Claim } from '../visit/verify/claim';
export { planRecordOf } from '../visit/verify/planRecord';
export { type Proof, proofOf } from '../visit/verify/proof';
export type { ProofLine } from '../visit/verify/proofLines';
