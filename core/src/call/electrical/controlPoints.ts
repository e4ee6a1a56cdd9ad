import { bad, edge, good, within, type CheckNumber, type CheckPoint } from '../checks/checkPoint';

/** Control transformers give 24 to 29 V; relays drop out under about 18. @source class 2 transformers, NEMA DC 3 */
const LOW: CheckNumber = {
  unit: 'volts',
  min: 0,
  max: 300,
  outcome: (value) => (value > 32 ? 'bad' : within(24, 29, 4)(value, {})),
  ask: (value) =>
    value > 90
      ? `${value} V where 24 V belongs. Is line voltage on a control wire, or are the leads on the wrong terminals?`
      : undefined,
};

const OHMS = { unit: 'ohms', min: 0, max: 100_000 } as const;

const OPEN = bad('open', 'open (OL)');

/** 24 V, what calls and what switches. Minutes are a technician's, not a bench's (J). */
export const CONTROL_POINTS: readonly CheckPoint[] = [
  {
    id: 'transformerVolts',
    name: 'Transformer',
    where: 'R–C',
    number: LOW,
    expects: '24 to 29 V',
    power: 'live',
    minutes: 1,
  },
  {
    id: 'lowFuse',
    power: 'dead',
    name: 'Control fuse',
    where: 'the 3 or 5 A blade fuse on the board or in line, pulled and checked',
    states: [
      good('whole', 'whole'),
      bad('blown', 'blown', 'Control fuse is blown. Look for a chafed control wire first.'),
    ],
    expects: 'whole',
    minutes: 1,
  },
  {
    id: 'floatSwitch',
    power: 'dead',
    name: 'Float switch',
    where: 'its two wires, pan looked at',
    states: [
      good('closed', 'closed, pan dry'),
      bad('open', 'open, water in the pan', 'Float switch is open. Clear the drain, then test the switch.'),
    ],
    expects: 'closed',
    minutes: 2,
  },
  {
    id: 'callVolts',
    name: 'Call for fan',
    where: 'G–C at the unit, thermostat calling',
    number: LOW,
    expects: '24 to 29 V',
    power: 'live',
    minutes: 1,
  },
  {
    id: 'callAtRest',
    name: 'Call for fan, thermostat off',
    where: 'G–C at the unit, thermostat on auto with no call',
    number: { ...LOW, outcome: (value) => (value < 5 ? 'good' : 'bad'), ask: undefined },
    expects: 'nothing without a call',
    power: 'live',
    minutes: 1,
  },
  {
    id: 'jumperRG',
    name: 'R to G by hand',
    where: 'a jumper from R to G at the unit, thermostat wire off',
    states: [bad('runs', 'blower runs'), good('same', 'still nothing')],
    expects: 'runs only when thermostat or its wire is at fault',
    power: 'live',
    minutes: 2,
  },
  {
    id: 'jumperAtStat',
    power: 'running',
    name: 'R to G at the thermostat',
    where: 'thermostat off its base, R and G joined there',
    states: [
      bad('runs', 'blower runs', 'Thermostat does not call. Check setting and batteries, or replace it.'),
      good('same', 'still nothing'),
    ],
    expects: 'runs only when the thermostat itself is at fault',
    minutes: 4,
  },
  {
    id: 'gWithJumper',
    name: 'G–C, jumpered at the thermostat',
    where: 'R and G joined at the thermostat base, G–C read at the unit',
    number: { ...LOW },
    expects: '24 to 29 V: bad thermostat. Nothing: bad wire',
    power: 'live',
    minutes: 4,
  },
  {
    id: 'coolingMakesFan',
    name: 'Cooling brings the fan',
    where: 'thermostat on cooling, fan on auto',
    states: [
      good('yes', 'Y starts G'),
      edge(
        'no',
        'only fan on does',
        'Cooling does not start the fan. Check the thermostat setting, or a board that needs both Y and G.',
      ),
    ],
    expects: 'yes',
    power: 'running',
    minutes: 2,
  },
  {
    id: 'coilVolts',
    name: 'Relay coil',
    where: 'across its pins, with a call',
    number: LOW,
    expects: '24 to 29 V',
    power: 'live',
    minutes: 2,
  },
  {
    id: 'coilOhms',
    power: 'dead',
    name: 'Relay coil, ohms',
    where: 'across its pins, wires off',
    number: { ...OHMS, outcome: (value) => (value >= 4 && value <= 400 ? 'good' : 'bad'), ask: askDead },
    states: [OPEN],
    expects: '5 to 200 Ω; open is a bad coil',
    minutes: 2,
  },
  {
    id: 'relayTouched',
    name: 'Relay by ear',
    where: 'as you found it; never touch it live',
    states: [
      good('clicks', 'clicks on a call'),
      bad('silent', 'silent'),
      bad(
        'whenTouched',
        'ran when it was touched',
        'Runs when the relay is tapped: burnt contacts or a stuck armature.',
      ),
    ],
    expects: 'clicks on a call',
    power: 'running',
    minutes: 1,
  },
  {
    id: 'contacts',
    power: 'dead',
    name: 'Relay contacts',
    where: 'ohms across the contacts, coil pulled in on the bench, or faces seen',
    states: [
      good('clean', 'clean, close'),
      bad('burnt', 'burnt or do not close', 'Contacts are burnt. Replace the relay or contactor, same coil voltage.'),
    ],
    expects: 'under 0.5 Ω',
    minutes: 3,
  },
  {
    id: 'heatContact',
    power: 'dead',
    name: 'Normally closed contact',
    where: 'ohms across it with the coil at rest',
    states: [
      good('closed', 'closed'),
      bad(
        'open',
        'open',
        'The normally closed fan relay contact feeds the heating speed. It is open, so elements run without air. Keep heat off.',
      ),
    ],
    expects: 'closed at rest',
    minutes: 3,
  },
  {
    id: 'tapVolts',
    name: '24 V at the tap',
    where: 'C to the tap in use at the motor, with a call',
    number: LOW,
    expects: '24 to 29 V',
    power: 'live',
    minutes: 2,
  },
  {
    id: 'tapVoltsAtRest',
    name: '24 V at the tap, no call',
    where: 'C to the tap in use at the motor, thermostat off',
    number: { ...LOW, outcome: (value) => (value < 5 ? 'good' : 'bad'), ask: undefined },
    expects: 'nothing without a call',
    power: 'live',
    minutes: 2,
  },
  {
    id: 'requestVolts',
    name: 'Request at the harness',
    where: 'C to the request pin at the motor end, with a call',
    number: { ...LOW, outcome: (value) => (value > 32 ? 'bad' : within(12, 29, 3)(value, {})) },
    expects: '12 to 29 V, depending on the board',
    power: 'live',
    minutes: 3,
  },
  {
    id: 'fanLimit',
    power: 'dead',
    name: 'Fan limit control',
    where: 'its contact, cold',
    states: [
      good('rests', 'at rest'),
      bad('stuck', 'stuck', 'Fan limit control is stuck: it holds the wrong speed, or none.'),
    ],
    expects: 'at rest when cold',
    minutes: 3,
  },
  {
    id: 'sequencer',
    name: 'First sequencer',
    where: '24 V on it; read its contact after a minute',
    states: [
      good('closes', 'closes in time'),
      bad('fails', 'does not close', 'Sequencer failed. Replace it with its relay.'),
    ],
    expects: 'closes within a minute and a half',
    power: 'live',
    minutes: 3,
  },
  {
    id: 'provingContact',
    name: 'Proving switch',
    where: 'ohms across its contact while the fan ramps',
    states: [
      good('closes', 'closes as the fan ramps'),
      bad('stays', 'stays open', 'Proving switch stays open. Check tube and switch.'),
      bad(
        'stuck',
        'closed with the fan off',
        'Proving switch is stuck closed: it reports airflow with the fan off. Replace it before heat runs.',
      ),
    ],
    expects: 'open with the fan off, closes before full speed',
    power: 'live',
    minutes: 3,
  },
  {
    id: 'provingTube',
    power: 'dead',
    name: 'Its small tube',
    where: 'off both ends, blown through gently',
    states: [
      good('clear', 'clear'),
      bad('plugged', 'plugged', 'Proving switch tube is plugged. Clean it; the fan is fine.'),
    ],
    expects: 'clear',
    minutes: 3,
  },
  {
    id: 'switchByHand',
    power: 'dead',
    name: 'Switch by a gauge',
    where: 'a little pressure on its port, contact read',
    states: [
      good('makes', 'makes at its mark'),
      bad('fails', 'does not make', 'Proving switch does not close. Replace it.'),
    ],
    expects: 'makes at its mark',
    minutes: 4,
  },
  {
    id: 'flashCode',
    name: 'Flash code',
    where: 'counted; meaning from the list inside the door',
    states: [
      good('none', 'steady or none'),
      edge('flashing', 'flashing'),
      good('cleared', 'read, cleared, stays away'),
    ],
    noteLabel: 'How many flashes, and what the door list says',
    expects: 'steady',
    minutes: 1,
    power: 'seen',
  },
  {
    id: 'flashMeaning',
    power: 'seen',
    name: 'The pressure drop of the code means',
    where: 'the list inside the door; without it a code means nothing',
    states: [
      { id: 'limit', text: 'limit open' },
      { id: 'rollOut', text: 'roll-out open' },
      { id: 'pressure', text: 'pressure switch' },
      { id: 'ignition', text: 'no ignition' },
      { id: 'flameLost', text: 'flame lost' },
      { id: 'lockout', text: 'lockout' },
      { id: 'motor', text: 'blower motor' },
      { id: 'power', text: 'low volts or polarity' },
      {
        id: 'other',
        text: 'not on the list: enter it',
        needsNote: 'This is not one of the common codes. Enter what the door list says.',
      },
    ],
    noteLabel: 'As worded on the door list',
    expects: 'its words, from this unit',
    minutes: 1,
  },
];

/** A figure that a meter on volts shows as well. */
function askDead(value: number): string | undefined {
  return (value >= 22 && value <= 29) || (value >= 110 && value <= 250)
    ? `${value} could be volts. Is power off, and the meter on ohms?`
    : undefined;
}
