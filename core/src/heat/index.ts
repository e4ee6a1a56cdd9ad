export {
  breakerAmps,
  BREAKERS_A,
  elementWatts,
  HEAT_KITS_KW,
  heatKit,
  heatSequence,
  lastRun,
  type HeatCircuit,
  type HeatSequence,
  type HeatTouch,
} from './electric';
export { gasFurnace } from './gasFurnace';
export { KIT_CIRCUITS, type KitReading, kitReading } from './kit';
export { heatTouches } from './touches';
