import * as fc from 'fast-check';
import { explainedUnit } from '../../fixtures/explained';
import { fanSpeeds } from '../air/fan';
import { causeOf } from '../fix/causes';
import { POWER_SCHEMES } from '../call/power/schemes';
import { checkPoint } from '../call/points';
import { cabinetNow, conditionOf, meterShows, panelsOf, type Act } from './cabinet';
import {
  AS_FOUND_RUNNING,
  caseCode,
  causesOfCase,
  drawCase,
  DRILL_KINDS,
  DRILL_PLANS,
  faultsLeft,
  LEVELS,
  lookSeen,
  MOST_SEED,
  readCode,
  realUnit,
  SIGHT_ITEMS,
  SKILLS,
  statesOfSight,
  type CodedCase,
  type PracticeCase,
} from './cases';
import { hintWords, tooEarly } from './coach';
import { namedDrill, NAMED_DRILLS } from './drills';
import { dueSkills, skillFigures, type DrillResult } from './progress';

const coded: CodedCase = { kind: 'filterOrDuct', level: 1, difficulty: 2, seed: 12_345 };

describe('a case code', () => {
  test('says all of a case, and is read however it is typed', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DRILL_KINDS),
        fc.constantFrom(...LEVELS),
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 0, max: MOST_SEED }),
        (kind, level, difficulty, seed) => {
          const code = caseCode({ kind, level, difficulty, seed });
          expect(code).toMatch(/^[0-9A-HJKMNP-TV-Z]{4}-[0-9A-HJKMNP-TV-Z]{4}$/);
          const typed = ` ${code.toLowerCase().replace('-', ' ').replaceAll('0', 'o').replaceAll('1', 'l')}`;
          expect(readCode(typed)).toEqual({ ok: true, code, coded: { kind, level, difficulty, seed } });
        },
      ),
    );
  });
  test('one wrong sign, and two neighbors swapped, are found', () => {
    const code = caseCode(coded).replace('-', '');
    for (let i = 0; i < code.length; i += 1) {
      const wrong = code.slice(0, i) + (code[i] === '7' ? '8' : '7') + code.slice(i + 1);
      expect(readCode(wrong)).toMatchObject({ ok: false });
      const [a, b] = [code[i]!, code[i + 1]];
      if (b === undefined || a === b) continue;
      expect(readCode(code.slice(0, i) + b + a + code.slice(i + 2))).toMatchObject({ ok: false });
    }
  });
  test.each(['', '12', 'ABCD-EFG', 'ZZZZ-ZZZZ', '<script>', '0200-KH2QX'])(
    '%j is none, and it is said why',
    (typed) => {
      const read = readCode(typed);
      expect(read.ok).toBe(false);
      if (!read.ok) expect(read.why).toMatch(/\.$/);
    },
  );
  test('a seed and a difficulty out of range are refused', () => {
    expect(() => caseCode({ ...coded, seed: MOST_SEED + 1 })).toThrow(RangeError);
    expect(() => caseCode({ ...coded, difficulty: 0 })).toThrow(RangeError);
  });
});

const every = DRILL_KINDS.flatMap((kind) =>
  LEVELS.flatMap((level) => [1, 500, 9_999].map((seed): CodedCase => ({ kind, level, difficulty: 1, seed }))),
);

