import fc from 'fast-check';
import { crossingOf } from '../operate';
import { resistanceFromPoint } from '../path';
import { AS_FOUND, USUAL_RANGE, usualCurveFault, usualSlope, withSecondPoint, type UsualCurve } from './usualCurve';
import { fanRuns, fanSpeeds, flowAt, hasSpeed, speedSigma, staticAt, type Fan } from './fan';
import { MOTOR_KINDS, type MotorKind } from './motorKind';

const anchored = (more: Partial<UsualCurve> = {}): UsualCurve => ({
  anchorFlowCfm: 1000,
  anchorStaticInWc: 0.5,
  tap: AS_FOUND,
  cfmPerTon: 400,
  ...more,
});
const fan = (motor: MotorKind, usual = anchored(), tap = usual.tap): Fan => ({ motor, usual, tap });
const on = (of: Fan, drop: number, flow: number, n = 2) =>
  crossingOf(of.tap, fanRuns(of), [resistanceFromPoint(drop, flow, n)]);

test.each(MOTOR_KINDS)('%s: the curve goes through its anchor and falls', (motor) => {
  const one = fan(motor);
  expect(flowAt(one, 0.5)).toBeCloseTo(1000, 0);
  expect(staticAt(one, flowAt(one, 0.35)!)).toBeCloseTo(0.35, 6);
  const [{ flowsCfm, staticsInWc }] = fanRuns(one) as [ReturnType<typeof fanRuns>[number]];
  flowsCfm.slice(1).forEach((flow, i) => expect(flow).toBeLessThanOrEqual(flowsCfm[i]!));
  expect(staticsInWc.at(-1)).toBeLessThanOrEqual(USUAL_RANGE[motor].high + 1e-9);
});

test('the slopes by motor kind: PSC 0.50 at 0.5 in. w.c., constant torque 0.27 at 400 per ton, belt 0.50', () => {
  expect(usualSlope('psc', anchored())).toBeCloseTo(0.5, 2);
  expect(usualSlope('constantTorque', anchored())).toBeCloseTo(0.27, 3);
  expect(usualSlope('constantTorque', anchored({ cfmPerTon: 300 }))).toBeCloseTo(0.27 * (4 / 3) ** 2, 3);
  expect(usualSlope('beltDrive', anchored())).toBeCloseTo(0.5, 3);
  expect(usualSlope('constantAirflow', anchored())).toBeCloseTo(0.02, 3);
});

test('on one resistance times c: Q/Q₁ = √[(1 + 2mP₁)/(1 + 2mP₁c)]', () => {
  for (const c of [0.55, 0.8, 1.2]) {
    const found = on(fan('constantTorque'), 0.5 * c, 1000);
    const expected = 1000 * Math.sqrt((1 + 0.27) / (1 + 0.27 * c));
    expect(found.kind === 'crossing' && found.flowCfm).toBeCloseTo(expected, 0);
  }
});

test('the next tap: about ×1.15 at the same static, ×1.10 on the same path', () => {
  const up = fan('psc', anchored(), 'one up');
  expect(flowAt(up, 0.5)! / 1000).toBeCloseTo(1.15, 3);
  const found = on(up, 0.5, 1000);
  expect(found.kind === 'crossing' && found.flowCfm / 1000).toBeCloseTo(1.1, 2);
  const torque = on(fan('constantTorque', anchored(), 'one up'), 0.5, 1000);
  expect(torque.kind === 'crossing' && torque.flowCfm / 1000).toBeCloseTo(1.11, 2);
});

test('a belt drive goes by RPM ratios, exactly', () => {
  const found = on(fan('beltDrive', anchored({ tap: '800' }), '880'), 0.5, 1000);
  expect(found.kind === 'crossing' && [found.flowCfm, found.tespInWc]).toEqual([
    expect.closeTo(1100, 0),
    expect.closeTo(0.605, 3),
  ]);
  expect(hasSpeed(fan('beltDrive', anchored({ tap: '800' })), '2000')).toBe(false);
});

