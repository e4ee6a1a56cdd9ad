export { hiddenTruth } from './hiddenTruth';
export { placeValues } from './placeValues';
export { type ProbeTrouble, SIMULATED_PROBES, simulatedSet, type TruthAt } from './simulatedSet';
