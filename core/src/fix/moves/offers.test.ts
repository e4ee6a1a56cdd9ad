import { EXAMPLE_A_GOAL, EXAMPLE_A_TABLE } from '../../../fixtures/exampleA';
import { EXAMPLE_D_GOAL, EXAMPLE_D_SYSTEM } from '../../../fixtures/exampleD';
import type { FanLag, MotorKind } from '../../air/fan';
import type { Look } from '../../judge/look';
import type { Goal } from '../model';
import { operate } from '../../air/operate';
import { resistanceFromPoint } from '../../air/path';
import { soundInputs } from '../../base/forms';
import type { System } from '../../air/system';
import { dueMoves } from './due';
import { applyMoves } from './applyMoves';
import { moveOf, MOVES } from './catalogue';
import type { MoveContext } from './move';

/** A sound 3-ton air handler: 1,170 CFM at 0.34 on tap 4, nothing over its share. */
const sound: System = {
  layout: 'airHandler',
  path: [
    { stages: ['returnDuct'], side: 'return', resistance: resistanceFromPoint(0.11, 1170, 2) },
    { stages: ['filter'], side: 'return', resistance: resistanceFromPoint(0.07, 1170, 1.3) },
    { stages: ['supplyDuct'], side: 'supply', resistance: resistanceFromPoint(0.16, 1170, 2) },
  ],
  fan: { motor: 'psc', table: EXAMPLE_A_TABLE, tap: '4' },
};
const goal = EXAMPLE_A_GOAL;
const context = (looks: Readonly<Record<string, string>> = {}, of: Goal = goal): MoveContext => ({
  goal: of,
  looks: new Map(Object.entries(looks).map(([item, state]): [string, Look] => [item, { item, state }])),
});
const lagging = (
  cause: FanLag['cause'],
  factor: number,
  acts: FanLag['acts'] = 'speed',
  motor: MotorKind = 'psc',
): System => ({
  ...sound,
  fan: { ...sound.fan, motor, lags: [{ cause, acts, factor, assumed: true }] },
});
const more = (stage: 'returnDuct' | 'filter' | 'supplyDuct', factor: number): System => ({
  ...sound,
  path: sound.path.map((section) =>
    section.stages[0] === stage
      ? { ...section, resistance: { ...section.resistance, coefficient: factor * section.resistance.coefficient } }
      : section,
  ),
});
const bareGrille: System = { ...sound, filters: { count: 1, widthIn: 20, heightIn: 20, collarIn: 12 } };
const twoFilters: System = { ...sound, filterPlace: 'both', path: [sound.path[1]!, ...sound.path] };
const overloaded: System = { ...EXAMPLE_D_SYSTEM, motor: { ...EXAMPLE_D_SYSTEM.motor, plateAmps: 3.5 } };

interface Offer {
  readonly id: string;
  readonly system: System;
  readonly looks?: Readonly<Record<string, string>>;
  readonly goal?: Goal;
  /** Why it is offered. */
  readonly why: RegExp;
  readonly due?: boolean;
  readonly says: RegExp;
  /** What becomes of airflow and external static. */
  readonly flow: 'more' | 'less' | 'same';
  readonly static: 'more' | 'less' | 'same';
}

