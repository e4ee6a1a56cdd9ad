import { EXAMPLE_A_READINGS, EXAMPLE_A_UNIT } from '../../fixtures/exampleA';
import { EXAMPLE_D_DRIVE, EXAMPLE_D_TABLE } from '../../fixtures/exampleD';
import { look, SOUND_FAN, traverseOf } from '../../fixtures/exampleLooks';
import { requestOf } from '../../fixtures/contradictions';
import { flowFromDrop } from '../coil';
import { moistAir } from '../air';
import { cleanDropInWc, type FilterFacts } from '../filter';
import { DEFAULT_RULES, type UnitFacts } from '../judge';
import { operate } from '../operate';
import { planNow } from '../plan';
import { promiseOf } from '../prove';
import { predict } from '../model';
import type { Conditions, PressureReading } from '../readings';
import type { PortId } from '../system';
import type { RawInputs } from '../tools';
import { assessVisit, type Fact, type FactKind, type VisitFacts } from '.';

const asItRuns: Conditions = { door: 'on', filter: 'in', coil: 'wet' };
const read = (port: PortId, staticInWc: number, more: Partial<Conditions> = {}): PressureReading => ({
  id: `${port} ${staticInWc} ${JSON.stringify(more)}`,
  port,
  staticInWc,
  conditions: { ...asItRuns, ...more },
});
const fact = (kind: FactKind, inputs: RawInputs, conditions?: Fact['conditions']): Fact => ({
  id: `${kind} ${JSON.stringify(inputs)}`,
  kind,
  inputs,
  ...(conditions ? { conditions } : {}),
});
const plate = (flowCfm: number) => fact('flowPlate', { plateCfm: flowCfm, normalInWc: 0.2, plateInWc: 0.2 });
const drop = (supplyF: number, more: RawInputs = {}) =>
  fact('measuredDrop', {
    tons: 3,
    returnF: 75,
    moisture: 'wetBulb',
    returnWetF: 62.5,
    outdoorF: 95,
    supplyF,
    minutes: 15,
    ...more,
  });
const assess = (more: Partial<VisitFacts> = {}) =>
  assessVisit(
    { unit: EXAMPLE_A_UNIT, mode: 'cooling', readings: EXAMPLE_A_READINGS, facts: [], ...more },
    DEFAULT_RULES,
  );
const psc: UnitFacts = { ...EXAMPLE_A_UNIT, motor: 'psc' };
const noTable: UnitFacts = { ...psc, table: undefined, tap: undefined };

describe('1: one airflow', () => {
  test.each<[string, Partial<VisitFacts>]>([
    ['the table alone', {}],
    ['table and traverse', { facts: [traverseOf(560)] }],
    ['no table, a flow plate', { unit: noTable, facts: [plate(900)] }],
    ['a caked wheel', { facts: [look('wheel', 'caked')] }],
  ])('%s: verdict, model, plan and promise speak of the same', (_name, more) => {
    const found = assess(more);
    const flow = found.flow!.flowCfm;
    expect(found.airflow.value).toBe(flow);
    const now = operate(found.model!.system);
    expect(now.kind === 'crossing' && now.flowCfm).toBeCloseTo(flow, 2);
    const request = requestOf(found)!;
    expect(promiseOf(predict(request.system, request.goal))!.flowCfm).toBeCloseTo(flow, 2);
    expect(request.sure.flowShare).toBeCloseTo(found.flow!.sigmaCfm / flow, 9);
  });
});