test('a constant-airflow motor holds, then gives up', () => {
  const one = fan('constantAirflow');
  expect(flowAt(one, 0.2)! / 1000).toBeCloseTo(1.006, 2);
  expect(flowAt(one, 0.95)! / flowAt(one, 0.8)!).toBeLessThan(0.93);
});

test('speeds bear names of their own, each once, with how unsure the step is', () => {
  for (const motor of MOTOR_KINDS) {
    const speeds = fanSpeeds(fan(motor));
    expect(new Set(speeds).size).toBe(speeds.length);
    expect(speeds).toContain(AS_FOUND);
  }
  expect(fanSpeeds(fan('psc', anchored({ tap: 'one up' })))).toEqual(['one down', 'one up', 'two up']);
  expect(speedSigma(fan('psc'), 'one up')).toBe(0.04);
  expect(speedSigma(fan('psc'), AS_FOUND)).toBe(0);
});

test('an anchor outside the range has an answer with its reason', () => {
  expect(usualCurveFault({ flowCfm: 800, staticInWc: 2.4 })).toContain('Lower the static first');
  expect(usualCurveFault({ flowCfm: 800, staticInWc: 0.02 })).toContain('why static is so low');
  expect(usualCurveFault({ flowCfm: 0, staticInWc: 0.5 })).toContain('above 0');
  expect(usualCurveFault({ flowCfm: 800, staticInWc: 1.4 })).toBeUndefined();
  expect(flowAt(fan('psc'), 0.9)).toBeUndefined();
});

test.each(MOTOR_KINDS)('%s: above the usual statics the curve is followed down from its anchor', (motor) => {
  const high = fan(motor, anchored({ anchorFlowCfm: 800, anchorStaticInWc: 1.4 }));
  expect(flowAt(high, 1.4)).toBeCloseTo(800, 6);
  const lower = [1.3, 1.1, 0.9, 0.6, 0.3].map((p) => flowAt(high, p)!);
  lower.forEach((flow, i) => expect(flow).toBeGreaterThan([800, ...lower][i]!));
  expect(flowAt(high, 1.6)).toBeUndefined();
});

describe('a second point', () => {
  test('puts the slope right by its weight, and makes it surer', () => {
    const first = anchored({ tap: '3' });
    // A really steeper fan: m of 0.8 between 0.5 and 0.4.
    const ratio = Math.sqrt(1 + 2 * 0.8 * 0.1);
    const second = withSecondPoint('psc', first, ratio, 0.4)!;
    const m = usualSlope('psc', second);
    expect(m).toBeGreaterThan(0.5);
    expect(m).toBeLessThan(0.8);
    expect(second.slopeSigma).toBeLessThan(0.3);
  });
  test('that lies too near says nothing; one that moves more air at more static contradicts', () => {
    const first = anchored();
    expect(withSecondPoint('psc', first, 1.01, 0.49)).toBe(first);
    expect(withSecondPoint('psc', first, 1.2, 0.7)).toBeUndefined();
  });
});

test('more resistance never raises airflow, on typical curves with lags too', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...MOTOR_KINDS),
      fc.double({ min: 0.15, max: 0.75, noNaN: true }),
      fc.double({ min: 200, max: 550, noNaN: true }),
      fc.double({ min: 0.8, max: 1, noNaN: true }),
      fc.constantFrom(1.3, 1.8, 2),
      (motor, anchorStaticInWc, cfmPerTon, factor, n) => {
        const usual = anchored({ anchorStaticInWc, cfmPerTon });
        const one: Fan = { ...fan(motor, usual), lags: [{ cause: 'wheel', acts: 'speed', factor }] };
        const flows = [0.6, 0.8, 1, 1.2, 1.5].flatMap((c) => {
          const found = on(one, anchorStaticInWc * c, 1000, n);
          return found.kind === 'crossing' ? [found.flowCfm] : [];
        });
        flows.slice(1).forEach((flow, i) => expect(flow).toBeLessThanOrEqual(flows[i]! + 1e-6));
      },
    ),
  );
});
