import {
  bad,
  good,
  type Check,
  type CheckContext,
  type CheckedFrom,
  type CheckNumber,
  type CheckPoint,
} from '../checks/checkPoint';
import { voltageState } from './voltage';

const OUTCOME = { good: 'good', low: 'edge', lost: 'bad' } as const;

/** Good within 10 % of the nameplate; low, it runs at its risk and weakly; lost, it is no supply. Over 10 % high is borderline too. */
const lineOutcome = (value: number, { lineVolts }: CheckContext) =>
  value > 1.1 * (lineVolts ?? 480) ? 'edge' : OUTCOME[voltageState(value, lineVolts)];

const askLine = (value: number, { lineVolts }: CheckContext): string | undefined => {
  if (value >= 18 && value <= 32)
    return `${value} V is control voltage. Were the leads on L1 and L2? Line is ${lineVolts ?? '120 V or more'}.`;
  if (lineVolts !== undefined && value > 1.25 * lineVolts)
    return `The nameplate says ${lineVolts} V. Is this the right unit?`;
  return undefined;
};

/** A low supply is a finding too: the motor runs weakly and at risk. */
function lowSupply(value: number, { lineVolts }: CheckContext): string | undefined {
  if (lineVolts === undefined || voltageState(value, lineVolts) !== 'low') return undefined;
  return `Supply is low: ${value} V (nameplate ${lineVolts} V). Motors run weak and hot. Find out why.`;
}

const LINE: CheckNumber = {
  unit: 'volts',
  min: 0,
  max: 700,
  outcome: lineOutcome,
  finding: lowSupply,
  ask: askLine,
};

const LEGS = ['legVolts12', 'legVolts23', 'legVolts31'] as const;

/** What is still to be read of three legs, as a question; undefined where none or all were read. @param read what was read at each point */
function legsQuestion(read: ReadonlyMap<string, Check>): string | undefined {
  const open = LEGS.filter((leg) => read.get(leg)?.value === undefined);
  if (open.length === 0 || open.length === LEGS.length) return undefined;
  const names = open.map((leg) => `L${leg.at(-2)}–L${leg.at(-1)}`).join(' and ');
  return `Read ${names} too. Two good legs say nothing about the third.`;
}

/** The lowest leg, once all three are read: two good ones prove nothing of the third. */
const LOWEST_LEG: CheckedFrom = {
  points: LEGS,
  tell: (read) => {
    const volts = LEGS.flatMap((leg) => read.get(leg)?.value ?? []);
    return volts.length === LEGS.length ? { value: Math.min(...volts) } : undefined;
  },
  ask: legsQuestion,
};

const leg = (id: (typeof LEGS)[number], where: string): CheckPoint => ({
  id,
  name: `Leg ${where}`,
  where: `${where} at the contactor, under load`,
  number: LINE,
  expects: 'nameplate voltage, all three within 2 %',
  power: 'live',
  minutes: 1,
});

/** Line voltage: from the disconnect to the motor. Minutes are a technician's, not a bench's (J). */
export const SUPPLY_POINTS: readonly CheckPoint[] = [
  {
    id: 'lineVolts',
    name: 'Disconnect, door',
    where: 'L1–L2 in the unit, door switch held',
    number: LINE,
    expects: 'nameplate voltage',
    power: 'live',
    minutes: 1,
  },
  {
    id: 'legVoltsLow',
    name: 'Three legs',
    where: 'L1–L2, L2–L3, L1–L3 at the contactor: enter the lowest',
    number: LINE,
    from: LOWEST_LEG,
    expects: 'nameplate voltage on all three',
    power: 'live',
    minutes: 2,
  },
  leg('legVolts12', 'L1–L2'),
  leg('legVolts23', 'L2–L3'),
  leg('legVolts31', 'L3–L1'),
  {
    id: 'supplyBreaker',
    power: 'dead',
    name: 'Breaker and fuses',
    where: 'at the panel and in the disconnect',
    states: [
      good('on', 'on, fuses whole'),
      bad('off', 'found off', 'Found off. Find out why before you switch it on.'),
      bad('trips', 'trips on start', 'Trips on start: grounded winding, seized motor or shorted wire.'),
      bad('fuse', 'fuse blown', 'A fuse blows for a reason. Test windings to ground before you replace it.'),
    ],
    expects: 'on',
    minutes: 2,
  },
  {
    id: 'doorSwitch',
    power: 'dead',
    name: 'Door switch',
    where: 'pressed by the panel, or held; never left bridged',
    states: [
      good('makes', 'makes'),
      bad('open', 'does not make', 'Door switch does not close. Seat the panel, or replace the switch.'),
    ],
    expects: 'makes when held',
    minutes: 1,
  },
  {
    id: 'motorVolts',
    name: 'Line at the motor',
    where: 'speed lead to neutral or L2 at the motor, with a call',
    number: LINE,
    expects: 'line volts with a call',
    power: 'live',
    minutes: 3,
  },
  {
    id: 'motorVoltsAtRest',
    name: 'Line at the motor, no call',
    where: 'the same leads, thermostat off',
    number: { ...LINE, outcome: (value) => (value < 30 ? 'good' : 'bad'), finding: undefined, ask: undefined },
    expects: 'nothing without a call',
    power: 'live',
    minutes: 1,
  },
  {
    id: 'motorSupply',
    name: 'Line at the motor',
    where: 'L1–L2 or L–N at its five-pin plug, always there',
    number: LINE,
    expects: 'line volts, call or not',
    power: 'live',
    minutes: 2,
  },
  {
    id: 'motorLead',
    power: 'dead',
    name: 'Plug and leads of the motor',
    where: 'terminals seen and pulled, ends read through',
    states: [
      good('sound', 'sound'),
      bad('loose', 'loose, burnt or open', 'Bad motor lead or terminal. Repair it; size the wire per code.'),
    ],
    expects: 'sound',
    minutes: 3,
  },
  {
    id: 'overloadRelay',
    power: 'dead',
    name: 'Overload relay',
    where: 'inspected; auxiliary contact measured',
    states: [
      good('set', 'set'),
      bad('tripped', 'tripped', 'Overload tripped. Check dial, legs and load before you reset it.'),
    ],
    expects: 'set',
    minutes: 1,
  },
  {
    id: 'speedSwitch',
    power: 'dead',
    name: 'Speed switch',
    where: 'each position read through, power off',
    states: [good('sound', 'sound'), bad('open', 'a position is open', 'Speed switch is open. Replace it.')],
    expects: 'each position closes',
    minutes: 3,
  },
];
