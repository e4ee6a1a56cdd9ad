export { breakerAmps, elementWatts, heatKit, heatSequence, lastRun, type HeatSequence } from './electric';
export { gasFurnace } from './gasFurnace';
export { KIT_CIRCUITS, type KitReading, kitReading } from './kit';
export { heatTouches } from './touches';
