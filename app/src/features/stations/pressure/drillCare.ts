/** Before a hole is drilled for a port, wherever a port is read. */
export const DRILL_CARE =
  'Drill only sheet metal you can see behind; never into a coil, a drain pan, a heat exchanger, gas or refrigerant lines, wiring or controls.';
