/**
 * What weighs and proves fixes: planning, the Drive bench, proof, words for changing a speed. An entry of its own, so that what
 * only judges a visit need not load it.
 */
export { speedGuide, switchSettings } from './advise/speedGuide';
export {
  type DriveAnswer,
  type DriveOption,
  driveOptions,
  type DriveRank,
  driveSolution,
  type DriveSolution,
  driveSolutions,
} from './driveBench';
export { CAUTIONS } from './moves/cautions';
export { looksSettledBy } from './moves/due';
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
} from './plan';
export type { Claim } from './prove/claim';
export { planRecordOf } from './prove/planRecord';
export { type Proof, type ProofLine, proofOf } from './prove/proof';
