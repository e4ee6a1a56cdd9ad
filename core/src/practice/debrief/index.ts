export { bestPath, isRight, type PathStep, type SolvedPath } from './bestPath';
export { debrief, type Debrief, titleOf } from './debrief';
export type { Odds } from './playedPath';
export { stepWords } from './stepWords';
