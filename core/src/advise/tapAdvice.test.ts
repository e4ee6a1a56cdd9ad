import fc from 'fast-check';
import { tapAdvice } from '.';
import { EXAMPLE_A_TABLE, EXAMPLE_A_UNIT } from '../examples/exampleA';
import { DEFAULT_RULES, judge, type UnitFacts } from '../judge';
import type { PressureReading } from '../readings';

const asItRuns = { door: 'on', filter: 'in', coil: 'wet' } as const;
const advise = (tespInWc: number, facts: Partial<UnitFacts> = {}) => {
  const readings: PressureReading[] = [
    { id: 'r', port: 'R2', staticInWc: -tespInWc / 2, conditions: asItRuns },
    { id: 's', port: 'S1', staticInWc: tespInWc / 2, conditions: asItRuns },
  ];
  return tapAdvice(judge({ ...EXAMPLE_A_UNIT, ...facts }, readings, DEFAULT_RULES), DEFAULT_RULES);
};

describe('tapAdvice', () => {
  test('moves up when a higher tap lands in the band under the plate', () => {
    // tap 3 at 0.25 moves 1,067; tap 4 then 1,181 at 0.306
    const advice = advise(0.25);
    expect(advice).toMatchObject({ kind: 'change', tap: '4', headline: 'Move to tap 4' });
    expect(advice.reason).toContain('1,181 CFM at 0.31');
  });

  test('stays where the air is right', () => {
    expect(advise(0.3, { tap: '4' })).toMatchObject({ kind: 'keep', tap: '4' });
  });

  test('moves down when there is too much air', () => {
    expect(advise(0.4, { tap: '5', tons: 2.5 })).toMatchObject({ kind: 'change', tap: '2' });
  });

  test('restriction first when only static above the plate could bring the air', () => {
    expect(advise(0.58)).toMatchObject({ kind: 'restrictionFirst' });
    expect(advise(0.58).tap).toBeUndefined();
  });

  test('restriction first when the air is right but pushed past the plate', () => {
    expect(advise(0.62, { tap: '5' })).toMatchObject({ kind: 'restrictionFirst' });
  });

  test('restriction first past the end of the table', () => {
    expect(advise(0.75, { tap: '1' })).toMatchObject({ kind: 'restrictionFirst', outcomes: [] });
  });

  test('says when even the slowest tap moves too much', () => {
    expect(advise(0.3, { tap: '1', tons: 1.5 })).toMatchObject({ kind: 'noTapSlowEnough', tap: '1' });
  });

  test('does not guess below the lowest static of the table', () => {
    expect(advise(0.12, { tap: '5', tons: 2.5 })).toMatchObject({
      kind: 'cantSay',
      headline: 'Too much air, and the slower taps are off the table',
    });
  });

  test('says when even the fastest tap moves too little on open ducts', () => {
    expect(advise(0.2, { tap: '5', tons: 5 })).toMatchObject({ kind: 'noTapFastEnough', tap: '5' });
  });

  test('names the nearer of two taps that miss the band on either side', () => {
    const table = {
      ...EXAMPLE_A_TABLE,
      taps: [EXAMPLE_A_TABLE.taps[0]!, { tap: '9', flowsCfm: [1700, 1690, 1680, 1670, 1660, 1650, 1640, 1630] }],
    };
    expect(advise(0.11, { tap: '1', table })).toMatchObject({ kind: 'betweenTaps', tap: '1' });
  });

  test('waits for what is missing', () => {
    expect(advise(0.3, { tons: undefined })).toMatchObject({ kind: 'cantSay', headline: 'No advice yet' });
  });

  test('a tap that is advised always lands in the band and under the maximum', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 0.8, noNaN: true }),
        fc.constantFrom('1', '2', '3', '4', '5'),
        fc.double({ min: 1.5, max: 4, noNaN: true }),
        (tesp, tap, tons) => {
          const advice = advise(tesp, { tap, tons });
          expect(`${advice.headline} ${advice.reason}`).not.toMatch(/NaN|Infinity|undefined/);
          if (advice.kind !== 'keep' && advice.kind !== 'change') return;
          const { operation } = advice.outcomes.find((o) => o.tap === advice.tap)!;
          if (operation.kind !== 'crossing') throw new Error('advised a tap off the table');
          expect(Math.abs(operation.flowCfm - tons * 400)).toBeLessThanOrEqual(tons * 40 + 1e-6);
          expect(operation.tespInWc).toBeLessThanOrEqual(0.5 + 1e-6);
        },
      ),
    );
  });
});