describe('2: a slow fan does not read as a fast one', () => {
  const slow = [read('R2', -0.08), read('S1', 0.12)];
  test('a low static that nobody looked behind carries a doubt as large as that', () => {
    const { doubt, airflow, advice, noSlower } = assess({ readings: slow, unit: { ...psc, tap: '4' } });
    // 1,216 CFM by the table ask for about 0.51; 0.20 is that of a fan at √(0.20/0.51).
    expect(doubt.share).toBeCloseTo(1 - Math.sqrt(0.2 / (0.5 * (1216 / 1200) ** 2)), 2);
    expect([airflow.word, advice.tap]).toEqual(['cantSay', undefined]);
    expect(noSlower).toContain('fan itself is in doubt');
  });
  test('looked over, or vouched for by a second method, the same static is a light path', () => {
    const unit = { ...psc, tap: '4' };
    expect(assess({ readings: slow, unit, facts: SOUND_FAN }).doubt.share).toBe(0);
    const vouched = assess({ readings: slow, unit, facts: [plate(1210)] });
    expect(vouched.doubt.share).toBeLessThan(0.02);
    expect(vouched.airflow.word).toBe('inside');
  });
  test('what was seen makes the table’s figure no verdict, until it is dealt with', () => {
    const well = [read('R2', -0.22), read('S1', 0.2)];
    const unit = { ...EXAMPLE_A_UNIT, tap: '4' };
    const caked = assess({ unit, readings: well, facts: [look('wheel', 'caked')] });
    expect(caked.airflow).toMatchObject({ word: 'cantSay', sentence: expect.stringContaining('caked blower wheel') });
    const mended = assess({ unit, readings: well, facts: [look('wheel', 'caked', { outcome: 'dealtWith' })] });
    expect(mended.airflow.word).toBe('inside');
  });
  test('a second sign under 0.85 of the table doubts it; just over, it does not', () => {
    const at = (share: number) => assess({ facts: [...SOUND_FAN, plate(940.2 * share)] }).doubt.share;
    expect(at(0.84)).toBeCloseTo(0.16, 6);
    expect(at(0.86)).toBe(0);
  });
  test('a measurement off the row is kept as a measurement, and the fan goes by a usual curve', () => {
    const off = assess({
      unit: { ...EXAMPLE_A_UNIT, tap: '1' },
      readings: [read('R2', -0.4), read('S1', 0.3)],
      facts: [plate(600)],
    });
    expect(off.offTable?.side).toBe('aboveTable');
    expect(off.flow).toMatchObject({ flowCfm: expect.closeTo(600, 6), measured: true });
    expect(off.model!.system.fan.usual).toBeDefined();
  });
  test('a motor that holds its airflow loses static, not air, to a dirty wheel', () => {
    const held: UnitFacts = {
      ...EXAMPLE_A_UNIT,
      motor: 'constantAirflow',
      tap: 'A',
      table: { staticsInWc: [0.1, 0.5, 0.8, 1], taps: [{ tap: 'A', flowsCfm: [1210, 1200, 1190, 1080] }] },
    };
    expect(assess({ unit: held, readings: slow }).doubt.share).toBe(0);
  });
});

describe('3: the drop never proves itself', () => {
  const byDrop = (supplyF: number) => {
    const { inputs } = drop(supplyF);
    return [fact('coolingDrop', inputs), drop(supplyF)];
  };
  test('airflow had from the drop does not judge the drop', () => {
    const found = assess({ unit: noTable, facts: byDrop(54) });
    expect(found.flow?.dropOnly).toBe(true);
    expect(found.drop).toMatchObject({ word: 'cantSay', sentence: expect.stringContaining('cannot judge it') });
    expect(assess({ unit: noTable, facts: [...byDrop(54), plate(1200)] }).drop.word).toBe('inside');
  });
  test('a drop alone never says above the band', () => {
    // 18 °F would be 540 CFM a ton.
    const { airflow, flow } = assess({ unit: noTable, facts: byDrop(57) });
    expect(flow!.flowCfm).toBeGreaterThan(1320);
    expect(airflow).toMatchObject({ word: 'cantSay', sentence: expect.stringContaining('never says too much air') });
    expect(assess({ unit: noTable, facts: byDrop(49.5) }).airflow.sentence).toContain(
      'little air or the refrigerant side',
    );
  });
});

describe('5: advice and plan agree', () => {
  test('what is in the band within the plate is left alone, by both', () => {
    const found = assess({
      unit: { ...EXAMPLE_A_UNIT, tap: '4' },
      readings: [read('R2', -0.22), read('S1', 0.24)],
      facts: SOUND_FAN,
    });
    expect(found.advice).toMatchObject({ kind: 'keep', tap: '4' });
    const { ready } = planNow(requestOf(found)!);
    expect(ready.map(({ moves }) => moves)).toEqual([[]]);
  });
  test('a low tap does not hide a tight path', () => {
    // 868 CFM at 0.48 is within the plate; the foot of the band would ask 0.74.
    const { advice, judgement } = assess({
      unit: { ...EXAMPLE_A_UNIT, tap: '2' },
      readings: [read('R2', -0.26), read('S1', 0.22)],
      facts: SOUND_FAN,
    });
    expect(judgement.tesp.word).not.toBe('outside');
    expect(advice.kind).toBe('restrictionFirst');
  });
  test('a due fix that makes it worse is asked about', () => {
    const high = { ...EXAMPLE_A_UNIT, tap: '5', tons: 2.6 };
    const readings = [read('R2', -0.25), read('S1', 0.25)];
    const { questions } = assess({ unit: high, readings, facts: [look('wheel', 'caked'), traverseOf(780)] });
    expect(questions.find(({ id }) => id === 'due cleanWheel')?.sentence).toContain(
      'Is it really so, or is the airflow wrong?',
    );
    expect(assess({ unit: high, readings, facts: [traverseOf(780)] }).questions).toEqual([]);
  });
});

