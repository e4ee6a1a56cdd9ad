import { MOTOR_KINDS, type BlowerTable } from '../../air/fan';
import { type Look, LOOK_ITEMS } from '../../judge/look';
import { MEASURED_LOOKS } from '../../call/points';
import { moveOf } from '../moves';
import { CAUTION_IDS } from '../moves/cautions';
import { observe } from '../observe';
import { COIL_EXPONENT, DUCT_EXPONENT, FILTER_EXPONENT, resistanceFromPoint } from '../../air/path';
import { moistAir } from '../../air/moistAir';
import { LAYOUT_IDS, type System } from '../../air/system';
import { CAUSES, causeOf, causesAt, causesSeen, isCleared, isSeen, looksMendedBy, usualLags } from './catalogue';
import { withInnerLoss } from './coilDirtyInside';
import { parameterOf, severityOf } from './cause';

const looks = (...seen: Look[]) => new Map(seen.map((look) => [look.item, look]));

const STATICS = [0.01, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.8, 1, 1.3, 1.6, 2, 2.5];
/** A fan that never leaves its table: rows by RPM after the fan laws, so that the worst of each cause can be seen. */
const WIDE: BlowerTable = {
  staticsInWc: STATICS,
  taps: [500, 600, 700, 800, 900].map((rpm) => ({
    tap: String(rpm),
    flowsCfm: STATICS.map((p) =>
      Math.round((rpm / 800) * 1500 * Math.sqrt(Math.max(0.01, 1 - (p * (800 / rpm) ** 2) / 2.6))),
    ),
  })),
};

/** A sound 3-ton furnace with its coil outside. */
const sound: System = {
  layout: 'furnaceCasedCoil',
  path: [
    { stages: ['returnDuct'], side: 'return', resistance: resistanceFromPoint(0.09, 1300, DUCT_EXPONENT) },
    { stages: ['filter'], side: 'return', resistance: resistanceFromPoint(0.1, 1300, FILTER_EXPONENT) },
    { stages: ['coil'], side: 'supply', resistance: resistanceFromPoint(0.2, 1300, COIL_EXPONENT) },
    { stages: ['supplyDuct'], side: 'supply', resistance: resistanceFromPoint(0.11, 1300, DUCT_EXPONENT) },
  ],
  fan: { motor: 'psc', table: WIDE, tap: '800' },
  cooling: { tons: 3, entering: moistAir(75, { wetBulbF: 62.5 }), outdoorF: 95, assumed: false, offsetF: 0 },
};
const seenOn = (system: System) => {
  const seen = observe(system);
  if (seen.kind === 'offTable') throw new Error('off its curve');
  return seen;
};
/** The sound unit as one that can have a cause: with its motor, with its coil where it must be. */
function hostOf(id: string): System {
  const { at } = causeOf(id)!;
  const motor = MOTOR_KINDS.find((kind) => LAYOUT_IDS.some((layout) => at({ layout, motor: kind })))!;
  const outside = at({ layout: sound.layout, motor });
  return {
    ...sound,
    layout: outside ? sound.layout : 'airHandler',
    path: outside ? sound.path : sound.path.filter(({ stages }) => stages[0] !== 'coil'),
    fan: { ...sound.fan, motor },
  };
}

test('each cause names looks, moves and cautions that there are', () => {
  for (const cause of CAUSES) {
    for (const { item, states } of [...cause.shownBy, ...cause.clearedBy]) {
      const seen = LOOK_ITEMS.find(({ id }) => id === item)?.states.map(({ id }) => id);
      const known: readonly string[] | undefined = seen ?? MEASURED_LOOKS[item as keyof typeof MEASURED_LOOKS];
      for (const state of states) expect(known).toContain(state);
    }
    if (cause.mendedBy) expect(moveOf(cause.mendedBy)).toBeDefined();
    if (cause.caution) expect(CAUTION_IDS).toContain(cause.caution);
    expect(cause.prior).toBeGreaterThan(0);
    expect(cause.signs.length).toBeGreaterThan(15);
  }
  expect(new Set(CAUSES.map(({ id }) => id)).size).toBe(CAUSES.length);
});

