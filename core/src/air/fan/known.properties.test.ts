import { EXAMPLE_A_TABLE } from '../../../fixtures/exampleA';
import { flowAt, type Fan } from './fan';
import { usualSlope, withSecondPoint, type UsualCurve } from './usualCurve';

const fan = (table: Fan['table'], tap: string): Fan => ({ motor: 'constantTorque', table, tap });

test('more of a table never changes a figure inside what was typed of it', () => {
  const { staticsInWc, taps } = EXAMPLE_A_TABLE;
  let compared = 0;
  for (const { tap, flowsCfm } of taps)
    for (let from = 0; from + 1 < staticsInWc.length; from += 1)
      for (let to = from + 1; to < staticsInWc.length; to += 1) {
        const cells = flowsCfm.slice(from, to + 1);
        if (cells.includes(null)) continue;
        const part = { staticsInWc: staticsInWc.slice(from, to + 1), taps: [{ tap, flowsCfm: cells }], part: true };
        for (const share of [0, 0.13, 0.5, 0.77, 1]) {
          const at = staticsInWc[from]! + share * (staticsInWc[to]! - staticsInWc[from]!);
          expect(flowAt(fan(part, tap), at)).toBe(flowAt(fan(EXAMPLE_A_TABLE, tap), at));
          compared += 1;
        }
        // Outside of what was typed it says nothing.
        expect(flowAt(fan(part, tap), staticsInWc[to]! + 0.02)).toBeUndefined();
      }
  expect(compared).toBeGreaterThan(400);
});

test('a second state never widens what is known of the slope', () => {
  let narrowed = 0;
  for (const motor of ['psc', 'constantTorque', 'beltDrive'] as const)
    for (const anchorStaticInWc of [0.3, 0.5, 0.7])
      for (const change of [-0.25, -0.1, -0.03, 0.05, 0.2])
        for (const off of [0.4, 0.8, 1, 1.3, 2]) {
          const first: UsualCurve = { anchorFlowCfm: 1000, anchorStaticInWc, tap: '3', cfmPerTon: 380 };
          const before = usualSlope(motor, first);
          const ratio = Math.sqrt(Math.max(0.1, 1 - 2 * off * before * change));
          const second = withSecondPoint(motor, first, ratio, anchorStaticInWc + change);
          if (!second) continue;
          const spread = usualSlope(motor, second) * (second.slopeSigma ?? 0.3);
          expect(spread).toBeLessThanOrEqual(before * 0.3 * (1 + 1e-6));
          if (spread < before * 0.29) narrowed += 1;
        }
  expect(narrowed).toBeGreaterThan(100);
});
