export { chanceOf, CHANGED_SIGMA, isLanding, isOverloaded, type Odds } from './chance';
export { type OfferedMove, offeredMoves, planNow, type PlanRequest, plans, problemOf } from './planner';
export { type Plan, type PlanAnswer, type PlanKind, planOf, type ReadyPlan } from './readyPlans';
export { MOST_MOVES, searchCombinations, type SearchProgress, subsets } from './search';