const OFFERS: readonly Offer[] = [
  {
    id: 'swapPhases',
    system: lagging('rotation', 0.8),
    looks: { rotation: 'backwards' },
    why: /backwards/,
    due: true,
    says: /costs 20 % of the speed, assumed/,
    flow: 'more',
    static: 'more',
  },
  {
    id: 'runCapacitor',
    system: lagging('capacitor', 0.93),
    looks: { capacitor: 'weak' },
    why: /is weak/,
    due: true,
    says: /costs 7 % of the speed/,
    flow: 'more',
    static: 'more',
  },
  {
    id: 'newBelt',
    system: lagging('slip', 0.94, 'speed', 'beltDrive'),
    looks: { belt: 'slack' },
    why: /slips/,
    due: true,
    says: /costs 6 % of the speed/,
    flow: 'more',
    static: 'more',
  },
  {
    id: 'cleanWheel',
    system: lagging('wheel', 0.9),
    looks: { wheel: 'caked' },
    why: /is caked/,
    due: true,
    says: /costs 10 % of the speed/,
    flow: 'more',
    static: 'more',
  },
  {
    id: 'dehumidifyOff',
    system: lagging('dehumidify', 0.85, 'flow', 'constantAirflow'),
    looks: { dehumidify: 'on' },
    why: /without a sensor/,
    due: true,
    says: /costs 15 % of the air/,
    flow: 'more',
    static: 'more',
  },
  { id: 'singleFilter', system: twoFilters, why: /in series/, says: /at the unit goes/, flow: 'more', static: 'less' },
  {
    id: 'newFilter',
    system: more('filter', 3),
    looks: { filter: 'loaded' },
    why: /is loaded/,
    due: true,
    says: /where this one drops/,
    flow: 'more',
    static: 'less',
  },
  {
    id: 'newFilter',
    system: more('filter', 2.5),
    why: /over its static budget/,
    due: false,
    says: /drops 0\.\d\d where/,
    flow: 'more',
    static: 'less',
  },
  { id: 'deeperMedia', system: more('filter', 2), why: /More media area/, says: /drops/, flow: 'more', static: 'less' },
  {
    id: 'cleanCoil',
    system: { ...sound, inside: { stages: ['coil'], side: 'return', resistance: resistanceFromPoint(0.1, 1100, 1.7) } },
    looks: { coilFace: 'matted' },
    why: /are matted/,
    due: true,
    says: /blower table/,
    flow: 'more',
    // What was lost inside is now felt outside.
    static: 'more',
  },
  {
    id: 'openDamper',
    system: more('supplyDuct', 2),
    looks: { dampers: 'closed' },
    why: /are closed/,
    due: true,
    says: /supply side, assumed to cost 30 %/,
    flow: 'more',
    static: 'less',
  },
  {
    id: 'replaceFlex',
    system: more('supplyDuct', 2),
    looks: { ducts: 'crushed' },
    why: /is crushed/,
    due: true,
    says: /supply side, assumed to cost 40 %/,
    flow: 'more',
    static: 'less',
  },
  {
    id: 'fixLiner',
    system: more('returnDuct', 2),
    looks: { ducts: 'liner' },
    why: /is loose/,
    due: true,
    says: /60 % of the return/,
    flow: 'more',
    static: 'less',
  },
  {
    id: 'grilleBox',
    system: bareGrille,
    why: /area under the collar/,
    says: /now only 64 % works/,
    flow: 'more',
    static: 'less',
  },
  {
    id: 'sealLeak',
    system: sound,
    looks: { ducts: 'open' },
    why: /open or loose/,
    due: true,
    says: /15 % of the air returns/,
    flow: 'less',
    static: 'more',
  },
  {
    id: 'enlargeReturn',
    system: more('returnDuct', 3),
    why: /return duct is over/,
    says: /in\. round/,
    flow: 'more',
    static: 'less',
  },
  {
    id: 'enlargeSupply',
    system: more('supplyDuct', 3),
    why: /supply duct is over/,
    says: /in\. round/,
    flow: 'more',
    static: 'less',
  },
  {
    id: 'addSupplyRun',
    system: more('supplyDuct', 3),
    why: /over its static budget/,
    says: /2 beside the 8/,
    flow: 'more',
    static: 'less',
  },
  {
    id: 'secondReturn',
    system: more('returnDuct', 3),
    why: /return side uses much/,
    says: /in\. round, filter drops/,
    flow: 'more',
    static: 'less',
  },
  {
    id: 'otherMotor',
    system: sound,
    looks: { air: 'none' },
    why: /confirmed dead/,
    says: /check rotation, amps, both speeds/,
    flow: 'more',
    static: 'more',
  },
  {
    id: 'largerMotor',
    system: overloaded,
    goal: EXAMPLE_D_GOAL,
    why: /over its nameplate/,
    says: /3 hp, 5\.3 A/,
    flow: 'same',
    static: 'same',
  },
];

const change = (before: number, after: number) =>
  Math.abs(after / before - 1) < 1e-9 ? 'same' : after > before ? 'more' : 'less';

describe('each move where it makes sense', () => {
  test.each(OFFERS.map((offer) => [offer.id, offer] as const))('%s', (id, offer) => {
    const move = moveOf(id)!;
    const { system } = offer;
    const known = context(offer.looks, offer.goal);
    expect(move.applies(system, known)).toMatch(offer.why);
    expect(dueMoves(system, known).includes(move)).toBe(offer.due ?? false);
    const inputs = move.defaults(system, known);
    expect(move.says(soundInputs(move, inputs), system)).toMatch(offer.says);
    const done = applyMoves(system, [{ id, inputs }]);
    if (!done.ok) throw new Error(done.why);
    const [before, after] = [operate(system), operate(done.system)];
    if (before.kind === 'offTable' || after.kind === 'offTable') throw new Error('off the table');
    expect({
      flow: change(before.flowCfm, after.flowCfm),
      static: change(before.tespInWc, after.tespInWc),
    }).toEqual({ flow: offer.flow, static: offer.static });
  });

  test('every move but those of speed stands in the list above', () => {
    const listed = new Set(OFFERS.map(({ id }) => id));
    expect(MOVES.map(({ id }) => id).filter((id) => !listed.has(id))).toEqual(['changeTap', 'setDrive']);
  });
});

describe('a sound system', () => {
  const offered = (looks = {}) =>
    MOVES.filter((move) => move.applies(sound, context(looks)) !== undefined).map(({ id }) => id);
  test('is offered no move but another speed', () => expect(offered()).toEqual(['changeTap']));
  test('what was seen and fixed is not offered again', () => {
    const looks = new Map([['filter', { item: 'filter', state: 'loaded', outcome: 'dealtWith' as const }]]);
    expect(moveOf('newFilter')!.applies(sound, { goal, looks })).toBeUndefined();
    expect(dueMoves(sound, { goal, looks })).toEqual([]);
  });
  test('a shut fire damper is never offered to be opened', () =>
    expect(offered({ dampers: 'fire' })).toEqual(['changeTap']));
});