describe('6: a low static is looked at per side, scaled to the flow', () => {
  const ids = (readings: PressureReading[], unit: UnitFacts = EXAMPLE_A_UNIT, flowCfm = 1200) =>
    assess({ unit, readings, facts: [plate(flowCfm)] }).questions.map(({ id }) => id);
  test('supply: an open duct or the probe’s place', () => {
    expect(ids([read('R2', -0.3), read('S1', 0.04)])).toContain('low supply');
    expect(ids([read('R2', -0.3), read('S1', 0.06)])).not.toContain('low supply');
    // Less air leaves less: 0.03 at 900 CFM is sound.
    expect(ids([read('R2', -0.3), read('S1', 0.03)], noTable, 900)).not.toContain('low supply');
  });
  test('a cased coil that takes next to nothing: read after the coil', () => {
    const furnace: UnitFacts = { ...psc, layout: 'furnaceCasedCoil' };
    expect(ids([read('R2', -0.2), read('S1', 0.24), read('S2', 0.16)], furnace)).toContain('low coil');
    expect(ids([read('R2', -0.2), read('S1', 0.3), read('S2', 0.16)], furnace)).not.toContain('low coil');
  });
  test('return and filter together: missing, bypassed, or read before it', () => {
    expect(ids([read('R2', -0.05), read('S1', 0.3)])).toContain('low return');
    expect(ids([read('R2', -0.07), read('S1', 0.3)])).not.toContain('low return');
  });
});

test('7: shares are judged at the target airflow', () => {
  const readings = [read('R1', -0.1), read('R2', -0.19), read('S1', 0.12)];
  const at = (flowCfm: number) =>
    assess({ unit: noTable, readings, facts: [plate(flowCfm)] }).judgement.stretches.map((s) => s.verdict.word);
  expect(at(1200)).toEqual(['inside', 'atTheEdge', 'inside']);
  // The same drops at 800 CFM are more than twice that at the target.
  expect(at(800)).toEqual(['outside', 'outside', 'outside']);
});

describe('8: a cut is taken once, slip is taken once', () => {
  test('measured RPM holds all slip: the table is read at it, and a seen belt takes nothing more', () => {
    const unit: UnitFacts = {
      layout: 'packaged',
      motor: 'beltDrive',
      tons: 7.5,
      maxTespInWc: 0.8,
      table: EXAMPLE_D_TABLE,
      tap: '822.6',
    };
    const readings = [read('R1', -0.17), read('S1', 0.28)];
    const measured = assess({
      unit,
      readings,
      drive: { ...EXAMPLE_D_DRIVE, measuredRpm: 770 },
      facts: [look('belt', 'slack')],
    });
    expect(measured.model!.system.fan.tap).toBe('770');
    expect(measured.model!.system.fan.lags).toBeUndefined();
    const taken = assess({ unit, readings, drive: EXAMPLE_D_DRIVE, facts: [look('belt', 'slack')] });
    expect(taken.model!.system.fan.lags).toMatchObject([{ cause: 'slip', assumed: true }]);
  });
  test('more RPM than the sheaves give is asked about', () => {
    const unit: UnitFacts = { layout: 'packaged', motor: 'beltDrive', tons: 7.5, table: EXAMPLE_D_TABLE, tap: '822.6' };
    const found = assess({
      unit,
      readings: [read('R1', -0.2), read('S1', 0.32)],
      drive: { ...EXAMPLE_D_DRIVE, measuredRpm: 860 },
    });
    expect(found.questions.find(({ id }) => id === 'slip')?.sentence).toContain('a belt never gains');
  });
  test('switch table and blower table are one book', () => {
    const unit: UnitFacts = { ...EXAMPLE_A_UNIT, motor: 'constantAirflow' };
    const switches = fact('requestedFlow', { by: 'table', tableCfm: 940, dehumidify: 'off', tespInWc: 0.58 });
    const found = assess({ unit, facts: [switches] });
    expect(found.flow!.counted).toHaveLength(1);
    expect(found.flow!.sigmaCfm / found.flow!.flowCfm).toBeCloseTo(0.1, 6);
  });
});

