import { bad, edge, good, usually, within, type Check, type CheckedFrom, type CheckPoint } from '../checks/checkPoint';
import { capacitance } from '../electrical/capacitance';
import { voltageState } from '../electrical/voltage';

const OHMS = { unit: 'ohms', min: 0, max: 100_000 } as const;
const MICROFARADS = { unit: 'microfarads', min: 0, max: 200 } as const;

const lineVolts: NonNullable<CheckPoint['number']> = {
  unit: 'volts',
  min: 0,
  max: 700,
  outcome: (volts, { lineVolts: nominal }) => {
    const state = voltageState(volts, nominal);
    return state === 'good' ? 'good' : state === 'low' ? 'edge' : 'bad';
  },
};

/** One side of a capacitor against the rating printed for it: a reading without a rating says nothing. */
const sideFrom = (read: string, rated: string): CheckedFrom => ({
  points: [read, rated],
  tell: (checks) => {
    const [value, rating] = [checks.get(read)?.value, checks.get(rated)?.value];
    if (value === undefined || rating === undefined) return undefined;
    const is = capacitance(value, rating);
    return { state: is === 'good' ? 'fine' : is === 'edge' ? 'edge' : 'weak' };
  },
  ask: (checks) => {
    const has = (point: string) => checks.get(point)?.value !== undefined;
    if (has(read) === has(rated)) return undefined;
    return has(read) ? 'Enter the rating printed for this side too.' : 'Measure this side too.';
  },
});

const side = (id: string, name: string, terminals: string): readonly CheckPoint[] => [
  {
    id,
    power: 'dead',
    name,
    where: `${terminals}, discharged, leads off`,
    from: sideFrom(`${id}Read`, `${id}Rated`),
    states: [
      good('fine', 'within its rating'),
      edge('edge', 'near the limit of its rating'),
      bad('weak', 'weak or dead', `${name} is off its rating. Replace it: same µF, same volts or higher.`),
      bad('bulged', 'bulged or leaks', `${name} is bulged. Replace it: same µF, same volts or higher.`),
    ],
    expects: 'within ± 6 % or as printed',
    minutes: 4,
    effort: { area: 'power', minutes: 15, money: 25 },
  },
  {
    id: `${id}Read`,
    power: 'dead',
    name: `${name}, reading`,
    where: terminals,
    number: { ...MICROFARADS, outcome: () => undefined },
    expects: 'beside its rating',
    minutes: 2,
  },
  {
    id: `${id}Rated`,
    power: 'dead',
    name: `${name}, rating`,
    where: 'printed on the can',
    number: { ...MICROFARADS, outcome: () => undefined },
    expects: 'as printed',
    minutes: 1,
  },
];

/** Compressor windings: the two to common add up to the third. Within so much of it, Ω share (J). */
const SUM_SHARE = 0.1;

const COMPRESSOR_PAIRS: CheckedFrom = {
  points: ['compCS', 'compCR', 'compSR', 'compGround'],
  tell: (checks) => {
    const ground = checks.get('compGround')?.value;
    if (ground !== undefined && ground < 1) return { state: 'ground' };
    const pairs = ['compCS', 'compCR', 'compSR'].map((point) => checks.get(point));
    const isOpen = (check: Check | undefined) => check?.state === 'open';
    if (isOpen(pairs[0]) && isOpen(pairs[1]) && pairs[2]?.value !== undefined) return { state: 'openCommon' };
    if (pairs.some(isOpen)) return { state: 'open' };
    const [cs, cr, sr] = pairs.map((check) => check?.value);
    if (cs === undefined || cr === undefined || sr === undefined || ground === undefined) return undefined;
    return { state: Math.abs(cs + cr - sr) <= SUM_SHARE * Math.max(sr, 0.1) ? 'sound' : 'off' };
  },
};

const winding = (id: string, name: string): CheckPoint => ({
  id,
  power: 'dead',
  name,
  where: 'leads off, compressor cool',
  number: { ...OHMS, outcome: () => 'good' },
  states: [bad('open', 'open (OL)')],
  expects: 'C–S and C–R add up to S–R',
  minutes: 1,
});

