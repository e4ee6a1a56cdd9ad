/** Cautions of the whole call, each read once a visit at the step where it first matters. */
export interface CallCaution {
  readonly id: string;
  readonly name: string;
  readonly words: string;
}

export const CALL_CAUTIONS: readonly CallCaution[] = [
  {
    id: 'lockOut',
    name: 'Before you start',
    words:
      'Lock out and tag out at the disconnect; verify it is dead. A door switch or control breaker does not isolate. Turn UV lamps off at their breaker.',
  },
  {
    id: 'live',
    name: 'Reading under power',
    words:
      'Live work: qualified people only, with a rated meter. Keep one hand off metal and nobody else at the disconnect. Never push a contactor in by hand.',
  },
  {
    id: 'capacitor',
    name: 'Capacitor',
    words: 'Discharge the capacitor before you touch its terminals. Measure it with a lead off.',
  },
  {
    id: 'rotating',
    name: 'Wheel and belt',
    words: 'Fingers, sleeves and rags out before power on. Let the wheel stop by itself.',
  },
  {
    id: 'burning',
    name: 'Smell of burning',
    words:
      'Shut off that circuit at the disconnect first; someone may have switched off the wrong one. Elements without a blower are a fire risk. Flames or smoke: get out and call the fire department.',
  },
  {
    id: 'gas',
    name: 'Gas and CO',
    words:
      'Smell of gas: touch no switch, ventilate, leave, call the gas supplier. Shut off power and gas before you touch burner, sensor or igniter. Rollout, cracked exchanger or CO: shut down, ventilate, refer.',
  },
  {
    id: 'refrigerant',
    name: 'Refrigerant',
    words:
      'Certified technicians only. Recover, never vent. Wear gloves and eye protection. Some refrigerants burn: no flame, ventilate the space.',
  },
  {
    id: 'roof',
    name: 'Roof, ladder, weather',
    words: 'Tie the ladder, keep three points of contact, stay away from the edge. Stop for heat, cold or lightning.',
  },
  {
    id: 'lifeSafety',
    name: 'Fire and smoke dampers',
    words: 'Life-safety parts: inspect and refer. Never wire one open or remove it.',
  },
  {
    id: 'sizing',
    name: 'Breaker, wire, overload',
    words: 'Local code and a licensed electrician decide sizing.',
  },
];