test('9: a table’s end has a tolerance: −0.34 and 0.26 is 0.60', () => {
  const at = (supply: number) =>
    assess({ unit: { ...EXAMPLE_A_UNIT, tap: '1' }, readings: [read('R2', -0.34), read('S1', supply)] });
  expect(at(0.26).flow?.counted).toEqual(['blowerTable']);
  expect(at(0.264).flow?.flowCfm).toBe(668);
  expect(at(0.266).offTable?.side).toBe('aboveTable');
});

test('10: altitude by motor kind', () => {
  const flow = (motor: UnitFacts['motor'], altitudeFt: number) =>
    assess({ unit: { ...EXAMPLE_A_UNIT, motor }, altitudeFt }).flow!.flowCfm;
  expect(flow('constantTorque', 5000) / flow('constantTorque', 0)).toBeCloseTo(1 / Math.sqrt(0.832), 3);
  // Thin air is as much static as more of it at sea level: a PSC motor moves less at the same reading.
  expect(flow('psc', 5000)).toBeLessThan(flow('psc', 0));
});

describe('11: facts keep tap and mode', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5, blowerWatts: 0 };
  test('a rise on the heating speed speaks of cooling through the table’s ratio only', () => {
    const onTwo = assess({ facts: [fact('electricHeat', heat, { mode: 'heating', tap: '2' })] });
    const found = onTwo.estimates.find(({ id }) => id === 'electricHeat')!;
    // 983 CFM on tap 2 would be more on tap 3: by what the table gives the two on this path.
    expect(found.flowCfm / 983.4).toBeGreaterThan(1.08);
    expect(found.doubts.join()).toContain('ratio of the two speeds');
    expect(found.sigmaShare).toBeGreaterThan(0.06);
    const onThree = assess({ facts: [fact('electricHeat', heat, { mode: 'heating', tap: '3' })] });
    expect(onThree.estimates.find(({ id }) => id === 'electricHeat')!.flowCfm).toBeCloseTo(983.4, 0);
  });
  test('without a table that relates them it is left out, and says why', () => {
    const unit = { ...EXAMPLE_A_UNIT, table: undefined };
    const found = assess({ unit, facts: [fact('electricHeat', heat, { mode: 'heating', tap: '2' })] });
    expect(found.estimates.find(({ id }) => id === 'electricHeat')).toMatchObject({
      unfit: true,
      setAside: expect.stringContaining('Taken on 2'),
    });
    expect(found.flow?.measured).toBe(false);
  });
  test('heat of before, on a unit whose heating speed is known, was taken on that', () => {
    const found = assess({ facts: [fact('electricHeat', heat)], heating: { tap: '2', outputBtuH: 33_000 } });
    expect(found.estimates.find(({ id }) => id === 'electricHeat')!.doubts.join()).toContain('Taken on 2');
  });
});

describe('13: the drop against 1σ and 2σ of model, readings and airflow', () => {
  const word = (supplyF: number) => assess({ unit: noTable, facts: [plate(1200), drop(supplyF)] }).drop.word;
  // 20.9 °F is predicted; σ = √(1.5² + 1.2² + that of 84 CFM²), about 2.1.
  test.each([
    [54.1, 'inside'],
    [52.2, 'inside'],
    [51, 'atTheEdge'],
    [57.5, 'atTheEdge'],
    [49.5, 'outside'],
    [59, 'outside'],
  ])('supply %p °F is %s', (supplyF, expected) => expect(word(supplyF)).toBe(expected));
  test('a return that is not the room’s is asked about', () => {
    const notes = (roomF: number) => assess({ facts: [drop(54, { roomF })] }).dropAnswer!.notes.join(' ');
    expect(notes(71)).toContain('4 °F warmer than the room: a return leak?');
    expect(notes(73)).not.toContain('return leak');
  });
});

