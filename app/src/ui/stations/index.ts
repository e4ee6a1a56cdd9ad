export { type Station } from './station';
export { StationRun } from './StationRun';
export { StepList } from './StepList';
