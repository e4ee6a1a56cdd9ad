import { applyMoves, keptText, onTap, predict, promiseOf, type PlanRecord } from '@huff/core';
import { planNow, proofOf } from '@huff/core/fix';
import {
  assess,
  check,
  currentPart,
  FactDto,
  intoWhole,
  partVisit,
  standingPlan,
  UnitDto,
  VisitDto,
  type ReadingDto,
} from '.';
import { plainShop, planRequest, PlanWishesDto, shopEnergy, shopFigures, shopParts, ShopDto } from './fix';

const uuid = (n: number) => `22220000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const at = (minute: number) => `2026-05-12T10:${String(minute).padStart(2, '0')}:00.000Z`;
const reading = (n: number, port: ReadingDto['port'], value: number, minute: number): ReadingDto => ({
  id: uuid(n),
  quantity: 'staticPressure',
  port,
  value,
  unit: 'inWc',
  origin: 'typed',
  conditions: { door: 'on', filter: 'in', coil: 'wet' },
  takenAt: at(minute),
  replacesId: null,
});
const visit: VisitDto = {
  id: uuid(1),
  title: 'Quay, air handler',
  unitId: null,
  layout: 'airHandler',
  motor: 'constantTorque',
  mode: 'cooling',
  tons: 3,
  maxTespInWc: 0.5,
  cfmPerTon: 400,
  tap: '3',
  table: {
    id: uuid(2),
    name: 'AH',
    staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8],
    taps: [
      { tap: '3', flowsCfm: [1120, 1085, 1049, 1012, 973, 932, 889, 843] },
      { tap: '4', flowsCfm: [1248, 1216, 1183, 1149, 1113, 1076, 1037, 995] },
    ],
  },
  startedAt: at(0),
  readings: [reading(11, 'R1', -0.16, 1), reading(12, 'R2', -0.31, 2), reading(13, 'S1', 0.27, 3)],
  facts: [
    { id: uuid(21), kind: 'look', inputs: { item: 'filter', state: 'loaded' }, takenAt: at(1), replacesId: null },
    { id: uuid(22), kind: 'look', inputs: { item: 'ducts', state: 'crushed' }, takenAt: at(1), replacesId: null },
  ],
  setup: null,
};
const shop = plainShop(uuid(5));
const request = planRequest(visit, assess(visit), shop, { typed: {} })!;
const moves = [
  { id: 'newFilter', inputs: { ratedDropInWc: 0.06, ratedFlowCfm: 940 } },
  { id: 'changeTap', inputs: { tap: '4' } },
];
const record = (): Record<string, unknown> => {
  const applied = applyMoves(request.system, moves);
  const [plan] = planNow(request).ready;
  if (!applied.ok || !plan) throw new Error('nothing to record');
  const kept: PlanRecord = {
    moves,
    words: ['new filter', 'tap 4'].map(keptText),
    from: request,
    promise: promiseOf(plan.prediction)!,
    chance: 0.7,
    minutes: 20,
    cost: 18,
    cautionsRead: ['lockOut'],
  };
  return JSON.parse(JSON.stringify(kept)) as Record<string, unknown>;
};
const planFact = (minute: number, inputs: Record<string, unknown>, n = 31): FactDto => ({
  id: uuid(n),
  kind: 'plan',
  inputs,
  takenAt: at(minute),
  replacesId: null,
});
const decided: VisitDto = {
  ...visit,
  facts: [...visit.facts!, planFact(10, record())],
  readings: [...visit.readings, reading(14, 'S1', 0.24, 20)],
};

test('a plan without the goal it was computed for is refused: nothing could be read from it', () => {
  const goalless = { ...record(), from: { ...(record().from as object), goal: undefined } };
  const checked = check(FactDto, planFact(10, goalless));
  expect(checked).toMatchObject({ ok: false, errors: [{ message: 'A plan stores the goal it was computed for.' }] });
});

describe('a visit is parted at its plan', () => {
  const { before, after, plan } = partVisit(decided);
  test('readings go by when they were taken', () => {
    expect(before.readings.map((r) => r.id)).toEqual([uuid(11), uuid(12), uuid(13)]);
    expect(after?.readings.map((r) => r.id)).toEqual([uuid(14)]);
    expect(plan?.record.words).toEqual(['new filter', 'tap 4']);
  });
  test('after it the unit stands as the plan leaves it, and what it mends is fixed', () => {
    expect(after?.tap).toBe('4');
    expect(before.tap).toBe('3');
    const looks = after!.facts!.filter((fact) => fact.kind === 'look').map((fact) => fact.inputs);
    expect(looks).toEqual([
      { item: 'filter', state: 'loaded', outcome: 'dealtWith' },
      { item: 'ducts', state: 'crushed' },
    ]);
  });
  test('it stays readable when the table has changed since', () => {
    const other = {
      ...decided,
      table: { ...decided.table!, taps: [{ tap: 'high', flowsCfm: [900, 800, 700, 600, 500, 400, 300, 200] }] },
    };
    expect(standingPlan(other)?.record.promise).toEqual(plan?.record.promise);
    expect(partVisit(other).after?.tap).toBe('4');
  });
  test('taken back it stands no longer', () => {
    const back = { ...decided, facts: [...decided.facts!, planFact(30, { withdrawn: true }, 32)] };
    expect(standingPlan(back)).toBeUndefined();
    expect(partVisit(back)).toEqual({ before: back });
  });
  test('a change to one part goes into the whole without losing the other', () => {
    const changed = {
      ...after!,
      mode: 'heating' as const,
      readings: [...after!.readings, reading(15, 'R2', -0.2, 21)],
    };
    const whole = intoWhole(decided, after!, changed);
    expect(whole.readings.map((r) => r.id)).toEqual([11, 12, 13, 14, 15].map(uuid));
    expect(whole.facts).toEqual(decided.facts);
    expect(whole).toMatchObject({ mode: 'heating', tap: '3' });
  });
  test('what is said of the unit after the plan stays said, and what the plan alone changed does not go before it', () => {
    const drive = { motorRpm: 1725, motorPitchIn: 4, blowerPitchIn: 8, centerIn: 20 };
    const there: VisitDto = { ...decided, setup: { filterPlace: 'atUnit', drive } };
    const left = partVisit(there).after!;
    const planned = { ...left, tap: '4', setup: { ...left.setup, drive: { ...drive, blowerPitchIn: 7 } } };
    const said = {
      ...planned,
      tons: 4,
      setup: { ...planned.setup, filterPlace: 'atGrilles' as const, filterWidthIn: 20 },
    };
    const whole = intoWhole(there, planned, said);
    expect(whole).toMatchObject({
      tap: '3',
      tons: 4,
      setup: { filterPlace: 'atGrilles', filterWidthIn: 20, drive: { blowerPitchIn: 8 } },
    });
    expect(partVisit(whole).after?.setup).toMatchObject({ filterPlace: 'atGrilles', filterWidthIn: 20 });
    const none = intoWhole(there, left, { ...left, setup: { ...left.setup, drive: null } });
    expect(none.setup?.drive).toBeNull();
  });
  test('there is one airflow after it: the one that is proven', () => {
    const again = [reading(14, 'R1', -0.17, 20), reading(15, 'R2', -0.26, 21), reading(16, 'S1', 0.33, 22)];
    const parts = partVisit({ ...decided, readings: [...visit.readings, ...again] });
    const [was, is] = [assess(parts.before), assess(parts.after!)];
    const { lines, flow } = proofOf(parts.plan!.record, was, is);
    expect(is.flow?.flowCfm).toBeCloseTo(lines.find(({ id }) => id === 'flow')!.after!, 6);
    expect(is.airflow.word).toBe(proofOf(parts.plan!.record, was, is).lines.find(({ id }) => id === 'flow')!.word);
    expect(is.airflow.value).toBeCloseTo(flow!.flowCfm, 6);
    // By its own readings alone the table says something else.
    expect(Math.abs(is.estimates.find(({ id }) => id === 'blowerTable')!.flowCfm - flow!.flowCfm)).toBeGreaterThan(10);
    expect(assess(currentPart({ ...decided, readings: [...visit.readings, ...again] })).flow).toEqual(is.flow);
  });
  test('the current part is what was read since, once anything was', () => {
    expect(currentPart(decided).readings).toHaveLength(1);
    expect(currentPart({ ...decided, readings: visit.readings }).readings).toHaveLength(3);
    expect(currentPart(visit)).toBe(visit);
  });
});

describe('a plan on the wire', () => {
  const faults = (inputs: Record<string, unknown>) => {
    const checked = check(FactDto, planFact(1, inputs));
    return checked.ok ? [] : checked.errors.map((e) => e.message);
  };
  test('a decided plan and one taken back are taken', () => {
    expect(faults(record())).toEqual([]);
    expect(faults({ withdrawn: true })).toEqual([]);
    expect(check(VisitDto, decided).ok).toBe(true);
  });
  test.each([
    [{}, 'names its fixes'],
    [{ moves, words: [] }, 'stores the system'],
    [{ ...record(), promise: {} }, 'predicted airflow and static'],
    [{ ...record(), chance: 'high' }, 'chance, minutes and cost'],
    [{ ...record(), moves: [{ id: 'changeTap', inputs: { tap: '9' } }] }, 'has no 9'],
    [{ ...record(), from: { system: { path: 3 } } }, 'cannot be read'],
    [{ ...record(), words: ['x'.repeat(130_000)] }, 'too large'],
  ])('%#: a wrong one is refused in words', (inputs, says) => expect(faults(inputs).join()).toContain(says));
});

describe('planning from a visit', () => {
  test('the request carries what the shop set and how sure the readings are', () => {
    const own: ShopDto = { ...shop, moves: [{ move: 'newFilter', minutes: 8, cost: 14 }] };
    const mine = planRequest(visit, assess(visit), own, { typed: {}, speedFirst: true })!;
    expect(mine.figures).toEqual({ newFilter: { minutes: 8, cost: 14 } });
    expect(mine.sure).toMatchObject({ flowShare: expect.closeTo(0.1, 6), byBook: true });
    expect(mine.speedFirst).toBe(true);
    expect(mine.seed).toBe(0x22220000);
  });
  test('in heating it aims at the nameplate rise, and a faster tap cools the heat', () => {
    const warm = {
      ...visit,
      mode: 'heating' as const,
      setup: { ...visit.setup, riseMinF: 30, riseMaxF: 50, speeds: { heatOutputBtuH: 60_000 } },
    };
    const { goal, system } = planRequest(warm, assess(warm), shop, { typed: {} })!;
    expect(goal.target.from).toContain('30 to 50 °F');
    const rises = ['3', '4'].map((tap) => predict(onTap(system, tap), goal).heating!.riseF!);
    expect(rises[0]! - rises[1]!).toBeGreaterThan(2);
    // With nothing found to be fixed first, the search aims at the rise.
    const answer = planNow({ ...planRequest(warm, assess(warm), shop, { typed: {} })!, looks: [] });
    const landed = answer.ready[0]!.prediction;
    expect(landed.heating!.word).not.toBe('outside');
    expect(landed.airflow).not.toBe('outside');
  });
  test('without an airflow or a target there is nothing to plan from', () => {
    const blind = { ...visit, readings: [] };
    expect(planRequest(blind, assess(blind), shop, { typed: {} })).toBeUndefined();
    const aimless = { ...visit, tons: null };
    expect(planRequest(aimless, assess(aimless), shop, { typed: {} })).toBeUndefined();
  });
  test('wishes name known moves only', () => {
    expect(check(PlanWishesDto, { typed: { newFilter: { ratedDropInWc: 0.05 } } }).ok).toBe(true);
    expect(check(PlanWishesDto, { typed: { magic: {} } }).ok).toBe(false);
    expect(check(PlanWishesDto, { typed: [] }).ok).toBe(false);
    expect(check(PlanWishesDto, { typed: {}, speedFirst: 'yes' }).ok).toBe(false);
  });
});

describe('a shop', () => {
  const full: ShopDto = {
    ...shop,
    tariffPerKwh: 0.2,
    hoursAYear: 1800,
    moves: [{ move: 'cleanCoil', minutes: 60, cost: 30 }],
    sheaves: [
      {
        id: uuid(41),
        name: 'Adjustable',
        fits: 'motor',
        pitchIn: 2.8,
        mostPitchIn: 3.8,
        turns: 5,
        grooves: 1,
        onTruck: true,
        cost: 30,
      },
      { id: uuid(42), name: 'Fixed', fits: 'blower', pitchIn: 6.4, grooves: 1, onTruck: false, cost: 40 },
    ],
    belts: [{ mark: 'A48', onTruck: true, cost: 12 }],
  };
  test('what it sets reaches core', () => {
    expect(check(ShopDto, full).ok).toBe(true);
    expect(shopFigures(full)).toEqual({ cleanCoil: { minutes: 60, cost: 30 } });
    expect(shopParts(full).sheaves.map((s) => s.sheave.kind)).toEqual(['adjustable', 'fixed']);
    expect(shopEnergy(full)).toEqual({ hoursAYear: 1800, tariffPerKwh: 0.2 });
    expect(shopEnergy(shop)).toEqual({ hoursAYear: 2000, tariffPerKwh: undefined });
  });
  test.each([
    [{ ...full, moves: [{ move: 'magic', minutes: 1, cost: 1 }] }, 'not known'],
    [{ ...full, belts: [{ mark: 'C99', onTruck: true, cost: 1 }] }, 'A48, AX48'],
    [{ ...full, tariffPerKwh: 0 }, 'Tariff must be between'],
    [{ ...full, sheaves: [{ ...full.sheaves[0]!, pitchIn: 0 }] }, 'Pitch diameter must be'],
    [{ ...full, currency: 'dollars' }, 'currency must have'],
  ])('%#: a wrong figure is named', (wrong, says) => {
    const checked = check(ShopDto, wrong);
    expect(checked.ok ? '' : checked.errors.map((e) => e.message).join()).toContain(says);
  });
});

describe('a unit’s drive, nameplate and proof', () => {
  const unit = {
    id: uuid(6),
    siteId: uuid(90),
    name: 'Roof',
    layout: 'packaged',
    motor: 'beltDrive',
    cfmPerTon: 400,
  };
  const drive = {
    motorRpm: 1745,
    sheave: 'adjustable',
    leastPitchIn: 2.8,
    mostPitchIn: 3.8,
    turns: 5,
    turnsOpen: 2.5,
    blowerPitchIn: 7,
    beltMark: 'A48',
    leastCentresIn: 15,
    mostCentresIn: 17,
  };
  const faults = (more: object) => {
    const checked = check(UnitDto, { ...unit, ...more });
    return checked.ok ? [] : checked.errors;
  };
  test('sound ones are taken, what the form does not know is dropped', () => {
    const checked = check(UnitDto, {
      ...unit,
      setup: {
        drive: { ...drive, colour: 'red' },
        motorPlate: { plateAmps: 6.8, phases: 'three' },
        speeds: { heatTap: '2' },
      },
    });
    expect(checked.ok && checked.value.setup?.drive).toEqual(drive);
  });
  test.each([
    [{ setup: { drive: { ...drive, turnsOpen: 6 } } }, 'setup.drive', '0 to 5'],
    [{ setup: { drive: { ...drive, mostPitchIn: 2 } } }, 'setup.drive', 'larger than open'],
    [{ setup: { drive: { ...drive, mostCentresIn: 14 } } }, 'setup.drive', 'more than the shortest'],
    [{ setup: { drive: { ...drive, beltMark: '?' } } }, 'setup.drive', 'A48, AX48'],
    [{ setup: { drive: 7 } }, 'setup.drive', 'object'],
    [{ setup: { motorPlate: { plateAmps: -1 } } }, 'setup.motorPlate', 'between'],
    [{ proven: { visitId: uuid(1), at: at(1), flowCfm: 900, tespInWc: 0.4, system: {} } }, 'proven', 'can be read'],
    [{ proven: 'yes' }, 'proven', 'can be read'],
  ])('%#: %j', (more, field, says) => {
    expect(faults(more)).toEqual([{ field, message: expect.stringContaining(says) }]);
  });
  test('a proven system that runs is taken', () => {
    expect(
      faults({ proven: { visitId: uuid(1), at: at(1), flowCfm: 940, tespInWc: 0.58, system: request.system } }),
    ).toEqual([]);
  });
});