describe('a drawn case', () => {
  test.each(every)('$kind level $level seed $seed: the same again, with faults its unit can have', (one) => {
    const practice = drawCase(one);
    expect(drawCase(one)).toEqual(practice);
    const { layout, motor, faults, power, lookAlike, level, words } = practice;
    expect(DRILL_PLANS[one.kind].units).toContainEqual([layout, motor]);
    expect(words.length).toBeGreaterThan(10);
    if (power) {
      expect(faults).toEqual([]);
      expect(POWER_SCHEMES.find(({ id }) => id === power.scheme)!.causes).toHaveProperty(power.cause);
      return;
    }
    expect(faults).toHaveLength(level === 2 ? 2 : 1);
    for (const { cause, severity } of faults) {
      expect(causeOf(cause)!.at({ layout, motor })).toBe(true);
      expect(severity).toBeGreaterThanOrEqual(0.4);
      expect(severity).toBeLessThanOrEqual(1);
    }
    if (level === 2) expect(causeOf(faults[0]!.cause)!.group).not.toBe(causeOf(faults[1]!.cause)!.group);
    if (lookAlike !== undefined) expect(faults.map(({ cause }) => cause)).not.toContain(lookAlike);
    // What is hidden can be named, and much else beside it.
    const offered = causesOfCase(practice).flatMap(({ ids }) => ids);
    for (const { cause } of faults) expect(offered).toContain(cause);
    expect(offered.length).toBeGreaterThan(10);
  });
  test('weather follows the season; in a quarter of the harder cases the hose misleads, in both ways', () => {
    const drawn = Array.from({ length: 200 }, (_, seed) => drawCase({ ...coded, level: 3, seed }));
    const warmest = (name: string) => {
      const inIt = drawn.filter(({ season }) => season.name.startsWith(name));
      return inIt.reduce((sum, { outdoorF }) => sum + outdoorF, 0) / inIt.length;
    };
    expect(warmest('July') - warmest('May')).toBeGreaterThan(10);
    expect(Math.min(...drawn.map(({ outdoorF }) => outdoorF))).toBeGreaterThan(60);
    const slips = drawn.flatMap(({ hoseSlip }) => hoseSlip ?? []);
    expect(new Set(slips)).toEqual(new Set(['hoseOff', 'wrongPort']));
    expect(slips.length / drawn.length).toBeGreaterThan(0.15);
    expect(slips.length / drawn.length).toBeLessThan(0.35);
    const first = Array.from({ length: 200 }, (_, seed) => drawCase({ ...coded, seed }));
    expect(first.every(({ hoseSlip }) => hoseSlip === undefined)).toBe(true);
  });
  test('every way that a blower is switched is drawn', () => {
    const drawn = new Set(
      Array.from(
        { length: 300 },
        (_, seed) => drawCase({ kind: 'blowerWontRun', level: 1, difficulty: 2, seed }).power!.scheme,
      ),
    );
    expect([...drawn].sort()).toEqual(
      POWER_SCHEMES.filter(({ provesOnly }) => !provesOnly)
        .map(({ id }) => id)
        .sort(),
    );
  });
  test('the named drills are twenty different cases, each with its lesson', () => {
    expect(new Set(NAMED_DRILLS.map(({ code }) => code)).size).toBe(20);
    for (const { id, code, teaches, order } of NAMED_DRILLS) {
      expect([id, readCode(code)]).toMatchObject([id, { ok: true, code }]);
      expect(teaches.length).toBeGreaterThan(0);
      expect(order.length).toBeGreaterThan(1);
    }
  });
  test.each([
    ['firstLook', 'filterLoaded'],
    ['finePleats', 'tooFineMedia'],
    ['smallReturn', 'returnUndersized'],
    ['shutRegisters', 'registersShut'],
    ['pinchedFlex', 'flexCrushed'],
    ['smallSupply', 'supplyUndersized'],
    ['tooSlow', 'wrongTap'],
    ['tooFast', 'wrongTap'],
    ['packedWheel', 'wheelCaked'],
    ['weakCapacitor', 'weakCapacitor'],
    ['beltSlip', 'slippingBelt'],
    ['wrongSheave', 'wrongSheave'],
    ['doorSwitch', 'doorSwitch'],
    ['deadCapacitor', 'capacitor'],
    ['lostLeg', 'lostLeg'],
    ['shortOfCharge', 'lowCharge'],
    ['outdoorCoil', 'dirtyOutdoorCoil'],
    ['starvedCoil', 'returnUndersized'],
    ['wholeCall', 'wheelCaked'],
  ])('the named drill %s hides what it teaches', (id, cause) => {
    const read = readCode(namedDrill(id)!.code);
    if (!read.ok) throw new Error(read.why);
    const { power, faults } = drawCase(read.coded);
    expect(power?.cause ?? faults[0]!.cause).toBe(cause);
  });
});

const { system, conditions, spread } = explainedUnit({});
const known = { system, conditions, spread };
const withFaults = (...causes: string[]): PracticeCase => ({
  ...drawCase(coded),
  layout: 'airHandler',
  motor: system.fan.motor,
  faults: causes.map((cause) => ({ cause, severity: 0.8, isOpposite: false })),
  lookAlike: undefined,
  power: undefined,
});

