/** Cautions that go with moves, read and acknowledged once a visit where hands go in. */
export const CAUTIONS = {
  lockOut:
    'Lock out and tag out at the disconnect; verify it is dead. A door switch or control breaker does not isolate. Turn UV lamps off at their breaker.',
  capacitor: 'Discharge the capacitor before you touch its terminals. Same µF, same or higher volts.',
  rotating: 'Wheel and belt: fingers, sleeves and rags out before power on. Let the wheel stop by itself.',
  sharp: 'Sheet metal cuts: wear gloves, fold or tape the edges.',
  ladder: 'Ladder, roof edge, attic joists, heat: watch every step.',
  ductCode: 'Duct changes must follow local code and keep fire and smoke separations intact.',
  fireDamper: 'Fire and smoke dampers are life-safety parts: inspect and refer. Never wire one open or remove it.',
  electrician: 'Local code and a licensed electrician decide motor, wire and overload size.',
  unusedLeads: 'Cap each unused lead separately. Never have two speed leads live together.',
  gas: 'Keep clear of gas line and heat exchanger. Smell of gas: touch no switch, ventilate, leave.',
  coil: 'Never push a tool or jet through fins. Coil lines hold refrigerant under pressure: certified people only.',
} as const;

export type CautionId = keyof typeof CAUTIONS;

export const CAUTION_IDS = Object.keys(CAUTIONS) as readonly CautionId[];
