import { bad, edge, good, within, type CheckContext, type CheckNumber, type CheckPoint } from '../checks/checkPoint';

/** A supply is sound from 0.9 of its nominal volts; under half it is no supply. @source ANSI C84.1, range B within about 10 % */
const lineOutcome = (value: number, { lineVolts }: CheckContext) => {
  const nominal = lineVolts ?? 120;
  if (value >= 0.9 * nominal) return value > 1.1 * (lineVolts ?? 480) ? 'edge' : 'good';
  return value >= 0.5 * nominal ? 'edge' : 'bad';
};

const askLine = (value: number, { lineVolts }: CheckContext): string | undefined => {
  if (value >= 18 && value <= 32)
    return `${value} V is a control voltage: were the leads on L1 and L2? Line is ${lineVolts ?? '120 V or more'}.`;
  if (lineVolts !== undefined && value > 1.25 * lineVolts)
    return `The plate says ${lineVolts} V: is this the right unit?`;
  return undefined;
};

const LINE: CheckNumber = { unit: 'volts', min: 0, max: 700, outcome: lineOutcome, ask: askLine };

/** Control transformers give 24 to 29 V; relays drop out under about 18. @source class 2 transformers, NEMA DC 3 */
const LOW: CheckNumber = {
  unit: 'volts',
  min: 0,
  max: 300,
  outcome: (value) => (value > 32 ? 'bad' : within(24, 29, 4)(value, {})),
  ask: (value) =>
    value > 90
      ? `${value} V where 24 is asked: line on a control wire, or the leads on the wrong terminals?`
      : undefined,
};

const capacitorOutcome: CheckNumber['outcome'] = (value, { ratedMicrofarads, capacitorTolerancePercent = 6 }) => {
  if (ratedMicrofarads === undefined) return value < 0.5 ? 'bad' : 'good';
  const off = (100 * Math.abs(value - ratedMicrofarads)) / ratedMicrofarads;
  if (off <= capacitorTolerancePercent) return 'good';
  return off <= capacitorTolerancePercent + 4 ? 'edge' : 'bad';
};

const OHMS = { unit: 'ohms', min: 0, max: 100_000 } as const;
const OPEN = bad('open', 'open (OL)');

