import type { LookSign } from '../../judge/look/lookSign';
import { voltageState } from '../electrical/voltage';

/** What of a point shows a stop: one of its states, or a figure. */
interface CheckSign {
  readonly point: string;
  readonly states?: readonly string[];
  readonly isAt?: (value: number, lineVolts?: number) => boolean;
}

/** One thing that stops a visit. Adding one is adding it here, in its order. */
export interface StopRule {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly first: string;
  readonly isDanger?: true;
  /** Its circuit stays off: nothing that needs power is offered. */
  readonly keepsOff?: true;
  readonly step: 'look' | 'power' | 'heat' | 'building';
  readonly looks?: readonly LookSign[];
  readonly checks?: readonly CheckSign[];
}

const LEG_POINTS = ['legVoltsLow', 'legVolts12', 'legVolts23', 'legVolts31'] as const;
const isLost = (volts: number, nominal?: number) => voltageState(volts, nominal) === 'lost';

/** Every stop, in the order in which one goes before another: people, air, readings. */
export const STOPS: readonly StopRule[] = [
  {
    id: 'gas',
    name: 'smell of gas',
    why: 'Smell of gas.',
    first: 'Touch no switch. Ventilate, leave, and call the gas supplier.',
    isDanger: true,
    step: 'look',
    looks: [{ item: 'smell', states: ['gas'] }],
  },
  {
    id: 'combustion',
    name: 'combustion gas or flame where it must not be',
    why: 'Flue gas, carbon monoxide or flame can reach people.',
    first: 'Shut down the burner, turn off the gas, ventilate and refer. Do not reset it.',
    isDanger: true,
    step: 'heat',
    checks: [
      { point: 'exchanger', states: ['crack', 'co'] },
      { point: 'upkeepExchanger', states: ['crack', 'co'] },
      { point: 'limitCircuit', states: ['rollOut'] },
      { point: 'flame', states: ['lifts'] },
      { point: 'backDraft', states: ['spills'] },
    ],
  },
  {
    id: 'elements',
    keepsOff: true,
    name: 'heating elements on without the blower',
    why: 'Heating elements without the blower are a fire risk.',
    first:
      'Shut off power at the disconnect now and verify it is dead. Measure nothing until the blower starts with the heat.',
    isDanger: true,
    step: 'heat',
    looks: [{ item: 'elements', states: ['yes'] }],
  },
  {
    id: 'burning',
    keepsOff: true,
    name: 'a burning smell',
    why: 'Something is burning.',
    first: 'Shut off that circuit at the disconnect and verify it is dead. A control breaker may not be the one.',
    isDanger: true,
    step: 'look',
    looks: [{ item: 'smell', states: ['hot'] }],
    checks: [{ point: 'motorSmell', states: ['varnish'] }],
  },
  {
    id: 'lostLeg',
    name: 'a lost leg of the supply',
    why: 'One leg of the three-phase supply is lost. A motor burns out on two legs.',
    first: 'Shut off and lock out. Find the open fuse, disconnect or utility leg, then read all three legs again.',
    step: 'power',
    checks: LEG_POINTS.map((point) => ({ point, isAt: isLost })),
  },
  {
    id: 'seized',
    keepsOff: true,
    name: 'a seized wheel or motor',
    why: 'The wheel is seized.',
    first: 'Shut off its circuit and lock it out. Do not try to start it again. Check bearings, then the wheel.',
    step: 'power',
    checks: [{ point: 'wheel', states: ['seized'] }],
  },
  {
    id: 'air',
    name: 'no air',
    why: "The blower isn't moving air. Readings mean nothing until it runs.",
    first: 'Find out why it does not run: power, door switch, call, relay or board, motor.',
    step: 'power',
    looks: [{ item: 'air', states: ['none'] }],
  },
  {
    id: 'belt',
    name: 'a broken belt',
    why: 'The belt is off or broken: the wheel does not turn.',
    first: 'Lock out, fit the belt, set its tension, then measure.',
    step: 'look',
    looks: [{ item: 'belt', states: ['broken'] }],
    checks: [{ point: 'belt', states: ['off'] }],
  },
  {
    id: 'backwards',
    name: 'a wheel turning backwards',
    why: 'The wheel turns backwards: airflow is a third to a half, and no reading is true.',
    first: 'Lock out. Swap two legs, or turn the motor plug around, then check rotation and measure again.',
    step: 'look',
    looks: [{ item: 'rotation', states: ['backwards'] }],
    checks: [{ point: 'afterRotation', states: ['wrong'] }],
  },
  {
    id: 'ice',
    name: 'ice on the coil',
    why: 'Ice blocks the coil: static, airflow and ΔT all read wrong, and charge cannot be judged.',
    first: 'Turn cooling off and run the fan until the coil is clear. Then find the cause and measure.',
    step: 'look',
    looks: [{ item: 'ice', states: ['coil'] }],
  },
  {
    id: 'fireDamper',
    name: 'a closed fire damper',
    why: 'A fire damper is closed. It is a life-safety part.',
    first: 'Inspect it and refer it. Never wire it open or remove it. Measure when it is open again.',
    step: 'look',
    looks: [{ item: 'dampers', states: ['fire'] }],
  },
  {
    id: 'filterMissing',
    name: 'a missing filter',
    why: 'The filter is missing: readings show more airflow than the unit will have, and dirt goes into the coil.',
    first: 'Check the coil face, fit a filter of the right size, then measure.',
    step: 'look',
    looks: [{ item: 'filter', states: ['missing'] }],
  },
];
