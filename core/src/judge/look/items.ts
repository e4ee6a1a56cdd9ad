import type { MotorKind } from '../../air/fan';

/** What is looked at before anything is measured, and the states it may be in. The first state is the good one. */
export interface LookItem {
  readonly id: string;
  readonly name: string;
  readonly states: readonly LookState[];
  /** Looked at on these motors only. */
  readonly motors?: readonly MotorKind[];
}

interface LookState {
  readonly id: string;
  readonly text: string;
  /** It is a finding: stays on the visit's list until dealt with or declined. */
  readonly finding?: true;
}

const finding = (id: string, text: string): LookState => ({ id, text, finding: true });

/** In the order faults are taken: power and controls, belt and blower, filter, coil, ducts. */
export const LOOK_ITEMS: readonly LookItem[] = [
  {
    id: 'air',
    name: 'Air',
    states: [{ id: 'moves', text: 'moves' }, finding('weak', 'weak'), finding('none', 'none')],
  },
  {
    id: 'elements',
    name: 'Heat without blower',
    states: [{ id: 'no', text: 'no' }, finding('yes', 'elements on, no blower')],
  },
  {
    id: 'ice',
    name: 'Ice',
    states: [{ id: 'none', text: 'none' }, finding('coil', 'on the coil')],
  },
  {
    id: 'flashes',
    name: 'Error flashes',
    states: [{ id: 'none', text: 'none' }, finding('yes', 'flashing')],
  },
  {
    id: 'wiring',
    name: 'Wiring',
    states: [{ id: 'good', text: 'good' }, finding('loose', 'loose'), finding('burnt', 'burnt')],
  },
  {
    id: 'belt',
    name: 'Belt',
    motors: ['beltDrive'],
    states: [
      { id: 'good', text: 'good or none' },
      finding('slack', 'slack'),
      finding('glazed', 'glazed'),
      finding('cracked', 'cracked'),
      finding('broken', 'broken'),
    ],
  },
  {
    id: 'wheel',
    name: 'Blower wheel',
    states: [{ id: 'clean', text: 'clean' }, finding('dusty', 'dusty'), finding('caked', 'caked')],
  },
  {
    id: 'capacitor',
    name: 'Run capacitor',
    states: [{ id: 'good', text: 'within its rating' }, finding('weak', 'weak'), finding('bulged', 'bulged or leaks')],
    motors: ['psc'],
  },
  {
    id: 'speedLead',
    name: 'Speed lead or switch',
    states: [{ id: 'asEntered', text: 'as entered' }, finding('other', 'another speed')],
    motors: ['psc', 'constantTorque', 'constantAirflow'],
  },
  {
    id: 'dehumidify',
    name: 'Dehumidify switch',
    states: [{ id: 'off', text: 'off, or with its sensor' }, finding('on', 'on without a sensor')],
    motors: ['constantAirflow'],
  },
  {
    id: 'rotation',
    name: 'Wheel turns',
    states: [{ id: 'right', text: 'the right way' }, finding('backwards', 'backwards')],
  },
  {
    id: 'filter',
    name: 'Filter',
    states: [
      { id: 'clean', text: 'clean' },
      finding('loaded', 'loaded'),
      finding('uneven', 'drawn unevenly'),
      finding('bypassed', 'air goes round it'),
      finding('missing', 'missing'),
      finding('fine', 'clean, fine media'),
    ],
  },
  {
    id: 'secondFilter',
    name: 'Second filter',
    states: [{ id: 'none', text: 'none' }, finding('there', 'at the grille too')],
  },
  { id: 'light', name: 'Light through filter', states: [{ id: 'yes', text: 'seen' }, finding('no', 'none')] },
  {
    id: 'coilFace',
    name: 'Coil faces, under side too',
    states: [{ id: 'clean', text: 'clean' }, finding('dusty', 'dusty'), finding('matted', 'matted')],
  },
  {
    id: 'drain',
    name: 'Drain, trap, float switch',
    states: [{ id: 'runs', text: 'runs' }, finding('slow', 'slow'), finding('blocked', 'blocked')],
  },
  {
    id: 'dampers',
    name: 'Dampers and registers',
    states: [{ id: 'open', text: 'open' }, finding('closed', 'some closed'), finding('fire', 'fire damper shut')],
  },
  {
    id: 'returnSize',
    name: 'Return opening',
    states: [{ id: 'enough', text: 'large enough' }, finding('small', 'too small')],
  },
  {
    id: 'ducts',
    name: 'Ducts',
    states: [
      { id: 'whole', text: 'whole' },
      finding('crushed', 'crushed'),
      finding('open', 'open or loose'),
      finding('liner', 'liner loose inside'),
    ],
  },
  {
    id: 'noise',
    name: 'Noise',
    states: [{ id: 'usual', text: 'usual' }, finding('loud', 'loud'), finding('rubs', 'rubs or squeals')],
  },
  {
    id: 'smell',
    name: 'Smell',
    states: [{ id: 'none', text: 'none' }, finding('hot', 'hot or burnt'), finding('gas', 'gas')],
  },
];

const BY_ID = new Map(LOOK_ITEMS.map((item) => [item.id, item]));
export const lookItem = (id: string): LookItem | undefined => BY_ID.get(id);

/** Cautions that go with a finding: life safety is inspected and referred, never wired open. */
export const LOOK_CAUTIONS: Readonly<Record<string, string>> = {
  'dampers fire': 'A fire damper is a life-safety part: inspect and refer. Never wire it open or take it out.',
  'smell gas': 'Smell of gas: touch no switch, ventilate, leave, call the gas supplier.',
  'smell hot':
    'Burning smell: shut off that circuit first and verify it is dead. A control breaker may not be the one.',
  'wiring burnt':
    'Burnt wiring: shut off power and verify it is dead before you touch it. A licensed electrician decides sizing.',
};
