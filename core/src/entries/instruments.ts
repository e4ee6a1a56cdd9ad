/** Live values from instruments: what a bridge may send, when a value is at rest, and a simulated set. */
export {
  CHANNEL_IDS,
  type ChannelId,
  CHANNELS,
  liveFault,
  type LiveState,
  liveState,
  type LiveValue,
  PLACE_IDS,
  type PlaceId,
  PLACES,
  placesFor,
  portAt,
  QUIET_MS,
  type Sample,
} from '../instruments/live';
export { hiddenTruth, type ProbeTrouble, SIMULATED_PROBES, simulatedSet, type TruthAt } from '../instruments/simulated';
export { traceOf, tracePairs } from '../instruments/trace';
export { logFigureFault, logUnit, type SteadySpan, steadySpans } from '../instruments/log';
