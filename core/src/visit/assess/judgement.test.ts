import { assess, drop, fact, noTable, plate, psc, read } from '../../../fixtures/exampleVisit';
import { EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { EXAMPLE_D_DRIVE, EXAMPLE_D_TABLE } from '../../../fixtures/exampleD';
import { look, SOUND_FAN, traverseOf } from '../../../fixtures/exampleLooks';
import { requestOf } from '../../../fixtures/contradictions';
import { flowFromDrop } from '../../air/coil';
import { moistAir } from '../../air/moistAir';
import type { UnitFacts } from '../../judge/verdicts';
import { operate } from '../../air/operate';
import { planNow } from '../../fix/plan';
import { promiseOf } from '../verify';
import { predict } from '../../fix/model';
import type { PressureReading } from '../../air/readings';
import type { VisitFacts } from './visitFacts';

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
    expect(noSlower).toContain('fan is in doubt');
  });
  test('looked over, or vouched for by a second method, the same static is a light path', () => {
    const unit = { ...psc, tap: '4' };
    expect(assess({ readings: slow, unit, facts: SOUND_FAN }).doubt.share).toBe(0);
    const vouched = assess({ readings: slow, unit, facts: [plate(1210)] });
    expect(vouched.doubt.share).toBeLessThan(0.02);
    expect(vouched.airflow.word).toBe('inside');
  });
  test('what was seen makes the table’s figure no verdict, until it is fixed', () => {
    const well = [read('R2', -0.22), read('S1', 0.2)];
    const unit = { ...EXAMPLE_A_UNIT, tap: '4' };
    const caked = assess({ unit, readings: well, facts: [look('wheel', 'caked')] });
    expect(caked.airflow).toMatchObject({ word: 'cantSay', sentence: expect.stringContaining('caked blower wheel') });
    const mended = assess({ unit, readings: well, facts: [look('wheel', 'caked', { outcome: 'dealtWith' })] });
    expect(['inside', 'atTheEdge']).toContain(mended.airflow.word);
  });
  test('a second sign under 0.85 of the table doubts it; just over, it does not', () => {
    const at = (share: number) => assess({ facts: [...SOUND_FAN, plate(940.2 * share)] }).doubt.share;
    expect(at(0.84)).toBeCloseTo(0.16, 6);
    expect(at(0.86)).toBe(0);
  });
  test('a measurement off the row is kept as a measurement, and the fan goes by a typical curve', () => {
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
    // 18 °F would be 540 CFM per ton.
    const { airflow, flow } = assess({ unit: noTable, facts: byDrop(57) });
    expect(flow!.flowCfm).toBeGreaterThan(1320);
    expect(airflow).toMatchObject({ word: 'cantSay', sentence: expect.stringContaining('cannot show high airflow') });
    expect(assess({ unit: noTable, facts: byDrop(49.5) }).airflow.sentence).toContain(
      'low airflow or a refrigerant problem',
    );
  });
});

describe('5: advice and plan agree', () => {
  test('what is in the band within the nameplate is left alone, by both', () => {
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
      'Is that right, or is the airflow wrong?',
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
    expect(found.questions.find(({ id }) => id === 'slip')?.sentence).toContain('more than the 823 the sheaves allow');
  });
  test('switch table and blower table are one book', () => {
    const unit: UnitFacts = { ...EXAMPLE_A_UNIT, motor: 'constantAirflow' };
    const switches = fact('requestedFlow', { by: 'table', tableCfm: 940, dehumidify: 'off', tespInWc: 0.58 });
    const found = assess({ unit, facts: [switches] });
    expect(found.flow!.counted).toHaveLength(1);
    expect(found.flow!.sigmaCfm / found.flow!.flowCfm).toBeCloseTo(0.1, 6);
  });
});

test('the drop that doubts the table is the one a sound coil would give', () => {
  const load = { tons: 3, entering: moistAir(75, { wetBulbF: 62.5 }), outdoorF: 95 };
  const at = flowFromDrop(load, 75 - 47)!;
  const { doubt } = assess({ facts: [...SOUND_FAN, drop(47)] });
  expect(doubt.share).toBeCloseTo(1 - at / 940.2, 6);
});
