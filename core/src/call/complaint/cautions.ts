/** Cautions of the whole call, each read once a visit at the step where it first matters. */
export interface CallCaution {
  readonly id: string;
  readonly name: string;
  readonly words: string;
}

export const CALL_CAUTIONS: readonly CallCaution[] = [
  {
    id: 'lockOut',
    name: 'Before hands go in',
    words:
      'Lock out and tag out at the disconnect, verify dead. A door switch or a control breaker does not isolate. Ultraviolet lamps off at their breaker.',
  },
  {
    id: 'live',
    name: 'Reading under power',
    words:
      'Live work is for qualified people with a rated meter, one hand free of metal, nobody else at the disconnect. Nothing is pushed in by hand.',
  },
  {
    id: 'capacitor',
    name: 'Capacitor',
    words: 'Discharge the capacitor before touching its terminals; measure it with a lead off.',
  },
  {
    id: 'rotating',
    name: 'Wheel and belt',
    words: 'Fingers, sleeves and rags out before power. Let the wheel stop by itself.',
  },
  {
    id: 'burning',
    name: 'Smell of burning',
    words:
      'Kill that circuit first, at the disconnect: a control breaker, or what others switched off, may not be it. Elements without a blower are a fire risk. Flames or smoke: out, and call the fire service.',
  },
  {
    id: 'gas',
    name: 'Gas and CO',
    words:
      'Smell of gas: no switches, ventilate, leave, call the supplier. Power and gas off before burner, sensor or igniter are touched. Roll-out, cracked exchanger or CO: shut down, ventilate, refer.',
  },
  {
    id: 'refrigerant',
    name: 'Refrigerant',
    words:
      'Certified technicians only. Huff records and interprets. Recover, never vent; gloves and eyes; some refrigerants burn: no flame, air the space.',
  },
  {
    id: 'roof',
    name: 'Roof, ladder, weather',
    words: 'Ladder tied, three points, away from the edge. Heat, cold and lightning come first.',
  },
  {
    id: 'lifeSafety',
    name: 'Fire and smoke dampers',
    words: 'Life-safety parts: inspect and refer. Never wire one open or take it out.',
  },
  {
    id: 'sizing',
    name: 'Breaker, wire, overload',
    words: 'Sizing defers to local code and a licensed electrician.',
  },
];