/** Where power is looked for, what it should read there, and what it costs to look. Minutes are a technician's, not a bench's (J). */
export const POWER_POINTS: readonly CheckPoint[] = [
  {
    id: 'lineVolts',
    name: 'Disconnect, door',
    where: 'L1–L2 in the unit, door switch held',
    number: LINE,
    expects: 'line volts of the plate',
    live: true,
    minutes: 1,
  },
  {
    id: 'legVoltsLow',
    name: 'Three legs',
    where: 'L1–L2, L2–L3, L1–L3 at the contactor: the lowest',
    number: LINE,
    expects: 'line volts of the plate on all three',
    live: true,
    minutes: 2,
  },
  {
    id: 'supplyBreaker',
    name: 'Breaker and fuses',
    where: 'at the panel and in the disconnect',
    states: [
      good('on', 'on, fuses whole'),
      bad('off', 'found off', 'Found off: find out why before it is switched on.'),
      bad('trips', 'trips on start', 'Trips on start: winding to ground, seized motor or a shorted wire.'),
      bad('fuse', 'fuse blown', 'A fuse blows for a reason: read windings to ground before the next one.'),
    ],
    expects: 'on',
    minutes: 2,
  },
  {
    id: 'doorSwitch',
    name: 'Door switch',
    where: 'pressed by the panel, or held; never left bridged',
    states: [good('makes', 'makes'), bad('open', 'does not make', 'Door switch does not make: panel seat or switch.')],
    expects: 'makes when held',
    minutes: 1,
  },
  {
    id: 'transformerVolts',
    name: 'Transformer',
    where: 'R–C',
    number: LOW,
    expects: '24 to 29 V',
    live: true,
    minutes: 1,
  },
  {
    id: 'lowFuse',
    name: 'Control fuse',
    where: 'the 3 or 5 A blade fuse on the board or in line, pulled and seen',
    states: [
      good('whole', 'whole'),
      bad('blown', 'blown', 'Control fuse blown: look for a chafed control wire first.'),
    ],
    expects: 'whole',
    minutes: 1,
  },
  {
    id: 'floatSwitch',
    name: 'Float switch',
    where: 'its two wires, pan looked at',
    states: [
      good('closed', 'closed, pan dry'),
      bad('open', 'open, water in the pan', 'Float switch open: clear the drain, then prove the switch.'),
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
    live: true,
    minutes: 1,
  },
  {
    id: 'jumperRG',
    name: 'R to G by hand',
    where: 'a jumper from R to G at the unit, thermostat wire off',
    states: [bad('runs', 'blower runs'), good('same', 'still nothing')],
    expects: 'runs only when thermostat or its wire is at fault',
    live: true,
    minutes: 2,
  },
  {
    id: 'jumperAtStat',
    name: 'R to G at the thermostat',
    where: 'thermostat off its base, R and G joined there',
    states: [
      bad('runs', 'blower runs', 'Thermostat does not call: setting, batteries, or replace.'),
      good('same', 'still nothing'),
    ],
    expects: 'runs only when the thermostat itself is at fault',
    minutes: 4,
  },
  {
    id: 'coolingMakesFan',
    name: 'Cooling brings the fan',
    where: 'thermostat on cooling, fan on auto',
    states: [
      good('yes', 'Y brings G'),
      edge('no', 'only fan on does', 'Cooling does not bring the fan: thermostat setting, or a board that needs both.'),
    ],
    expects: 'yes',
    live: true,
    minutes: 2,
  },
  {
    id: 'coilVolts',
    name: 'Relay coil',
    where: 'across its pins, with a call',
    number: LOW,
    expects: '24 to 29 V',
    live: true,
    minutes: 2,
  },
  {
    id: 'coilOhms',
    name: 'Relay coil, ohms',
    where: 'across its pins, wires off',
    number: { ...OHMS, outcome: (value) => (value >= 4 && value <= 400 ? 'good' : 'bad'), ask: askDead },
    states: [OPEN],
    expects: '5 to 200 Ω; open is a dead coil',
    minutes: 2,
  },
  {
    id: 'relayTouched',
    name: 'Relay by ear',
    where: 'as it was found; nobody need touch it live',
    states: [
      good('clicks', 'clicks on a call'),
      bad('silent', 'silent'),
      bad(
        'whenTouched',
        'ran when it was touched',
        'Runs when the relay is touched: contacts burnt or armature stuck.',
      ),
    ],
    expects: 'clicks on a call',
    live: true,
    minutes: 1,
  },
  {
    id: 'contacts',
    name: 'Relay contacts',
    where: 'ohms across the contacts, coil pulled in on the bench, or faces seen',
    states: [
      good('clean', 'clean, close'),
      bad(
        'burnt',
        'burnt or do not close',
        'Contacts burnt: replace the relay or contactor, its coil at the same volts.',
      ),
    ],
    expects: 'under 0.5 Ω',
    minutes: 3,
  },
  {
    id: 'heatContact',
    name: 'Normally closed contact',
    where: 'ohms across it with the coil at rest',
    states: [
      good('closed', 'closed'),
      bad(
        'open',
        'open',
        'The closed contact of the fan relay feeds the heating speed: open, elements run without air. Keep heat off.',
      ),
    ],
    expects: 'closed at rest',
    minutes: 3,
  },
  {
    id: 'motorVolts',
    name: 'Line at the motor',
    where: 'speed lead to neutral or L2 at the motor, with a call',
    number: LINE,
    expects: 'line volts with a call',
    live: true,
    minutes: 3,
  },
  {
    id: 'motorVoltsAtRest',
    name: 'Line at the motor, no call',
    where: 'the same leads, thermostat off',
    number: { ...LINE, outcome: (value) => (value < 30 ? 'good' : 'bad'), ask: undefined },
    expects: 'nothing without a call',
    live: true,
    minutes: 1,
  },
  {
    id: 'motorSupply',
    name: 'Line at the motor',
    where: 'L1–L2 or L–N at its five-pin plug, always there',
    number: LINE,
    expects: 'line volts, call or not',
    live: true,
    minutes: 2,
  },
  {
    id: 'tapVolts',
    name: '24 V at the tap',
    where: 'C to the tap in use at the motor, with a call',
    number: LOW,
    expects: '24 to 29 V',
    live: true,
    minutes: 2,
  },
  {
    id: 'requestVolts',
    name: 'Request at the harness',
    where: 'C to the request pin at the motor end, with a call',
    number: { ...LOW, outcome: (value) => (value > 32 ? 'bad' : within(12, 29, 3)(value, {})) },
    expects: '12 to 29 V, by the kind of board',
    live: true,
    minutes: 3,
  },
  {
    id: 'harnessOhms',
    name: 'Harness, pin by pin',
    where: 'end to end, plugs off: the worst pin',
    number: { ...OHMS, outcome: within(0, 0.3, 0.2) },
    states: [OPEN],
    expects: 'under 0.3 Ω on every pin',
    minutes: 4,
  },
  {
    id: 'harnessWiggled',
    name: 'Harness, wiggled',
    where: 'the same, while plugs and wires are moved',
    states: [
      good('steady', 'steady'),
      bad('jumps', 'jumps', 'A wire that reads well once and badly when wiggled is bad: replace the harness.'),
    ],
    expects: 'steady',
    minutes: 2,
  },
  {
    id: 'tester',
    name: 'Tester in place of the board',
    where: 'motor tester on the motor plug',
    states: [bad('runs', 'motor runs'), good('dead', 'does not run')],
    expects: 'runs when board or harness is at fault',
    live: true,
    minutes: 5,
  },
  {
    id: 'capacitor',
    name: 'Run capacitor',
    where: 'discharged, one lead off, meter across',
    number: { unit: 'microfarads', min: 0, max: 200, outcome: capacitorOutcome, ask: askCapacitor },
    states: [
      good('fine', 'within its rating'),
      bad('bulged', 'bulged or leaks', 'Capacitor bulged: replace, same µF, same volts or higher.'),
    ],
    expects: 'within its tolerance',
    minutes: 5,
  },
  {
    id: 'windings',
    name: 'Windings',
    where: 'by pair and each to ground, leads off, cold',
    states: [
      good('sound', 'all pairs read, none to ground'),
      bad('open', 'a pair open, cool', 'Winding open on a cool motor: motor.'),
      bad('ground', 'to ground', 'Winding to ground: motor; no new fuse before that.'),
      bad('openHot', 'open and hot'),
    ],
    expects: 'all pairs read, none to ground',
    minutes: 4,
  },
  {
    id: 'overloadRetest',
    name: 'Overload, after a wait',
    where: 'motor cooled 20 to 30 min, windings read again',
    states: [
      bad('closed', 'closed again', 'The motor’s own overload had opened: find what heats it. Static first.'),
      good('open', 'still open'),
    ],
    expects: 'closed again means it was hot',
    minutes: 25,
  },
  {
    id: 'moduleWindings',
    name: 'Motor’s three windings',
    where: 'module off: the largest off the mean of the three pairs, and to ground',
    number: { unit: 'percent', min: 0, max: 100, outcome: within(0, 10) },
    states: [bad('ground', 'to ground', 'Windings to ground: motor and module together.'), OPEN],
    expects: 'within 10 % of each other, open to ground',
    minutes: 8,
  },
  {
    id: 'wheel',
    name: 'Wheel',
    where: 'turned by hand, power locked out',
    states: [
      good('free', 'free'),
      bad('rocks', 'rocks', 'Bearings rock: motor or shaft bearings.'),
      bad('rubs', 'rubs', 'Wheel rubs the housing: set screw, mount, hub.'),
      bad('seized', 'seized', 'Seized: kill its circuit, do not try again. Bearings or a jammed wheel.'),
    ],
    expects: 'turns freely, no rock',
    minutes: 2,
  },
  {
    id: 'motorTries',
    name: 'The motor on a call',
    where: 'what it does: looked at and listened to, hands out',
    states: [
      good('nothing', 'nothing at all'),
      bad('hums', 'hums or rocks, no start'),
      bad('stops', 'starts, then stops'),
      bad('runsNoAir', 'runs, no air', 'Runs without air: belt off, wheel loose or backwards, duct shut.'),
    ],
    expects: 'starts',
    live: true,
    minutes: 1,
  },
  {
    id: 'motorLead',
    name: 'Plug and leads of the motor',
    where: 'terminals seen and pulled, ends read through',
    states: [
      good('sound', 'sound'),
      bad('loose', 'loose, burnt or open', 'Motor lead or its terminal: repair; sizing defers to code.'),
    ],
    expects: 'sound',
    minutes: 3,
  },
  {
    id: 'fanLimit',
    name: 'Fan limit control',
    where: 'its contact, cold',
    states: [
      good('rests', 'at rest'),
      bad('stuck', 'stuck', 'Fan limit control stuck: it holds the wrong speed or none.'),
    ],
    expects: 'at rest when cold',
    minutes: 3,
  },
  {
    id: 'sequencer',
    name: 'First sequencer',
    where: '24 V on it, its contact read after a minute',
    states: [
      good('closes', 'closes in time'),
      bad('fails', 'does not close', 'Sequencer fails: it and its relay together.'),
    ],
    expects: 'closes within a minute and a half',
    live: true,
    minutes: 3,
  },
  {
    id: 'overloadRelay',
    name: 'Overload relay',
    where: 'looked at; its auxiliary contact read',
    states: [
      good('set', 'set'),
      bad('tripped', 'tripped', 'Overload tripped: dial, legs and load before it is set again.'),
    ],
    expects: 'set',
    minutes: 1,
  },
  {
    id: 'belt',
    name: 'Belt',
    where: 'seen, power locked out',
    states: [
      good('on', 'on and tight'),
      bad('off', 'off or broken', 'Belt off or broken: fit, set its tension, carry a spare.'),
    ],
    expects: 'on',
    minutes: 1,
  },
  {
    id: 'provingContact',
    name: 'Proving switch',
    where: 'ohms across its contact while the fan ramps',
    states: [
      good('closes', 'closes as the fan ramps'),
      bad('stays', 'stays open', 'Proving switch stays open: tube or switch.'),
    ],
    expects: 'closes before full speed',
    live: true,
    minutes: 3,
  },
  {
    id: 'provingTube',
    name: 'Its small tube',
    where: 'off both ends, blown through gently',
    states: [
      good('clear', 'clear'),
      bad('plugged', 'plugged', 'Tube of the proving switch plugged: clean it, no new fan.'),
    ],
    expects: 'clear',
    minutes: 3,
  },
  {
    id: 'switchByHand',
    name: 'Switch by a gauge',
    where: 'a little pressure on its port, contact read',
    states: [
      good('makes', 'makes at its mark'),
      bad('fails', 'does not make', 'Proving switch does not make: replace it.'),
    ],
    expects: 'makes at its mark',
    minutes: 4,
  },
  {
    id: 'speedSwitch',
    name: 'Speed switch',
    where: 'each position read through, power off',
    states: [good('sound', 'sound'), bad('open', 'a position is open', 'Speed switch open: replace it.')],
    expects: 'each position closes',
    minutes: 3,
  },
  {
    id: 'ratedMicrofarads',
    name: 'Rated µF',
    where: 'on the capacitor’s side, the fan’s own value on a dual one',
    number: { unit: 'microfarads', min: 0.5, max: 200, outcome: () => 'good' },
    expects: 'what the motor’s plate asks',
    minutes: 1,
  },
  {
    id: 'flashCode',
    name: 'Flash code',
    where: 'counted; its words from the plate of the door',
    states: [good('none', 'steady or none'), edge('flashing', 'flashing')],
    expects: 'steady',
    minutes: 1,
  },
];

/** A figure of another part: far from the rating. */
function askCapacitor(value: number, { ratedMicrofarads }: CheckContext): string | undefined {
  if (ratedMicrofarads === undefined) return undefined;
  if (value > 1.5 * ratedMicrofarads)
    return `The rating is ${ratedMicrofarads} µF: was the other side of a dual capacitor read, or another part?`;
  return undefined;
}

/** A figure that a meter on volts shows as well. */
function askDead(value: number): string | undefined {
  return (value >= 22 && value <= 29) || (value >= 110 && value <= 250)
    ? `${value} could be volts: is the power off, and the meter on ohms?`
    : undefined;
}
