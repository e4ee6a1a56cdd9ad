export { hiddenTruth } from './hiddenTruth';
export { type ProbeTrouble, SIMULATED_PROBES, simulatedSet, type TruthAt } from './simulatedSet';
