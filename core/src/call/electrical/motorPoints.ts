import { bad, good, within, type CheckContext, type CheckNumber, type CheckPoint } from '../checks/checkPoint';
import type { Effort } from '../triage/effort';
import { capacitance } from './capacitance';
import { RUNNING_CAPACITOR_FROM } from './runningCapacitor';
import { MODULE_WINDINGS_FROM, WINDINGS_FROM } from './windings';

const capacitorOutcome: CheckNumber['outcome'] = (value, { ratedMicrofarads, capacitorTolerancePercent }) =>
  capacitance(value, ratedMicrofarads, capacitorTolerancePercent);

const OHMS = { unit: 'ohms', min: 0, max: 100_000 } as const;

const OPEN = bad('open', 'open (OL)');

const CONTROL: Effort = { area: 'power', minutes: 20, money: 15 };

const pair = (id: string, name: string, where: string): CheckPoint => ({
  id,
  power: 'dead',
  name,
  where,
  number: {
    ...OHMS,
    outcome: () => 'good',
    ask: (value) => (value === 0 ? 'Zero ohms: are the leads touching, or is the pair shorted?' : undefined),
  },
  states: [OPEN],
  expects: 'some ohms, no two far apart',
  minutes: 1,
});
const ground = (id: string): CheckPoint => ({
  id,
  power: 'dead',
  name: 'To ground',
  where: 'each lead to bare metal',
  states: [good('open', 'open (OL)'), bad('reads', 'reads ohms')],
  expects: 'open',
  minutes: 1,
});
const PAIRS: readonly CheckPoint[] = [
  pair('windingPair1', 'Common to run', 'or legs 1 and 2'),
  pair('windingPair2', 'Common to start', 'or legs 2 and 3'),
  pair('windingPair3', 'Run to start', 'or legs 3 and 1'),
  ground('windingGround'),
  pair('modulePair1', 'Pair 1 and 2', 'module off, motor plug'),
  pair('modulePair2', 'Pair 2 and 3', 'module off, motor plug'),
  pair('modulePair3', 'Pair 3 and 1', 'module off, motor plug'),
  ground('moduleGround'),
  {
    id: 'capacitorAmps',
    name: 'Amps of the capacitor',
    where: 'clamp on its own lead, motor running',
    number: { unit: 'amps', min: 0.05, max: 60, outcome: () => 'good' },
    expects: 'with the volts across it: gives µF',
    power: 'live',
    minutes: 1,
  },
  {
    id: 'capacitorVolts',
    name: 'Volts across the capacitor',
    where: 'meter across it, motor running',
    number: { unit: 'volts', min: 90, max: 700, outcome: () => 'good' },
    expects: 'over line volts',
    power: 'live',
    minutes: 1,
  },
];

