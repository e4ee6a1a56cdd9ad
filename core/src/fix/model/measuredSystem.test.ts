import { EXAMPLE_A_GOAL, EXAMPLE_A_READINGS, EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { EXAMPLE_D_GOAL, EXAMPLE_D_SYSTEM } from '../../../fixtures/exampleD';
import { look, traverseOf } from '../../../fixtures/exampleLooks';
import { ampsAtLoad, loadAtAmps, noLoadShare } from '../../air/drive';
import { DEFAULT_RULES } from '../../judge/verdicts';
import { operate } from '../../air/operate';
import { stageDropAt, onTap, type System } from '../../air/system';
import { resistanceFromPoint } from '../../air/path';
import type { PressureReading } from '../../air/readings';
import { assessVisit, type VisitFacts } from '../../visit/assess';
import type { Fact } from '../../call/facts';
import { heatBand, riseAt } from './heating';
import { motorLoad, powerOf } from './power';
import { predict } from './predict';
import { wearWarnings } from './wear';

const goal = EXAMPLE_A_GOAL;
const assess = (extra: Partial<VisitFacts>) =>
  assessVisit(
    { unit: EXAMPLE_A_UNIT, mode: 'cooling', readings: EXAMPLE_A_READINGS, facts: [], ...extra },
    DEFAULT_RULES,
  );
const modelled = (extra: Partial<VisitFacts>) => {
  const { model } = assess(extra);
  if (!model) throw new Error('no model');
  return model;
};
const flowOf = (system: System) => {
  const found = operate(system);
  return found.kind === 'crossing' ? found.flowCfm : undefined;
};
describe('the measured system', () => {
  test('with the table alone it stands where it was read', () => {
    const { system, notes } = modelled({});
    expect(flowOf(system)).toBeCloseTo(940.2, 1);
    expect(notes.join()).toContain('the split between them is assumed');
  });

  test('parting a section by assumption does not bend the curve: tap 4 stays at 1,035.5', () => {
    expect(flowOf(onTap(modelled({}).system, '4'))).toBeCloseTo(1035.5, 1);
  });

  test('the filter-out retest tells the filter from the duct', () => {
    const out: PressureReading[] = [
      { id: 'a', port: 'R2', staticInWc: -0.17, conditions: { door: 'on', filter: 'out', coil: 'wet' } },
      { id: 'b', port: 'S1', staticInWc: 0.3, conditions: { door: 'on', filter: 'out', coil: 'wet' } },
    ];
    const { system, notes } = modelled({ readings: [...EXAMPLE_A_READINGS, ...out] });
    expect(stageDropAt(system, 'filter', 940.2)).toBeCloseTo(0.1515, 4);
    expect(stageDropAt(system, 'returnDuct', 940.2)).toBeCloseTo(0.31 - 0.1515, 4);
    expect(notes).toEqual([]);
  });

  test('another method sets the fan to what all methods agree on', () => {
    const { flow, model } = assess({ facts: [traverseOf(560)] });
    expect(flow?.counted).toContain('traverse');
    expect(model?.system.fan.lags).toEqual([expect.objectContaining({ cause: 'measured', acts: 'flow' })]);
    expect(flowOf(model!.system)).toBeCloseTo(flow!.flowCfm, 3);
  });

  test('a caked wheel costs 15 % by assumption; what a second method misses beside that is split between wheel and table', () => {
    const taken = modelled({ facts: [look('wheel', 'caked')] });
    expect(taken.system.fan.lags).toEqual([{ cause: 'wheel', acts: 'speed', factor: 0.85, assumed: true }]);
    expect(taken.notes.join()).toContain('A caked blower wheel is assumed to cost 15 % of the speed, ± 40 %');
    const usualCfm = flowOf(taken.system)!;
    expect(usualCfm).toBeLessThan(940);
    const { flow, model } = assess({ facts: [look('wheel', 'caked'), traverseOf(380)] });
    expect(flow!.flowCfm).toBeLessThan(usualCfm);
    expect(flowOf(model!.system)).toBeCloseTo(flow!.flowCfm, 3);
    const [wheel, table] = model!.system.fan.lags!;
    // The loss is known to ± 6 % of the air, the table to ± 10 %: about a quarter of what is missing goes to the wheel.
    expect(wheel).toMatchObject({ cause: 'wheel', assumed: true });
    expect(wheel!.factor).toBeLessThan(0.85);
    expect(wheel!.factor).toBeGreaterThan(0.85 * (flow!.flowCfm / usualCfm));
    expect(table).toMatchObject({ cause: 'measured', acts: 'flow' });
    expect(model!.notes.join()).toMatch(
      /The measured airflow is another \d+ % under the table: that stays after the fix\./,
    );
  });

  test('a measured airflow over a sound fan’s table finds no loss in what was seen', () => {
    const { flow, model } = assess({ facts: [look('coilFace', 'clean'), look('wheel', 'caked'), traverseOf(700)] });
    expect(flow!.measured).toBe(true);
    expect(flowOf(model!.system)).toBeCloseTo(flow!.flowCfm, 3);
    expect(model!.system.fan.lags![0]!.factor).toBeGreaterThan(0.85);
  });

  test('a wheel that was cleaned and fixed costs nothing', () => {
    const settled: Fact = { id: 'x', kind: 'look', inputs: { item: 'wheel', state: 'caked', outcome: 'dealtWith' } };
    expect(modelled({ facts: [settled] }).system.fan.lags).toBeUndefined();
  });

  test('a matted coil inside the cabinet is a loss the external static does not show', () => {
    const { system, notes } = modelled({ facts: [look('coilFace', 'matted')] });
    expect(system.inside).toBeDefined();
    expect(notes.join()).toContain('0.20 in. w.c. beyond the table');
    const now = operate(system);
    expect(now).toMatchObject({ kind: 'crossing', tespInWc: expect.closeTo(0.58, 3) });
    expect(flowOf(system)).toBeLessThan(940);
  });

  test('without an airflow there is no model', () => expect(assess({ readings: [] }).model).toBeUndefined());
});

describe('prediction', () => {
  test('drop falls with airflow, and what was measured beside the model stays beside it', () => {
    const measuredDrop: Fact = {
      id: 'drop',
      kind: 'measuredDrop',
      inputs: { tons: 3, returnF: 75, moisture: 'wetBulb', returnWetF: 62.5, outdoorF: 95, supplyF: 52, minutes: 15 },
    };
    const { system } = modelled({ facts: [measuredDrop] });
    expect(system.cooling?.assumed).toBe(false);
    expect(predict(system, goal).dropF).toBeCloseTo(23, 6);
    expect(predict(onTap(system, '4'), goal).dropF).toBeLessThan(23);
    expect(modelled({}).system.cooling).toMatchObject({ assumed: true, offsetF: 0 });
  });

  test('the airflow a heater asks for keeps its rise within the nameplate, and over the kit’s least', () => {
    const heater = { outputBtuH: 64_000, riseMinF: 35, riseMaxF: 65 };
    const band = heatBand(heater)!;
    expect(band.from).toContain('35 to 65 °F');
    expect(riseAt(64_000, band.lowCfm)).toBeCloseTo(65, 9);
    expect(riseAt(64_000, band.highCfm)).toBeCloseTo(35, 9);
    expect(heatBand(heater, 5000)!.lowCfm / band.lowCfm).toBeCloseTo(1.08 / 0.9, 2);
    expect(heatBand({ ...heater, leastCfm: 1100 })!.lowCfm).toBe(1100);
    expect(heatBand({ ...heater, leastCfm: 2000 })).toBeUndefined();
    expect(heatBand({ ...heater, riseMaxF: undefined })).toBeUndefined();
    expect(heatBand(undefined)).toBeUndefined();
  });

  test('of a visit in heating the speed that was measured is heating’s', () => {
    const heating = { tap: '2', outputBtuH: 60_000, riseMinF: 35, riseMaxF: 65 };
    const { system } = modelled({ mode: 'heating', heating });
    expect([system.cooling, system.lowStage, system.heating?.tap]).toEqual([undefined, undefined, undefined]);
    const [now, faster] = [system, onTap(system, '4')].map((one) => predict(one, goal).heating!);
    expect(now!.operation).toMatchObject({ kind: 'crossing', tap: '3' });
    expect(faster!.riseF).toBeLessThan(now!.riseF!);
    expect(predict(system, goal).dropF).toBeUndefined();
  });

  test('cooling and heating together: a slower heat tap can leave the nameplate rise', () => {
    expect(riseAt(40_000, 1000)).toBeCloseTo(37, 1);
    const { system } = modelled({
      heating: { tap: '2', outputBtuH: 40_000, riseMinF: 25, riseMaxF: 50, leastCfm: 700 },
    });
    const heat = predict(system, goal).heating!;
    expect(heat.operation).toMatchObject({ kind: 'crossing', tap: '2' });
    expect(heat.word).toBe('inside');
    const hot = { ...system, heating: { ...system.heating!, outputBtuH: 60_000 } };
    expect(predict(hot, goal).heating).toMatchObject({
      word: 'outside',
      sentence: expect.stringContaining('limits will trip'),
    });
    const starved = { ...system, heating: { ...system.heating!, leastCfm: 2000 } };
    expect(predict(starved, goal).heating?.sentence).toContain('heat kit needs 2,000');
    const cold = { ...system, heating: { ...system.heating!, outputBtuH: 15_000 } };
    expect(predict(cold, goal).heating?.sentence).toContain('may condense');
  });

  test('a low stage is judged against its own share of the target', () => {
    const low = predict({ ...modelled({}).system, lowStage: { tap: '2', share: 0.7 } }, goal).low;
    expect(low?.operation).toMatchObject({ tap: '2' });
    expect(low?.airflow).not.toBe('cantSay');
  });

  test('a tap the table does not know is said, not thrown', () => {
    const { system } = modelled({ heating: { tap: 'hi', outputBtuH: 40_000 }, lowStage: { tap: 'lo', share: 0.7 } });
    const found = predict(system, goal);
    expect(found.heating).toMatchObject({ word: 'cantSay', sentence: expect.stringContaining('has no hi') });
    expect(found.low).toBeUndefined();
  });

  test('a motor over its rated static or its nameplate is warned of', () => {
    const { system } = modelled({});
    expect(wearWarnings(predict(system, goal), goal)).toEqual([
      expect.stringContaining('0.58 in. w.c., over the nameplate’s 0.50'),
    ]);
    const over = { ...EXAMPLE_D_SYSTEM, motor: { ...EXAMPLE_D_SYSTEM.motor, plateAmps: 3.5, serviceFactor: 1 } };
    expect(wearWarnings(predict(over, EXAMPLE_D_GOAL), EXAMPLE_D_GOAL)[0]).toContain(
      'over its nameplate: 4.6 A of 3.5',
    );
    expect(wearWarnings(predict(EXAMPLE_D_SYSTEM, EXAMPLE_D_GOAL), EXAMPLE_D_GOAL)).toEqual([]);
  });

  test('the duct that was traversed tells its velocity', () => {
    const found = predict(modelled({ facts: [traverseOf(560)] }).system, goal);
    expect(found.ductFpm).toBeCloseTo(
      (found.operation.kind === 'crossing' ? found.operation.flowCfm : 0) / (240 / 144),
      6,
    );
    expect(found.duct).toBe('inside');
    expect(predict(modelled({}).system, goal)).toMatchObject({ duct: 'cantSay' });
  });

  test('off the table nothing is promised', () => {
    const found = predict(onTap(modelled({}).system, '5'), goal);
    expect(found).toMatchObject({ airflow: 'cantSay', tesp: 'cantSay' });
    expect(found.power).toBeUndefined();
  });
});

describe('power says where it comes from', () => {
  const at = (system: System) => {
    const found = operate(system);
    if (found.kind === 'offTable') throw new Error('off the table');
    return found;
  };
  const power = (system: System, base = system) => powerOf(system, at(system), { system: base, at: at(base) });

  test('watts of the table', () => {
    const { system } = modelled({});
    const table = {
      ...system.fan.table!,
      taps: system.fan.table!.taps.map((row) => ({ ...row, watts: row.flowsCfm.map((_, i) => 300 + 10 * i) })),
    };
    const found = power({ ...system, fan: { ...system.fan, table } });
    expect(found).toMatchObject({ source: 'makersTable' });
    expect(found?.watts).toBeCloseTo(300 + 10 * 4.8, 6);
  });

  test('brake horsepower of the table, with amps carried over from the measured state', () => {
    const now = power(EXAMPLE_D_SYSTEM);
    expect(now).toMatchObject({ source: 'voltsAmps', amps: 4.6 });
    expect(now!.bhp).toBeGreaterThan(0.6);
    const faster = { ...EXAMPLE_D_SYSTEM, fan: { ...EXAMPLE_D_SYSTEM.fan, tap: '921.4' } };
    const then = power(faster, EXAMPLE_D_SYSTEM)!;
    expect(then.source).toBe('scaled');
    // The motor's magnetising current stays: amps grow less than the load.
    const idle = noLoadShare(2) * 6.8;
    const load = loadAtAmps(4.6, 6.8, noLoadShare(2)) * (then.bhp! / now!.bhp!);
    expect(then.amps).toBeCloseTo(Math.hypot(idle, load * Math.sqrt(6.8 ** 2 - idle ** 2)), 9);
    expect(then.amps! / 4.6).toBeLessThan(then.bhp! / now!.bhp!);
  });

  test('by the fan laws’ cube where only amps are known', () => {
    const bare: System = {
      ...EXAMPLE_D_SYSTEM,
      fan: {
        ...EXAMPLE_D_SYSTEM.fan,
        table: {
          ...EXAMPLE_D_SYSTEM.fan.table!,
          byRpm: {
            ...EXAMPLE_D_SYSTEM.fan.table!.byRpm!,
            bhp: EXAMPLE_D_SYSTEM.fan.table!.byRpm!.bhp.map((r) => r.map(() => null)),
          },
        },
      },
    };
    const faster = { ...bare, fan: { ...bare.fan, tap: '921.4' } };
    const ratio = at(faster).flowCfm / at(bare).flowCfm;
    const load = loadAtAmps(4.6, 6.8, noLoadShare(2));
    expect(power(faster, bare)!.amps).toBeCloseTo(ampsAtLoad(load * ratio ** 3, 6.8, 2), 6);
    // Without the plate nothing tells the magnetising current apart.
    const noPlate = (of: System) => ({ ...of, motor: { ...of.motor, plateAmps: undefined } });
    expect(power(noPlate(faster), noPlate(bare))!.amps).toBeCloseTo(4.6 * ratio ** 3, 6);
  });

  test('nothing is made up when neither table nor meter says it', () => {
    expect(power(modelled({}).system)).toBeUndefined();
    expect(motorLoad(EXAMPLE_D_SYSTEM, undefined)).toBeUndefined();
  });

  test('the motor is judged by amps, else by horsepower, against nameplate × service factor', () => {
    expect(predict(EXAMPLE_D_SYSTEM, EXAMPLE_D_GOAL).motor).toMatchObject({
      word: 'inside',
      unit: 'amps',
      most: expect.closeTo(7.82, 6),
    });
    const noAmps = { ...EXAMPLE_D_SYSTEM, motor: { ratedHp: 0.5, serviceFactor: 1 } };
    expect(predict(noAmps, EXAMPLE_D_GOAL).motor).toMatchObject({ word: 'outside', unit: 'hp', most: 0.5 });
  });

  test('a second return lowers a path read as one lump on either side only', () => {
    const lump: System = {
      ...modelled({}).system,
      path: [{ stages: ['returnDuct', 'supplyDuct'], side: 'supply', resistance: resistanceFromPoint(0.58, 940.2, 2) }],
    };
    expect(stageDropAt(lump, 'filter', 900)).toBeUndefined();
  });
});
