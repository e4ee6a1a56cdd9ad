import { checkPoint } from '../../call/points';
import { effortOf, type ChosenMove } from '../../fix/moves';
import type { HoseSlip, PracticeCase, UnitCondition } from '../cases';
import type { Act } from './acts';
import { panelsOf, type PanelId } from './panels';

/** The cabinet at a moment of a drill. */
export interface Cabinet {
  readonly isPowered: boolean;
  readonly isLocked: boolean;
  readonly isVerifiedDead: boolean;
  readonly open: ReadonlySet<PanelId>;
  readonly isFilterIn: boolean;
  /** What is still wrong with the manometer’s hose. */
  readonly hoseSlip?: HoseSlip;
  readonly looked: ReadonlyMap<string, string | undefined>;
  readonly done: readonly ChosenMove[];
  readonly repaired: readonly string[];
  readonly answers: readonly (readonly string[])[];
  readonly hints: number;
  readonly minutes: number;
  readonly cost: number;
  /** Cautions that were passed over without harm, in sentences. */
  readonly passedOver: readonly string[];
  /** Why the drill was stopped: hands were where they can be hurt. */
  readonly stop?: string;
}

/** Minutes of acts that have none of their own. (J) */
const MINUTES = { power: 1, lock: 1, verifyDead: 1, filter: 1, hoses: 1, repair: 30 } as const;
const LOOK_MINUTES: Readonly<Record<string, number>> = { ducts: 8, dampers: 3, coilFace: 3, wheel: 2, returnSize: 2 };
/** Hints cost the more the more they tell. (J) */
export const HINT_MINUTES = [2, 4, 8] as const;

export const cabinetOf = (practice: PracticeCase): Cabinet => ({
  isPowered: true,
  isLocked: false,
  isVerifiedDead: false,
  open: new Set(),
  isFilterIn: true,
  hoseSlip: practice.hoseSlip,
  looked: new Map(),
  done: [],
  repaired: [],
  answers: [],
  hints: 0,
  minutes: 0,
  cost: 0,
  passedOver: [],
});

const LIVE =
  'The power was on. Hands in a live cabinet: a wheel that starts takes fingers, and bare terminals carry line voltage.';
const UNLOCKED = 'The disconnect was off but not locked out. Somebody can switch it on while your hands are inside.';
const NOT_VERIFIED = 'Locked out, but not verified dead with a meter before hands went in.';

/** Whether hands may go in: the reason to stop, or a caution that was passed over. */
function handsIn({ isPowered, isLocked, isVerifiedDead }: Cabinet): {
  readonly stop?: string;
  readonly passed?: string;
} {
  if (isPowered) return { stop: LIVE };
  if (!isLocked) return { stop: UNLOCKED };
  return isVerifiedDead ? {} : { passed: NOT_VERIFIED };
}

const withHands = (cabinet: Cabinet): Cabinet => {
  const { stop, passed } = handsIn(cabinet);
  if (stop !== undefined) return { ...cabinet, stop };
  return passed === undefined || cabinet.passedOver.includes(passed)
    ? cabinet
    : { ...cabinet, passedOver: [...cabinet.passedOver, passed] };
};

/** Ohms, microfarads and hands on wires belong to a dead circuit. */
function meterAt(cabinet: Cabinet, id: string): Cabinet {
  const point = checkPoint(id);
  const measured = { ...cabinet, minutes: cabinet.minutes + (point?.minutes ?? 1) };
  if (point?.power !== 'dead' || !cabinet.isPowered) return measured;
  return {
    ...measured,
    stop: `“${point.name}” is tested with the power off. The power was on: the meter, or the hand that holds it, meets line voltage.`,
  };
}

function panelMoved(
  cabinet: Cabinet,
  practice: PracticeCase,
  { panel, isOpen }: Extract<Act, { kind: 'panel' }>,
): Cabinet {
  const plan = panelsOf(practice).find(({ id }) => id === panel);
  if (!plan) return cabinet;
  const open = new Set(cabinet.open);
  if (isOpen) open.add(panel);
  else open.delete(panel);
  return { ...cabinet, open, minutes: cabinet.minutes + (isOpen ? plan.minutes : 1) };
}