/** The outdoor unit: from its disconnect to compressor and fan. Minutes are a technician's (J). */
export const OUTDOOR_POINTS: readonly CheckPoint[] = usually({ area: 'power', minutes: 30, money: 40 }, [
  {
    id: 'outTries',
    power: 'running',
    name: 'Outdoor unit on a call',
    where: 'what it does: look and listen, hands out',
    states: [
      good('runs', 'fan and compressor run'),
      bad('nothing', 'nothing at all'),
      bad('fanOnly', 'fan runs, compressor does not'),
      bad('compressorOnly', 'compressor runs, fan does not'),
      bad('hums', 'hums, then clicks off'),
      bad('trips', 'trips its breaker'),
    ],
    expects: 'both run within 5 min of the call',
    minutes: 1,
  },
  {
    id: 'outBreaker',
    power: 'dead',
    name: 'Breaker and disconnect, outdoors',
    where: 'at the panel and the pull-out; fuses checked',
    states: [
      good('on', 'on, fuses whole'),
      bad('off', 'found off or pulled'),
      bad('trips', 'trips on start'),
      bad('fuse', 'fuse blown'),
    ],
    expects: 'on, fuses whole',
    minutes: 3,
  },
  {
    id: 'outLineVolts',
    power: 'live',
    name: 'Line side',
    where: 'L1–L2 at the contactor',
    number: lineVolts,
    expects: 'line volts of the nameplate',
    minutes: 2,
  },
  {
    id: 'outCallVolts',
    power: 'live',
    name: '24 V at the contactor',
    where: 'across its coil, cooling called, delay over',
    number: { unit: 'volts', min: 0, max: 60, outcome: within(21, 30, 2) },
    expects: '24 to 28 V',
    minutes: 2,
  },
  {
    id: 'outSwitches',
    power: 'dead',
    name: 'Pressure switches and float',
    where: 'each read through, wires off',
    states: [
      good('closed', 'all closed'),
      bad(
        'high',
        'high pressure open',
        'High-pressure switch is open. Check outdoor coil and fan first, then the charge.',
      ),
      bad('low', 'low pressure open', 'Low-pressure switch is open. Check airflow and ice first, then for a leak.'),
      bad('float', 'float open', 'Float switch is open. Clear the drain, then test the switch.'),
    ],
    expects: 'closed',
    minutes: 4,
  },
  {
    id: 'outLoadVolts',
    power: 'live',
    name: 'Load side',
    where: 'T1–T2, contactor pulled in',
    number: lineVolts,
    expects: 'line volts, within 5 V of the line side',
    minutes: 2,
  },
  {
    id: 'outContactDrop',
    power: 'live',
    name: 'Across closed contacts',
    where: 'line to load of one pole, running',
    number: {
      unit: 'volts',
      min: 0,
      max: 60,
      outcome: (volts) => (volts <= 1 ? 'good' : volts <= 5 ? 'edge' : 'bad'),
      finding: (volts) => (volts > 5 ? 'Over 5 V lost across closed contacts. Replace the contactor.' : undefined),
    },
    expects: 'under 1 V; over 5 V replace',
    minutes: 2,
  },
  {
    id: 'outCoilOhms',
    power: 'dead',
    name: 'Contactor coil, ohms',
    where: 'across the coil, wires off',
    number: { ...OHMS, outcome: within(5, 25, 60) },
    states: [bad('open', 'open (OL)')],
    expects: '5 to 25 Ω',
    minutes: 2,
  },
  {
    id: 'outContacts',
    power: 'dead',
    name: 'Contactor faces, outdoors',
    where: 'pulled by hand, faces seen',
    states: [
      good('clean', 'clean, move freely'),
      edge('pitted', 'pitted', 'Contactor is pitted. Quote a new one.'),
      bad('stuck', 'stuck or welded', 'Contactor is stuck. Replace it and find what overloaded it.'),
      bad('insects', 'insects or dirt between', 'Contactor is fouled. Replace it.'),
    ],
    expects: 'clean',
    minutes: 2,
  },
  ...side('outHerm', 'Capacitor, HERM side', 'C to HERM'),
  ...side('outFanSide', 'Capacitor, FAN side', 'C to FAN'),
  {
    id: 'outFanMotor',
    power: 'dead',
    name: 'Outdoor fan motor',
    where: 'turned by hand; windings by pair and to ground',
    states: [
      good('sound', 'turns freely, windings read'),
      bad('seized', 'stiff or seized', 'Outdoor fan motor is seized. Replace it with its capacitor.'),
      bad('open', 'winding open or to ground', 'Outdoor fan motor winding is bad. Replace the motor.'),
      bad(
        'blade',
        'blade loose or at the wrong height',
        'Fan blade is off. Set it to the manufacturer’s height and tighten it.',
      ),
    ],
    expects: 'free, windings read',
    minutes: 5,
    effort: { area: 'power', minutes: 60, money: 160 },
  },
  {
    id: 'compWindings',
    power: 'dead',
    name: 'Compressor windings',
    where: 'C–S, C–R, S–R and each to ground, leads off',
    from: COMPRESSOR_PAIRS,
    states: [
      good('sound', 'C–S and C–R add up to S–R'),
      bad('openCommon', 'C open to both, hot top'),
      bad('open', 'one winding open, cool', 'A compressor winding is open. Certified work.'),
      bad('off', 'they do not add up', 'Compressor windings do not add up. Measure again when cool, then refer.'),
      bad('ground', 'to ground', 'Compressor is grounded. Do not close the breaker. Certified work.'),
    ],
    expects: 'C–S plus C–R equals S–R, open to ground',
    minutes: 5,
    effort: { area: 'refrigerant', minutes: 240, money: 900 },
  },
  winding('compCS', 'C–S'),
  winding('compCR', 'C–R'),
  winding('compSR', 'S–R'),
  {
    id: 'compGround',
    power: 'dead',
    name: 'Compressor to ground, MΩ',
    where: 'each terminal to bare copper, megohms',
    number: { unit: 'factor', min: 0, max: 10_000, outcome: (m) => (m >= 20 ? 'good' : m >= 1 ? 'edge' : 'bad') },
    expects: 'over 20; under 1 condemn it; between: moisture, test again',
    minutes: 2,
  },
  {
    id: 'compOverload',
    power: 'dead',
    name: 'Compressor overload, after cooling',
    where: 'top cool to the touch, then C again',
    states: [
      bad(
        'closed',
        'closed again',
        'The compressor’s overload opened. Check outdoor fan, capacitor, charge and supply.',
      ),
      good('open', 'still open'),
    ],
    expects: 'closed again means it was hot',
    minutes: 60,
  },
  {
    id: 'compAmps',
    power: 'live',
    name: 'Compressor amps',
    where: 'clamp on C, running; each leg where there are three',
    number: { unit: 'amps', min: 0, max: 300, outcome: () => undefined },
    expects: 'under the RLA of the nameplate',
    minutes: 2,
  },
  {
    id: 'startGear',
    power: 'dead',
    name: 'Start capacitor and relay',
    where: 'if installed: capacitor measured, relay tested',
    states: [
      good('sound', 'sound, or none fitted'),
      bad('failed', 'failed', 'Start gear failed. Replace capacitor and relay together.'),
    ],
    expects: 'sound, or none',
    minutes: 4,
    effort: { area: 'power', minutes: 20, money: 45 },
  },
]);