describe('14: filters by kind and face velocity, not by the plate', () => {
  const filters: FilterFacts = { count: 1, widthIn: 20, heightIn: 25, media: 'merv11x1' };
  const word = (filterDrop: number, of: FilterFacts) => {
    const readings = [read('R1', -0.1), read('R2', -0.1 - filterDrop), read('S1', 0.15)];
    return assess({ unit: noTable, readings, facts: [plate(1200)], filters: of }).judgement.stretches[1]!.verdict;
  };
  test('a fine filter may take what a coarse one may not', () => {
    expect(cleanDropInWc(filters, 1200)).toBeCloseTo(0.2 * (1200 / (500 / 144) / 300) ** 1.3, 6);
    expect(word(0.3, filters).word).not.toBe('outside');
    expect(word(0.3, { ...filters, media: 'fibreglass1' }).word).toBe('outside');
    expect(word(0.3, { ...filters, media: undefined })).toMatchObject({
      word: 'outside',
      limit: { name: 'its share' },
    });
  });
  test('the depth decides how fast the air may go', () => {
    const face = (media: FilterFacts['media']) =>
      assess({ facts: [plate(1200)], filters: { ...filters, media } }).filterFace!;
    expect(face('merv11x1')).toMatchObject({ word: 'outside', limit: { high: 300 } });
    expect(face('merv8x4')).toMatchObject({ word: 'inside', limit: { high: 500 } });
  });
});

describe('16: power by motor kind', () => {
  const watts = 300;
  const powered = (motor: UnitFacts['motor']) => {
    const found = assess({
      unit: { ...EXAMPLE_A_UNIT, motor },
      readings: [read('R1', -0.16), ...EXAMPLE_A_READINGS],
      facts: [fact('motorLoad', { phases: 'one', volts: 230, amps: 2, watts })],
    });
    const request = requestOf(found)!;
    const filter = {
      ...request.system,
      path: request.system.path.map((s) =>
        s.stages[0] === 'filter'
          ? { ...s, resistance: { ...s.resistance, coefficient: 0.4 * s.resistance.coefficient } }
          : s,
      ),
    };
    return predict(filter, request.goal, request.system);
  };
  test('a filter change on constant torque saves a few percent, on PSC it costs', () => {
    const torque = powered('constantTorque').power!.watts / watts;
    expect(torque).toBeGreaterThan(0.95);
    expect(torque).toBeLessThan(0.99);
    expect(powered('psc').power!.watts).toBeGreaterThan(watts);
  });
  test('says which law it goes by', () => expect(powered('psc').power!.says).toContain('law of its motor’s kind'));
});

describe('17: the next reading tells most per minute', () => {
  test('two filters in series: which one to take out, due whatever the static', () => {
    const unit: UnitFacts = { ...EXAMPLE_A_UNIT, filterPlace: 'both' };
    const readings = [read('R0', -0.08), read('R1', -0.12), read('R2', -0.2), read('S1', 0.12)];
    const { next } = assess({ unit, readings, facts: SOUND_FAN });
    expect(next).toMatchObject({
      kind: 'port',
      filterOut: true,
      words: expect.stringContaining('the filter at the unit out'),
    });
  });
  test('a small drop asks for the return against the room: one minute', () => {
    const facts = [...SOUND_FAN, plate(1200), drop(62)];
    const readings = [read('R1', -0.1), read('R2', -0.2), read('S1', 0.2)];
    expect(assess({ unit: noTable, readings, facts }).next).toMatchObject({ kind: 'drop', minutes: 1 });
    const roomRead = [...SOUND_FAN, plate(1200), drop(62, { roomF: 75 })];
    expect(assess({ unit: noTable, readings, facts: roomRead }).next?.words ?? '').not.toContain('against the room');
  });
  test('a belt drive in doubt asks for amps or RPM before a traverse', () => {
    const unit: UnitFacts = {
      layout: 'packaged',
      motor: 'beltDrive',
      tons: 7.5,
      maxTespInWc: 1.2,
      table: EXAMPLE_D_TABLE,
      tap: '822.6',
    };
    const facts = [look('filter', 'clean')];
    const plateAmps = { ratedHp: 2, plateAmps: 6.8 };
    const { next } = assess({
      unit,
      readings: [read('R1', -0.1), read('S1', 0.15)],
      facts,
      drive: EXAMPLE_D_DRIVE,
      motorPlate: plateAmps,
    });
    expect(['motor', 'rpm']).toContain(next?.kind);
    expect(next!.minutes).toBeLessThanOrEqual(3);
  });
});