describe('a unit that behaves', () => {
  const loaded = withFaults('filterLoaded');
  const unit = realUnit(loaded, known);
  test('a fault is read where it is, and is gone once it is fixed', () => {
    const sound = realUnit(withFaults(), known);
    const drop = (of: typeof unit, condition = AS_FOUND_RUNNING) =>
      of.read('R1', condition)! - of.read('R2', condition)!;
    expect(drop(unit)).toBeGreaterThan(1.5 * drop(sound));
    const fixed = { ...AS_FOUND_RUNNING, done: [{ id: 'newFilter', inputs: {} }] };
    expect(faultsLeft(loaded, fixed)).toEqual([]);
    expect(drop(unit, fixed)).toBeCloseTo(drop(sound), 6);
    expect(unit.flowCfm(fixed)).toBeGreaterThan(unit.flowCfm(AS_FOUND_RUNNING));
  });
  test('with the filter out its drop is gone; with a panel off there is almost no suction; still, nothing', () => {
    const at = (condition: typeof AS_FOUND_RUNNING) => unit.truthAt(condition)('R2')!;
    expect(Math.abs(at({ ...AS_FOUND_RUNNING, isFilterIn: false }))).toBeLessThan(Math.abs(at(AS_FOUND_RUNNING)));
    expect(Math.abs(at({ ...AS_FOUND_RUNNING, isOpen: true }))).toBeLessThan(0.5 * Math.abs(at(AS_FOUND_RUNNING)));
    const still = unit.truthAt({ ...AS_FOUND_RUNNING, runs: false });
    expect([still('R2'), still('blowerRpm'), still('blowerAmps'), still('duct')]).toEqual([0, 0, 0, 0]);
    expect(still('supplyDry')).toBeCloseTo(still('returnDry')!, 6);
    for (const place of ['R1', 'S1', 'suction', 'liquidLine', 'register'] as const)
      expect(Number.isFinite(still(place) ?? 0)).toBe(true);
  });
  test('another fix than the one it needs changes what it changes, and leaves the fault', () => {
    const wrong = {
      ...AS_FOUND_RUNNING,
      done: [{ id: 'changeTap', inputs: { tap: fanSpeeds(system.fan).find((tap) => tap !== system.fan.tap)! } }],
    };
    expect(faultsLeft(loaded, wrong)).toHaveLength(1);
    expect(unit.flowCfm(wrong)).not.toBeCloseTo(unit.flowCfm(AS_FOUND_RUNNING), 0);
  });
});

describe('what can be seen', () => {
  test('a fault shows where it is, and no longer once it is fixed; a look-alike shows as well', () => {
    const practice = { ...withFaults('filterLoaded'), lookAlike: 'wheelCaked' };
    expect(lookSeen(practice, 'filter')).toMatchObject({ state: 'loaded' });
    expect(lookSeen(practice, 'filter', ['filterLoaded'])).toMatchObject({ state: 'clean' });
    expect(lookSeen(practice, 'wheel')).toMatchObject({ state: 'caked' });
    expect(lookSeen(practice, 'nothing')).toBeUndefined();
  });
  test.each(SIGHT_ITEMS)('%s is described in words that do not name its state', (item) => {
    const [good] = statesOfSight(item);
    const sight = lookSeen(withFaults(), item)!;
    expect(sight.state).toBe(good!.id);
    expect(sight.words).toMatch(/\.$/);
    expect(sight.words).not.toBe('Nothing to note.');
  });
});

const acts = (...list: Act[]) => list;
const open = (panel: 'blowerDoor' | 'filterDoor' | 'coilPanel'): Act => ({ kind: 'panel', panel, isOpen: true });
const LOCKED = acts({ kind: 'power', isOn: false }, { kind: 'lock', isOn: true }, { kind: 'verifyDead' });

