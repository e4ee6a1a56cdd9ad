import { bad, edge, good, usually, type CheckPoint, type CheckState } from '../checks/checkPoint';
import { EQUIPMENT_KINDS } from './equipment';
import type { TriageArea } from '../triage/effort';

const done = good('done', 'done');
const later = edge('not', 'not this time');
const found = (words: string): CheckState => bad('found', 'found', words);
const item = (
  id: string,
  name: string,
  where: string,
  words: string,
  minutes: number,
  mending?: readonly [area: TriageArea, minutes: number, money: number],
): CheckPoint => ({
  id,
  name,
  where,
  states: [done, later, found(words)],
  expects: 'done',
  minutes,
  ...(mending && { effort: { area: mending[0], minutes: mending[1], money: mending[2] } }),
});

/** What a maintenance visit goes through, in its order. */
export const UPKEEP_POINTS: readonly CheckPoint[] = usually({ area: 'coil', minutes: 30, money: 5 }, [
  item(
    'upkeepCabinet',
    'Cabinet doors and lining',
    'latches, seals, loose lining',
    'Cabinet: doors or lining need repair.',
    4,
    ['blower', 20, 5],
  ),
  item(
    'upkeepWheel',
    'Blower wheel',
    'power locked out, a finger through the blades',
    'Blower wheel caked: clean it, then read static again.',
    5,
    ['blower', 75, 0],
  ),
  item(
    'upkeepCoil',
    'Coil, under side too',
    'mirror and lamp',
    'Coil face dirty: clean it from the air side it came in.',
    6,
  ),
  item('drainFlush', 'Drain flushed', 'until the water runs clear', 'Drain does not clear.', 6),
  item('drainTrap', 'Trap refilled', 'without an air bubble', 'Trap missing or of the wrong depth.', 3),
  item(
    'drainPitch',
    'Pitch of the drain',
    'a quarter inch a foot, towards the outlet',
    'Drain pitched the wrong way.',
    2,
  ),
  {
    id: 'floatTipped',
    name: 'Float switch tipped',
    where: 'by hand, unit calling',
    states: [
      good('breaksY', 'stops cooling (Y)'),
      good('breaksR', 'stops all (R)'),
      bad('nothing', 'stops nothing', 'Float switch stops nothing: wire or replace it.'),
      bad('none', 'there is none', 'No float switch over a finished ceiling or a shared pan: quote one.'),
    ],
    expects: 'stops the call',
    live: true,
    minutes: 3,
  },
  item('upkeepFilter', 'Filter changed', 'size and date on its frame', 'Filter of the right size was not on hand.', 4, [
    'filter',
    5,
    12,
  ]),
  item(
    'upkeepHeatAmps',
    'Electric heat, amps',
    'each circuit, blower running',
    'An element draws nothing or too much.',
    6,
    ['heat', 30, 30],
  ),
  item(
    'upkeepBelt',
    'Belt and spare',
    'wear, tension, alignment; spare in the unit',
    'Belt worn, or no spare in the unit.',
    6,
    ['blower', 30, 18],
  ),
  item('upkeepCapacitor', 'Capacitors', 'discharged, measured', 'A capacitor is off its rating.', 5, [
    'blower',
    30,
    18,
  ]),
  item('upkeepContactor', 'Contactor faces', 'power locked out, faces seen', 'Contactor faces burnt or pitted.', 3, [
    'power',
    20,
    25,
  ]),
  item('upkeepOutdoor', 'Outdoor coil', 'rinsed from inside out', 'Outdoor coil needs a real cleaning.', 12, [
    'coil',
    45,
    5,
  ]),
  item('upkeepBurner', 'Burner, sensor, igniter', 'power and gas off', 'Burner needs cleaning or repair.', 12, [
    'heat',
    45,
    30,
  ]),
  item('upkeepFlue', 'Flue and condensate', 'joints, slope, trap', 'Flue or condensate needs repair.', 5, [
    'heat',
    30,
    30,
  ]),
  item(
    'upkeepDrop',
    'Temperature drop or rise',
    'after 10 to 15 minutes',
    'Drop or rise outside: see Airflow and Drop.',
    10,
    ['heat', 30, 0],
  ),
  item('upkeepStatic', 'Static pressure', 'as it normally runs', 'Static outside: see Pressure.', 5, ['ducts', 0, 0]),
  item(
    'upkeepRubs',
    'Rubbing and noise',
    'listened to, doors on, each speed',
    'Something rubs or knocks: wheel, shaft, belt guard.',
    2,
    ['blower', 30, 20],
  ),
  item(
    'upkeepDampers',
    'Dampers and hood',
    'moved through their travel, bird screen seen',
    'A damper or its hood sticks, or the screen is shut with dirt.',
    5,
    ['building', 30, 20],
  ),
  {
    id: 'upkeepEquipment',
    seenOnly: true,
    name: 'What stands here',
    where: 'by its plate and what is seen',
    states: EQUIPMENT_KINDS.map(({ id, name }) => ({ id, text: name })),
    expects: '',
    minutes: 0,
  },
  {
    id: 'upkeepNeglect',
    seenOnly: true,
    name: 'How it was kept',
    where: 'sheet in the door, dust, dates on the filters',
    states: [good('kept', 'kept'), { id: 'neglected', text: 'neglected' }],
    expects: 'kept',
    minutes: 1,
  },
]);