function lookedAt(cabinet: Cabinet, practice: PracticeCase, { item, said }: Extract<Act, { kind: 'look' }>): Cabinet {
  const panel = panelsOf(practice).find(({ items }) => items.includes(item));
  if (!panel || !cabinet.open.has(panel.id)) return cabinet;
  const isFirst = !cabinet.looked.has(item);
  const seen = { ...cabinet, looked: new Map([...cabinet.looked, [item, said ?? cabinet.looked.get(item)]]) };
  const timed = isFirst ? { ...seen, minutes: seen.minutes + (LOOK_MINUTES[item] ?? 1) } : seen;
  return panel.handsIn.includes(item) && isFirst ? withHands(timed) : timed;
}

/** Work that goes on outside of the cabinet needs no lock-out. (J) */
const OUTSIDE: ReadonlySet<string> = new Set([
  'openDamper',
  'newFilter',
  'deeperMedia',
  'singleFilter',
  'secondReturn',
  'enlargeDuct',
  'grilleBox',
  'replaceFlex',
  'sealLeak',
  'addSupplyRun',
]);

/** Repairs that need the unit running: refrigerant is weighed in or out at the gauges. All others put hands in. */
const CHARGE: ReadonlySet<string> = new Set(['lowCharge', 'overcharge']);

function worked(cabinet: Cabinet, { moves, repairs }: Extract<Act, { kind: 'work' }>): Cabinet {
  const { minutes, cost } = effortOf(moves.map(({ id }) => id));
  const after = {
    ...cabinet,
    done: [...cabinet.done, ...moves],
    repaired: [...new Set([...cabinet.repaired, ...repairs])],
    minutes: cabinet.minutes + minutes + repairs.length * MINUTES.repair,
    cost: cabinet.cost + cost,
  };
  const inside = moves.some(({ id }) => !OUTSIDE.has(id)) || repairs.some((id) => !CHARGE.has(id));
  return inside ? withHands(after) : after;
}

/** The cabinet after one act; a drill that was stopped takes no more. */
export function cabinetAfter(cabinet: Cabinet, practice: PracticeCase, act: Act): Cabinet {
  if (cabinet.stop !== undefined) return cabinet;
  const passing = (minutes: number, change: Partial<Cabinet>): Cabinet => ({
    ...cabinet,
    ...change,
    minutes: cabinet.minutes + minutes,
  });
  switch (act.kind) {
    case 'panel':
      return panelMoved(cabinet, practice, act);
    case 'power':
      if (act.isOn && cabinet.isLocked) return cabinet;
      return passing(MINUTES.power, { isPowered: act.isOn, isVerifiedDead: false });
    case 'lock':
      if (act.isOn && cabinet.isPowered) return cabinet;
      return passing(MINUTES.lock, { isLocked: act.isOn, isVerifiedDead: act.isOn && cabinet.isVerifiedDead });
    case 'verifyDead':
      return passing(MINUTES.verifyDead, { isVerifiedDead: !cabinet.isPowered });
    case 'look':
      return lookedAt(cabinet, practice, act);
    case 'filter':
      return cabinet.open.has('filterDoor') ? passing(MINUTES.filter, { isFilterIn: act.isIn }) : cabinet;
    case 'hoses':
      return passing(MINUTES.hoses, { hoseSlip: undefined });
    case 'read':
      return passing(act.minutes, {});
    case 'meter':
      return meterAt(cabinet, act.point);
    case 'hint':
      return passing(HINT_MINUTES[Math.min(Math.max(act.step, 1), HINT_MINUTES.length) - 1]!, {
        hints: cabinet.hints + 1,
      });
    case 'answer':
      return { ...cabinet, answers: [...cabinet.answers, act.causes] };
    case 'work':
      return worked(cabinet, act);
  }
}

/** The cabinet after all acts of a drill. @example cabinetNow(practice, []).isPowered // true */
export const cabinetNow = (practice: PracticeCase, acts: readonly Act[]): Cabinet =>
  acts.reduce((cabinet, act) => cabinetAfter(cabinet, practice, act), cabinetOf(practice));

/** How the unit is, for what is read of it. */
export function conditionOf(practice: PracticeCase, cabinet: Cabinet): UnitCondition {
  const panels = panelsOf(practice).filter(({ id }) => cabinet.open.has(id));
  const isDead = practice.power !== undefined && !cabinet.repaired.includes(practice.power.cause);
  return {
    runs: cabinet.isPowered && !isDead && !panels.some(({ hasSwitch }) => hasSwitch),
    isOpen: panels.some(({ letsAirIn }) => letsAirIn),
    isFilterIn: cabinet.isFilterIn,
    done: cabinet.done,
    repaired: cabinet.repaired,
  };
}