test.each(CAUSES.map(({ id }) => id))(
  '%s: changes what it is put on, more when it is worse, and leaves the value alone',
  (id) => {
    const cause = causeOf(id)!;
    const host = hostOf(id);
    const frozen = JSON.stringify(host);
    const [mild, bad] = [seenOn(cause.apply(host, 0)), seenOn(cause.apply(host, 1))];
    const was = seenOn(host);
    expect(JSON.stringify(host)).toBe(frozen);
    // A return leak changes the air into the coil, not the airflow.
    const of = (seen: typeof was) => (id === 'returnLeak' ? seen.dropF! : seen.flowCfm);
    expect(of(bad)).not.toBeCloseTo(of(was), 1);
    expect(Math.abs(of(bad) - of(was))).toBeGreaterThanOrEqual(Math.abs(of(mild) - of(was)));
  },
);

test('the slow-fan class lowers both airflow and external static; that is what makes it read as good air', () => {
  for (const cause of CAUSES.filter(({ kind }) => kind === 'slowFan')) {
    const host = hostOf(cause.id);
    const [was, is] = [seenOn(host), seenOn(cause.apply(host, 1))];
    expect(is.flowCfm).toBeLessThan(was.flowCfm);
    expect(is.tespInWc).toBeLessThan(was.tespInWc);
  }
});

test('severity and parameter lead back to each other', () => {
  const wheel = causeOf('wheelCaked')!;
  expect(parameterOf(wheel, 0.5)).toBeCloseTo(0.84, 9);
  expect(severityOf(wheel, parameterOf(wheel, 0.3))).toBeCloseTo(0.3, 9);
});

describe('what was seen', () => {
  const caked = { item: 'wheel', state: 'caked' };
  const wheel = causeOf('wheelCaked')!;
  test('stands until it is fixed; declined it stands', () => {
    expect(isSeen(wheel, looks(caked))).toBe(true);
    expect(isSeen(wheel, looks({ ...caked, outcome: 'declined' }))).toBe(true);
    expect(isSeen(wheel, looks({ ...caked, outcome: 'dealtWith' }))).toBe(false);
    expect(isCleared(wheel, looks({ ...caked, outcome: 'dealtWith' }))).toBe(true);
    expect(isCleared(wheel, looks({ item: 'wheel', state: 'clean' }))).toBe(true);
    expect(isCleared(wheel, looks())).toBe(false);
  });
  test('is a cause only where the unit can have it', () => {
    const matted = looks({ item: 'coilFace', state: 'matted' });
    const names = (layout: System['layout']) => causesSeen({ layout, motor: 'psc' }, matted).map(({ id }) => id);
    expect(names('furnaceCasedCoil')).toEqual(['coilDirtyOutside']);
    expect(names('airHandler')).toEqual(['coilDirtyInside']);
    expect(names('makeUpAir')).toEqual([]);
  });
  test('a motor decides what can be wrong with it', () => {
    const ids = (motor: 'psc' | 'beltDrive') => causesAt({ layout: 'packaged', motor }).map(({ id }) => id);
    expect(ids('psc')).toContain('weakCapacitor');
    expect(ids('psc')).not.toContain('slippingBelt');
    expect(ids('beltDrive')).toContain('slippingBelt');
    expect(ids('beltDrive')).not.toContain('wrongTap');
  });
  test('a move settles the looks of the causes it mends', () => {
    expect(looksMendedBy('cleanWheel')).toEqual(['wheel']);
    expect(looksMendedBy('cleanCoil')).toEqual(['coilFace']);
    expect(looksMendedBy('largerMotor')).toEqual([]);
  });
});

describe('what was seen, as large as is usual', () => {
  test('is a lag of the fan for what slows it, and none for what is in the path', () => {
    const lags = usualLags([causeOf('wheelCaked')!, causeOf('filterLoaded')!, causeOf('slippingBelt')!]);
    expect(lags).toEqual([
      { cause: 'wheel', acts: 'speed', factor: 0.85, assumed: true },
      { cause: 'slip', acts: 'speed', factor: 0.9, assumed: true },
    ]);
  });
  test('a loss inside takes air and leaves no trace in the statics but that they fall', () => {
    const lossy = seenOn(withInnerLoss(sound, 0.2, 1300));
    const whole = seenOn(sound);
    expect(lossy.flowCfm).toBeLessThan(whole.flowCfm);
    for (const [port, p] of lossy.statics) expect(Math.abs(p)).toBeLessThan(Math.abs(whole.statics.get(port)!) + 1e-9);
  });
});