test('18: the blower’s own heat is in the rise unless it was said', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };
  const flow = (unit: UnitFacts, inputs: RawInputs) =>
    assess({ unit, facts: [fact('electricHeat', inputs)] }).estimates.find(({ id }) => id === 'electricHeat')!.flowCfm;
  expect(flow(psc, { ...heat, blowerWatts: 0 })).toBeCloseTo(983.4, 1);
  expect(flow(psc, heat)).toBeCloseTo(983.4 * (1 + 450 / (238 * 41.2)), 0);
  expect(flow(EXAMPLE_A_UNIT, heat)).toBeCloseTo(983.4 * (1 + 300 / (238 * 41.2)), 0);
});

test('19: pitot points far under the largest widen the error, and are named', () => {
  const pitot = (readings: number[]) =>
    fact('traverse', {
      shape: 'rectangle',
      widthIn: 20,
      heightIn: 12,
      plan: 'sweep',
      instrument: 'pitot',
      readings,
      beforeIn: 200,
      afterIn: 90,
    });
  const of = (readings: number[]) =>
    assess({ facts: [pitot(readings)] }).estimates.find(({ id }) => id === 'traverse')!;
  expect(of([0.05, 0.06, 0.004]).doubts.join()).toContain('1 of 3 velocity pressures are under a tenth');
  expect(of([0.05, 0.06, 0.004]).sigmaShare).toBeGreaterThan(of([0.05, 0.06, 0.05]).sigmaShare);
});

describe('no table', () => {
  test('the retest without a table goes by the untouched supply: 0.157 where the table has 0.1515', () => {
    const out = [read('R2', -0.17, { filter: 'out' }), read('S1', 0.3, { filter: 'out' })];
    const { retest, model } = assess({ unit: noTable, facts: [plate(940)], readings: [...EXAMPLE_A_READINGS, ...out] });
    expect(retest?.filterDropInWc).toBeCloseTo(0.157, 3);
    expect(model!.system.fan.usual!.slopeSigma).toBeLessThan(0.3);
  });
  test('nothing measured: what is usual, can’t say, and the change is still foretold', () => {
    const found = assess({ unit: noTable });
    expect(found.flow).toMatchObject({ usualOnly: true, flowCfm: 990 });
    expect(found.airflow).toMatchObject({ word: 'cantSay', sentence: expect.stringContaining('Nothing was measured') });
    const request = requestOf(found)!;
    const up = predict({ ...request.system, fan: { ...request.system.fan, tap: 'one up' } }, request.goal);
    expect(up.operation.kind === 'crossing' && up.operation.flowCfm / 990).toBeCloseTo(1.1, 1);
  });
  test('an anchor where no usual curve holds is an answer with its reason', () => {
    const found = assess({ unit: noTable, readings: [read('R2', -0.5), read('S1', 0.5)], facts: [plate(700)] });
    expect(found.model).toBeUndefined();
    expect(found.noModel).toContain('good from 0.1 to 0.8');
  });
  test('the unit’s own proven point speaks where no book does', () => {
    const unit = { ...noTable, tap: 'high' };
    const found = assess({ unit, proven: { flowCfm: 1000, tespInWc: 0.5, tap: 'high' } });
    expect(found.flow!.counted).toEqual(['provenPoint']);
    expect(found.flow!.flowCfm).toBeLessThan(1000);
    expect(assess({ unit, proven: { flowCfm: 1000, tespInWc: 0.5, tap: 'low' } }).flow!.usualOnly).toBe(true);
  });
});

test('the drop that doubts the table is the one a sound coil would give', () => {
  const load = { tons: 3, entering: moistAir(75, { wetBulbF: 62.5 }), outdoorF: 95 };
  const at = flowFromDrop(load, 75 - 47)!;
  const { doubt } = assess({ facts: [...SOUND_FAN, drop(47)] });
  expect(doubt.share).toBeCloseTo(1 - at / 940.2, 6);
});
