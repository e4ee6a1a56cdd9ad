/** Cautions that go with moves, read and acknowledged once a visit where hands go in. */
export const CAUTIONS = {
  lockOut:
    'Lock out and tag out at the disconnect, verify dead. A door switch or a control breaker does not isolate. Ultraviolet lamps off at their breaker.',
  capacitor: 'Discharge the capacitor before touching its terminals. Same capacity, same or higher voltage rating.',
  rotating: 'Wheel and belt: fingers, sleeves and rags out before power. Let the wheel stop by itself.',
  sharp: 'Sheet metal cuts: gloves, and edges turned or taped.',
  ladder: 'Ladder, roof edge, attic joists, heat: second thought before the second step.',
  ductCode: 'Duct changes defer to local code, and to the fire and smoke separations they cross.',
  fireDamper: 'Fire and smoke dampers are life-safety parts: inspect and refer. Never wire one open or take it out.',
  electrician: 'Motor, wire and overload sizing defer to local code and a licensed electrician.',
  unusedLeads: 'Cap each unused lead by itself. Never two speed leads live together.',
  gas: 'Keep clear of gas line and heat exchanger. Smell of gas: no switches, ventilate, leave.',
  coil: 'Never drive a tool or a jet through fins. Coil lines hold refrigerant under pressure: certified people only.',
} as const;

export type CautionId = keyof typeof CAUTIONS;

export const CAUTION_IDS = Object.keys(CAUTIONS) as readonly CautionId[];
