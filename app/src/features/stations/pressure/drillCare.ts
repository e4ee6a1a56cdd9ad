/** Before a hole is drilled for a port, wherever a port is read. */
export const DRILL_CARE =
  'Drill only sheet metal you can see behind. Never drill into a coil, drain pan, heat exchanger, gas or refrigerant line, wiring or controls.';
