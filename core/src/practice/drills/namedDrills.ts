/** A drill that a lead can give by name: always the same case. */
export interface NamedDrill {
  readonly id: string;
  readonly name: string;
  readonly code: string;
  /** What it teaches, in two or three sentences. */
  readonly teaches: readonly string[];
  /** The order that serves it best. */
  readonly order: readonly string[];
}

/** From the first look to a whole call. The codes were drawn once, each for its fault; a test opens every one of them. */
export const NAMED_DRILLS: readonly NamedDrill[] = [
  {
    id: 'firstLook',
    name: 'The gray filter',
    code: '0300-KHF3',
    teaches: [
      'Two minutes, and no reading is needed.',
      'Open the filter door and look before you drill a hole. A filter that no lamp shines through is the first thing to change.',
    ],
    order: ['Open the filter door.', 'Look at the filter.', 'Name the cause.'],
  },
  {
    id: 'finePleats',
    name: 'Better filters, less air',
    code: '0300-KH37',
    teaches: [
      'A clean filter can take too much static.',
      'Dense one-inch pleats need more face than most slots have. The drop across the filter shows it, not its color.',
    ],
    order: ['Read R1 and R2.', 'Read both again with the filter out.', 'Compare the drop with the filter’s budget.'],
  },
  {
    id: 'smallReturn',
    name: 'A small return grille',
    code: '0200-KH2Q',
    teaches: [
      'High suction before the filter points at the return.',
      'Two sound filters in a row would not change it. Measure the return opening before you sell a blower.',
    ],
    order: ['Read R1, R2 and S1.', 'See which side takes more.', 'Measure the return opening.'],
  },
  {
    id: 'shutRegisters',
    name: 'Closed registers',
    code: '0200-KH1A',
    teaches: ['High supply static with a normal return is downstream.', 'Dampers and registers cost nothing to open.'],
    order: ['Read R2 and S1.', 'Walk the registers and dampers.', 'Open them and read S1 again.'],
  },
  {
    id: 'pinchedFlex',
    name: 'The pinched flex',
    code: '0300-KH00',
    teaches: [
      'A crushed run and a small trunk look alike at the unit.',
      'Only a walk along the ducts tells them apart.',
    ],
    order: ['Read the ports.', 'Rule out filter and registers.', 'Look along the ducts.'],
  },
  {
    id: 'smallSupply',
    name: 'Too little supply duct',
    code: '0200-KH85',
    teaches: [
      'When nothing is shut and nothing is crushed, the duct itself is small.',
      'A faster speed makes noise and heat in the motor before it makes air.',
    ],
    order: ['Read the ports.', 'Look at registers and ducts.', 'Predict what a speed would do before you change it.'],
  },
  {
    id: 'tooSlow',
    name: 'The speed nobody set',
    code: '3200-KH4M',
    teaches: [
      'Low static with little air is a slow blower, not an open duct.',
      'The record says one speed; the lead may sit on another.',
    ],
    order: ['Read R2 and S1.', 'Lock out, verify dead.', 'Look at the speed lead.'],
  },
  {
    id: 'tooFast',
    name: 'Loud and too fast',
    code: '3500-KR64',
    teaches: ['More air than asked for wets ducts and roars.', 'Static and airflow are both high, in proportion.'],
    order: ['Read R2 and S1.', 'Measure the airflow a second way.', 'Look at the speed lead.'],
  },
  {
    id: 'packedWheel',
    name: 'The packed wheel',
    code: '3400-KH3D',
    teaches: [
      'A caked wheel moves less air at every static.',
      'It hides behind a low total static. The wheel is looked at with the power locked out.',
    ],
    order: ['Read R2 and S1.', 'Lock out, verify dead.', 'Look at the wheel.'],
  },
  {
    id: 'weakCapacitor',
    name: 'A tired capacitor',
    code: '3500-KHDJ',
    teaches: [
      'A PSC motor with a weak capacitor turns slow and runs hot.',
      'It is measured with the power off and the capacitor discharged.',
    ],
    order: ['Read R2 and S1.', 'Lock out and discharge.', 'Measure the capacitor.'],
  },
  {
    id: 'beltSlip',
    name: 'The belt that slips',
    code: '6400-KH3G',
    teaches: ['RPM below the sheave ratio is slip.', 'Tension the belt before you turn a sheave.'],
    order: ['Read R2 and S1.', 'Measure blower RPM.', 'Look at the belt, locked out.'],
  },
  {
    id: 'wrongSheave',
    name: 'Another sheave',
    code: '6300-KH6M',
    teaches: [
      'RPM that fits other sheaves than the record’s is no slip.',
      'Count the turns open and enter what is there.',
    ],
    order: ['Read R2 and S1.', 'Measure blower RPM.', 'Compare it with the sheave ratio.'],
  },
  {
    id: 'doorSwitch',
    name: 'Dead behind its door',
    code: '9200-KHXZ',
    teaches: [
      'Line voltage before the door switch and none after it is the switch.',
      'A switch is replaced, never bridged.',
    ],
    order: ['Follow line voltage from the disconnect.', 'Test the switch with the power off.'],
  },
  {
    id: 'deadCapacitor',
    name: 'It hums, no start',
    code: '9200-KH8E',
    teaches: [
      'A motor that hums on full voltage has a bad capacitor or tight bearings.',
      'Measure the capacitor before you order a motor.',
    ],
    order: ['Read voltage at the motor.', 'Power off, discharge.', 'Measure the capacitor.'],
  },
  {
    id: 'lostLeg',
    name: 'Two legs of three',
    code: '9200-KHZS',
    teaches: ['Two good legs say nothing about the third.', 'A three-phase motor on two legs burns. Stop it first.'],
    order: ['Read all three legs.', 'Find the fuse or the leg that is open.'],
  },
  {
    id: 'shortOfCharge',
    name: 'Short of charge',
    code: 'C500-KHB1',
    teaches: [
      'Gauges mean something only once the air is right.',
      'Low suction with high superheat and little subcooling is a lack of refrigerant. Find the leak before you add any.',
    ],
    order: ['Read static and airflow.', 'Read the temperature drop.', 'Then connect gauges.'],
  },
  {
    id: 'outdoorCoil',
    name: 'The coil outdoors',
    code: 'C500-KH3S',
    teaches: ['High condensing over outdoor air is a coil that cannot breathe.', 'Look before you connect gauges.'],
    order: ['Read static and the temperature drop.', 'Look at the outdoor coil.', 'Connect gauges.'],
  },
  {
    id: 'starvedCoil',
    name: 'Starved, not short',
    code: 'E100-KH3F',
    teaches: [
      'A starved coil looks like a low charge on the gauges.',
      'The filter looks gray and takes little: the drop across it tells, not the color.',
    ],
    order: [
      'Read the ports.',
      'Compare the filter’s drop with the return’s.',
      'Leave the gauges in the bag until the air is right.',
    ],
  },
  {
    id: 'twoAtOnce',
    name: 'Two at once',
    code: '1500-KHC3',
    teaches: ['Fixing the first of two faults moves the readings, not the complaint.', 'Judge each side by itself.'],
    order: ['Read all ports.', 'Retest with the filter out.', 'Ask what is left over.'],
  },
  {
    id: 'wholeCall',
    name: 'Call with a red herring',
    code: 'H300-KH0H',
    teaches: [
      'Something here only looks like the fault.',
      'Ask of each sign what else it would change, and read that.',
    ],
    order: ['Listen.', 'Read the air first.', 'Name what explains all of it.', 'Fix it and verify it.'],
  },
];

export const namedDrill = (id: string): NamedDrill | undefined => NAMED_DRILLS.find((drill) => drill.id === id);
