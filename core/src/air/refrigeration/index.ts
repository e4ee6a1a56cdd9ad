export {
  type CircuitAir,
  circuitPoint,
  type CircuitPoint,
  type CircuitState,
  type PressureAt,
  SOUND_CIRCUIT,
} from './refrigerationModel';