describe('the cabinet', () => {
  const practice = withFaults('wheelCaked');
  test('hands in a live cabinet stop the drill, with the reason; nothing more is done', () => {
    const stopped = cabinetNow(practice, acts(open('blowerDoor'), { kind: 'look', item: 'wheel' }));
    expect(stopped.stop).toMatch(/power was on/);
    expect(cabinetNow(practice, acts(open('blowerDoor'), { kind: 'look', item: 'wheel' }, ...LOCKED))).toEqual(stopped);
  });
  test('off but not locked stops it as well', () => {
    const { stop } = cabinetNow(
      practice,
      acts(open('blowerDoor'), { kind: 'power', isOn: false }, { kind: 'look', item: 'wheel' }),
    );
    expect(stop).toMatch(/not locked out/);
  });
  test('locked and not verified is a caution that was passed over, once; verified is right', () => {
    const hands = acts(open('blowerDoor'), { kind: 'look', item: 'wheel' }, { kind: 'look', item: 'speedLead' });
    const passed = cabinetNow(practice, [...LOCKED.slice(0, 2), ...hands]);
    expect([passed.stop, passed.passedOver.length]).toEqual([undefined, 1]);
    const right = cabinetNow(practice, [...LOCKED, ...hands]);
    expect([right.stop, right.passedOver]).toEqual([undefined, []]);
    expect(right.looked.has('wheel')).toBe(true);
  });
  test('every thing that a hand goes in for is caught at every panel', () => {
    for (const { id, handsIn } of panelsOf(practice))
      for (const item of handsIn)
        expect([
          item,
          cabinetNow(practice, acts({ kind: 'panel', panel: id, isOpen: true }, { kind: 'look', item })).stop,
        ]).toEqual([item, expect.stringMatching(/power was on/)]);
  });
  test('what is behind a closed panel is not seen, and costs nothing', () => {
    const shut = cabinetNow(practice, acts({ kind: 'look', item: 'wheel' }));
    expect([shut.looked.size, shut.minutes, shut.stop]).toEqual([0, 0, undefined]);
  });
  test('the door switch stops the blower; an open filter door lets air in', () => {
    const at = (...list: Act[]) => conditionOf(practice, cabinetNow(practice, list));
    expect(at()).toMatchObject({ runs: true, isOpen: false, isFilterIn: true });
    expect(at(open('blowerDoor'))).toMatchObject({ runs: false });
    expect(at(open('filterDoor'))).toMatchObject({ runs: true, isOpen: true });
    expect(at(open('filterDoor'), { kind: 'filter', isIn: false })).toMatchObject({ isFilterIn: false });
    expect(at({ kind: 'filter', isIn: false })).toMatchObject({ isFilterIn: true });
    expect(at({ kind: 'power', isOn: false })).toMatchObject({ runs: false });
  });
  test('a lock goes on what is off only, and what is locked is not switched on', () => {
    expect(cabinetNow(practice, acts({ kind: 'lock', isOn: true })).isLocked).toBe(false);
    expect(cabinetNow(practice, [...LOCKED, { kind: 'power', isOn: true }]).isPowered).toBe(false);
  });
  test('work inside is done on a dead unit; minutes and money count', () => {
    const move = { id: 'cleanWheel', inputs: {} };
    expect(cabinetNow(practice, acts({ kind: 'work', moves: [move], repairs: [] })).stop).toMatch(/power was on/);
    const done = cabinetNow(practice, [...LOCKED, { kind: 'work', moves: [move], repairs: [] }]);
    expect([done.stop, done.done]).toEqual([undefined, [move]]);
    expect(done.minutes).toBeGreaterThan(30);
    const outside = cabinetNow(
      practice,
      acts({ kind: 'work', moves: [{ id: 'openDamper', inputs: {} }], repairs: [] }),
    );
    expect(outside.stop).toBeUndefined();
    // A coil is washed outdoors with its power locked out; charge is set on a unit that runs.
    const repaired = (cause: string) => cabinetNow(practice, acts({ kind: 'work', moves: [], repairs: [cause] })).stop;
    expect(repaired('dirtyOutdoorCoil')).toMatch(/power was on/);
    expect(repaired('lowCharge')).toBeUndefined();
  });
  test('hints cost the more the more they tell', () => {
    const cost = (step: number) => cabinetNow(practice, acts({ kind: 'hint', step })).minutes;
    expect([cost(1), cost(2), cost(3)]).toEqual([2, 4, 8]);
  });
});

describe('a dead blower', () => {
  const dead = drawCase({ kind: 'blowerWontRun', level: 1, difficulty: 2, seed: 77 });
  const { power } = dead;
  const scheme = POWER_SCHEMES.find(({ id }) => id === power!.scheme)!;
  const points = [...scheme.steps, ...scheme.beside].map(({ point }) => point);
  test('every point of its scheme shows something, and nothing elsewhere', () => {
    for (const point of points) {
      const shown = meterShows(dead, cabinetNow(dead, []), point)!;
      expect([point, shown.value !== undefined || shown.state !== undefined]).toEqual([point, true]);
    }
    expect(meterShows(dead, cabinetNow(dead, []), 'kitAmps1')).toBeUndefined();
  });
  test('with the disconnect off no live point carries volts', () => {
    const off = cabinetNow(dead, acts({ kind: 'power', isOn: false }));
    const live = points.filter((id) => checkPoint(id)!.power === 'live' && checkPoint(id)!.number?.unit === 'volts');
    expect(live.length).toBeGreaterThan(0);
    for (const point of live) expect(meterShows(dead, off, point)).toEqual({ point, value: 0 });
  });
  test('a test that belongs to a dead circuit stops the drill while the power is on', () => {
    const cold = points.filter((id) => checkPoint(id)!.power === 'dead');
    expect(cold.length).toBeGreaterThan(0);
    for (const point of cold) {
      expect(cabinetNow(dead, acts({ kind: 'meter', point })).stop).toMatch(/power was on/);
      expect(cabinetNow(dead, [...LOCKED, { kind: 'meter', point }]).stop).toBeUndefined();
    }
  });
  test('it runs once what is wrong was repaired, and not by another repair', () => {
    const after = (repair: string) =>
      conditionOf(
        dead,
        cabinetNow(dead, [
          ...LOCKED,
          { kind: 'work', moves: [], repairs: [repair] },
          { kind: 'lock', isOn: false },
          { kind: 'power', isOn: true },
        ]),
      ).runs;
    const other = Object.keys(scheme.causes).find((id) => id !== power!.cause)!;
    expect([after(other), after(power!.cause)]).toEqual([false, true]);
  });
});

