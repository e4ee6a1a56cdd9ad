import { assess, noTable, plate, read } from '../../../fixtures/exampleVisit';
import { look } from '../../../fixtures/exampleLooks';
import { MOTOR_KINDS } from '../../air/fan';
import { operate } from '../../air/operate';
import { EXAMPLE_A_READINGS } from '../../../fixtures/exampleA';
import { requestOf } from '../../../fixtures/contradictions';
import { predict } from '../../fix/model';

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
  test('a static above the usual ones is followed down, and trusted less', () => {
    const found = assess({ unit: noTable, readings: [read('R2', -0.6), read('S1', 0.5)], facts: [plate(700)] });
    expect(found.model!.notes[0]).toMatch(/above the typical curves.*about ± 50 %/);
    const { system, goal } = requestOf(found)!;
    const halved = {
      ...system,
      path: system.path.map((section) => ({
        ...section,
        resistance: { ...section.resistance, coefficient: section.resistance.coefficient / 2 },
      })),
    };
    const now = predict(system, goal).operation;
    const then = predict(halved, goal).operation;
    expect([now.kind, then.kind]).toEqual(['crossing', 'crossing']);
    if (now.kind !== 'crossing' || then.kind !== 'crossing') return;
    expect(now.flowCfm).toBeCloseTo(700, 0);
    expect(then.flowCfm).toBeGreaterThan(750);
    expect(then.tespInWc).toBeLessThan(0.9);
  });
  test('a static that no running system has is an answer with its reason', () => {
    const found = assess({ unit: noTable, readings: [read('R2', -1.2), read('S1', 1.1)], facts: [plate(700)] });
    expect(found.model).toBeUndefined();
    expect(found.noModel).toContain('Lower the static first');
  });
  test('hardly any static and a quarter of the air: no curve passes there, and that is said', () => {
    const unit = { layout: 'packaged', motor: 'beltDrive', tons: 7.5, maxTespInWc: 0.8 } as const;
    const { model, noModel } = assess({
      unit,
      readings: [read('R1', -0.039), read('S1', 0.015)],
      facts: [plate(739)],
    });
    expect(model).toBeUndefined();
    expect(noModel).toMatch(/^No typical curve passes through 739 CFM at 0\.05/);
  });
  test('a wheel that puts the clean curve out of its range is named with the reason', () => {
    const readings = [read('R2', -0.8), read('S1', 0.8)];
    const { model, noModel } = assess({ unit: noTable, readings, facts: [look('wheel', 'caked'), plate(900)] });
    expect(model).toBeUndefined();
    expect(noModel).toMatch(/^With a caked blower wheel excluded: At 2\./);
  });
  test('the unit’s own proven point speaks where no book does', () => {
    const unit = { ...noTable, tap: 'high' };
    const found = assess({ unit, proven: { flowCfm: 1000, tespInWc: 0.5, tap: 'high' } });
    expect(found.flow!.counted).toEqual(['provenPoint']);
    expect(found.flow!.flowCfm).toBeLessThan(1000);
    expect(assess({ unit, proven: { flowCfm: 1000, tespInWc: 0.5, tap: 'low' } }).flow!.usualOnly).toBe(true);
  });
  test.each(MOTOR_KINDS.flatMap((motor) => ['wheel', 'coilFace'].map((item) => [motor, item] as const)))(
    '%s, %s in a bad way: the model moves the air that counts at the static that was read',
    (motor, item) => {
      const state = item === 'wheel' ? 'caked' : 'matted';
      const { model, judgement, flow } = assess({
        unit: { ...noTable, motor },
        readings: [read('R2', -0.2), read('S1', 0.2)],
        facts: [look(item, state), plate(900)],
      });
      const now = operate(model!.system);
      expect(now).toMatchObject({ kind: 'crossing', flowCfm: expect.closeTo(flow!.flowCfm, 3) });
      expect(now.kind === 'crossing' && now.tespInWc).toBeCloseTo(judgement.tespInWc!, 6);
    },
  );
});