/** The motor, its capacitor, its harness, and what it turns. Minutes are a technician's, not a bench's (J). */
export const MOTOR_POINTS: readonly CheckPoint[] = [
  ...PAIRS,
  {
    id: 'harnessOhms',
    power: 'dead',
    effort: CONTROL,
    name: 'Harness, pin by pin',
    where: 'end to end, plugs off: the worst pin',
    number: { ...OHMS, outcome: within(0, 0.3, 0.2) },
    states: [OPEN],
    expects: 'under 0.3 Ω on every pin',
    minutes: 4,
  },
  {
    id: 'harnessWiggled',
    power: 'dead',
    effort: CONTROL,
    name: 'Harness, wiggled',
    where: 'the same, while plugs and wires are moved',
    states: [
      good('steady', 'steady'),
      bad('jumps', 'jumps', 'A reading that changes when wiggled means a bad wire. Replace the harness.'),
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
    power: 'live',
    minutes: 5,
  },
  {
    id: 'capacitor',
    power: 'dead',
    name: 'Run capacitor',
    where: 'discharged, one lead off, meter across',
    number: { unit: 'microfarads', min: 0, max: 200, outcome: capacitorOutcome, ask: askCapacitor },
    from: RUNNING_CAPACITOR_FROM,
    heldAgainst: 'ratedMicrofarads',
    states: [
      good('fine', 'within its rating'),
      bad('bulged', 'bulged or leaks', 'Capacitor is bulged. Replace it: same µF, same volts or higher.'),
    ],
    expects: 'within its tolerance',
    minutes: 5,
  },
  {
    id: 'windings',
    power: 'dead',
    name: 'Windings',
    from: WINDINGS_FROM,
    where: 'by pair and each to ground, leads off, cold',
    states: [
      good('sound', 'all pairs read, none to ground'),
      bad('open', 'a pair open, cool', 'A winding is open on a cool motor. Replace the motor.'),
      bad('ground', 'to ground', 'A winding is grounded. Replace the motor before any fuse.'),
      bad('openHot', 'open and hot'),
    ],
    expects: 'all pairs read, none to ground',
    minutes: 4,
  },
  {
    id: 'overloadRetest',
    power: 'dead',
    name: 'Overload, after a wait',
    where: 'motor cooled 20 to 30 min, windings read again',
    states: [
      bad(
        'closed',
        'closed again',
        'The motor’s internal overload opened. Find what overheats it; check static first.',
      ),
      good('open', 'still open'),
    ],
    expects: 'closed again means it was hot',
    minutes: 25,
  },
  {
    id: 'moduleWindings',
    power: 'dead',
    name: 'Motor’s three windings',
    from: MODULE_WINDINGS_FROM,
    where: 'module off: the pair farthest from average, and to ground',
    number: { unit: 'percent', min: 0, max: 100, outcome: within(0, 10) },
    states: [bad('ground', 'to ground', 'Windings are grounded. Replace motor and module together.'), OPEN],
    expects: 'within 10 % of each other, open to ground',
    minutes: 8,
  },
  {
    id: 'wheel',
    power: 'dead',
    name: 'Wheel',
    where: 'turned by hand, power locked out',
    states: [
      good('free', 'free'),
      bad('rocks', 'rocks', 'Bearings are loose. Replace motor or shaft bearings.'),
      bad('rubs', 'rubs', 'Wheel rubs the housing. Check set screw, mount and hub.'),
      bad('seized', 'seized', 'Seized. Shut off its circuit and do not retry. Check bearings and wheel.'),
    ],
    expects: 'turns freely, no rock',
    minutes: 2,
  },
  {
    id: 'motorTries',
    name: 'The motor on a call',
    where: 'what it does: look and listen, hands out',
    states: [
      good('nothing', 'nothing at all'),
      bad('hums', 'hums or rocks, no start'),
      bad('stops', 'starts, then stops'),
      bad('runsNoAir', 'runs, no air', 'Runs but moves no air: belt off, wheel loose or backwards, or duct shut.'),
      bad('neverStops', 'never stops', 'The blower never stops: welded contacts, or a constant call.'),
    ],
    expects: 'starts',
    power: 'running',
    minutes: 1,
  },
  {
    id: 'belt',
    power: 'dead',
    name: 'Belt',
    where: 'seen, power locked out',
    states: [
      good('on', 'on and tight'),
      bad('off', 'off or broken', 'Belt is off or broken. Install one, set its tension, leave a spare.'),
    ],
    expects: 'on',
    minutes: 1,
  },
  {
    id: 'ratedMicrofarads',
    power: 'dead',
    name: 'Rated µF',
    where: 'on the capacitor label; the FAN value on a dual one',
    number: { unit: 'microfarads', min: 0.5, max: 200, outcome: () => 'good' },
    expects: 'what the motor nameplate calls for',
    minutes: 1,
  },
];

/** A figure of another part: far from the rating. */
function askCapacitor(value: number, { ratedMicrofarads }: CheckContext): string | undefined {
  if (ratedMicrofarads === undefined)
    return 'Enter the rating printed on the can too. Without it this reading cannot be judged.';
  if (value > 1.5 * ratedMicrofarads)
    return `The rating is ${ratedMicrofarads} µF. Did you read the other side of a dual capacitor?`;
  return undefined;
}