describe('the coach', () => {
  const next = { kind: 'drop', words: 'Next: measure temperature drop', why: 'Below 18 °F: low charge.' } as const;
  test('tells more with each step', () => {
    expect(hintWords(1, { next })).toBe('Turn to the thermometers.');
    expect(hintWords(2, { next })).toBe('Next: measure temperature drop. Below 18 °F: low charge.');
    expect(hintWords(3, { next, shows: '14.2 °F' })).toBe('Next: measure temperature drop. It shows 14.2 °F.');
  });
  const read = (what: 'R2' | 'gauges') => ({ kind: 'read', what, minutes: 1, atS: 0 }) as const;
  test.each([
    ['nothing was read', [], ['filterLoaded'], /nothing was read/],
    ['charge before air', [read('gauges')], ['lowCharge'], /after the air/],
    ['charge without gauges', [read('R2')], ['lowCharge'], /nothing was read of the circuit/],
    ['a duct without a static', [read('gauges')], ['returnUndersized'], /no static/],
  ] as const)('%s is too early', (_, done, named, why) => {
    expect(tooEarly({}, done, named)).toMatch(why);
  });
  test('what rests on readings, or on a look at the thing itself, is not', () => {
    expect(tooEarly({}, [read('R2'), read('gauges')], ['lowCharge'])).toBeUndefined();
    expect(tooEarly({}, [{ kind: 'look', item: 'filter', atS: 0 }], ['filterLoaded'])).toBeUndefined();
    expect(
      tooEarly({ power: { scheme: 'x', cause: 'y' } }, [{ kind: 'meter', point: 'lineVolts', atS: 0 }], ['y']),
    ).toBeUndefined();
  });
});

describe('progress', () => {
  const day = (n: number) => new Date(Date.UTC(2031, 4, n)).toISOString();
  const result = (doneAt: string, how: 'hit' | 'miss'): DrillResult => ({
    id: doneAt,
    code: '0200-KH2Q',
    kind: 'filterOrDuct',
    level: 1,
    doneAt,
    isExam: false,
    isHit: how === 'hit',
    isStopped: false,
    minutes: 20,
    bestMinutes: 19,
    cost: 0,
    hints: 0,
    cautions: 0,
    skills: { air: how, safety: 'hit' },
  });
  test('what went wrong comes back tomorrow; each hit after it lets it rest longer', () => {
    const dueIn = (...hows: ('hit' | 'miss')[]) => {
      const figures = skillFigures(hows.map((how, i) => result(day(1 + i), how)));
      const air = figures.find(({ skill }) => skill === 'air')!;
      return (air.dueMs! - Date.parse(day(hows.length))) / 86_400_000;
    };
    expect([dueIn('miss'), dueIn('miss', 'hit'), dueIn('miss', 'hit', 'hit'), dueIn('hit', 'miss')]).toEqual([
      1, 3, 7, 1,
    ]);
    expect(dueIn(...Array.from({ length: 9 }, () => 'hit' as const))).toBe(35);
  });
  test('counts in the order of time, whatever the order of the list, and tells what is due', () => {
    const figures = skillFigures([result(day(3), 'hit'), result(day(1), 'miss'), result(day(2), 'miss')]);
    expect(figures.map(({ skill }) => skill)).toEqual(SKILLS);
    expect(figures.find(({ skill }) => skill === 'air')).toMatchObject({
      hits: 1,
      tries: 3,
      last: ['miss', 'miss', 'hit'],
    });
    expect(dueSkills(figures, Date.parse(day(3)))).toEqual([]);
    expect(dueSkills(figures, Date.parse(day(20))).map(({ skill }) => skill)).toEqual(['air', 'safety']);
    expect(skillFigures([]).every(({ dueMs }) => dueMs === undefined)).toBe(true);
  });
});
