import fc from 'fast-check';
import { EXAMPLE_A_TABLE, EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { look, SOUND_FAN, traverseOf } from '../../../fixtures/exampleLooks';
import { DEFAULT_RULES, type UnitFacts } from '../../judge/verdicts';
import type { PressureReading } from '../../air/readings';
import { assessVisit } from '../../visit/assess';
import type { Fact } from '../../call/facts';

const asItRuns = { door: 'on', filter: 'in', coil: 'wet' } as const;
const assess = (tespInWc: number, facts: Partial<UnitFacts> = {}, more: readonly Fact[] = SOUND_FAN) => {
  const readings: PressureReading[] = [
    { id: 'r', port: 'R2', staticInWc: -tespInWc / 2, conditions: asItRuns },
    { id: 's', port: 'S1', staticInWc: tespInWc / 2, conditions: asItRuns },
  ];
  return assessVisit({ unit: { ...EXAMPLE_A_UNIT, ...facts }, mode: 'cooling', readings, facts: more }, DEFAULT_RULES);
};
const advise = (tespInWc: number, facts: Partial<UnitFacts> = {}, more: readonly Fact[] = SOUND_FAN) =>
  assess(tespInWc, facts, more).advice;

describe('advice on a fan that was looked over', () => {
  test('moves up when a higher tap lands in the band under the nameplate', () => {
    // tap 3 at 0.25 moves 1,067; tap 4 then 1,181 at 0.306
    const advice = advise(0.25);
    expect(advice).toMatchObject({ kind: 'change', tap: '4', headline: 'Change to tap 4' });
    expect(advice.reason).toContain('1,181 CFM at 0.31');
  });

  test('stays where the air is right', () => {
    expect(advise(0.3, { tap: '4' })).toMatchObject({ kind: 'keep', tap: '4' });
  });

  test('moves down when there is too much air, and a second method says so too', () => {
    const tooMuch = { tap: '5', tons: 2.5 };
    // 1,294 CFM by the table; a traverse that meets it.
    expect(advise(0.4, tooMuch, [...SOUND_FAN, traverseOf(770)])).toMatchObject({ kind: 'change' });
    expect(advise(0.4, tooMuch)).toMatchObject({
      kind: 'confirmFirst',
      headline: expect.stringContaining('Confirm airflow'),
    });
    expect(advise(0.4, tooMuch).reason).toContain('RPM, amps or a second method');
  });

  test('what was seen is mended before any speed is chosen', () => {
    const { kind, reason, tap } = advise(0.4, { tap: '5', tons: 2.5 }, [look('filter', 'loaded')]);
    expect([kind, tap]).toEqual(['mendFirst', undefined]);
    expect(reason).toContain('Clean or new filter');
  });

  test('no speed is advised on an airflow that is too unsure', () => {
    // Nobody looked, and the static is little for its air.
    const { advice, airflow, noSlower } = assess(0.18, { tap: '5', tons: 2.5 }, []);
    expect(airflow.word).toBe('cantSay');
    expect(advice.kind).toBe('cantSay');
    expect(noSlower).toContain('the fan is in doubt');
  });

  test('restriction first when only static above the nameplate could bring the air', () => {
    expect(advise(0.58)).toMatchObject({ kind: 'restrictionFirst' });
    expect(advise(0.58).tap).toBeUndefined();
  });

  test('restriction first when the air is right but pushed past the nameplate', () => {
    // 1,220 CFM at 0.62: the path itself asks 0.49 at the foot of the band, a slower speed would do.
    expect(advise(0.62, { tap: '5' })).toMatchObject({ kind: 'confirmFirst' });
    expect(advise(0.7, { tap: '5' })).toMatchObject({ kind: 'restrictionFirst' });
    // Over the plate by less than the reading's error it is left alone.
    expect(advise(0.53, { tap: '4', tons: 2.8 })).toMatchObject({ kind: 'keep', tap: '4' });
  });

  test('restriction first past the end of the table', () => {
    expect(advise(0.75, { tap: '1' })).toMatchObject({ kind: 'restrictionFirst' });
    expect(advise(0.75, { tap: '1', tons: undefined }).kind).toBe('restrictionFirst');
  });

  test('says when even the slowest tap moves too much', () => {
    expect(advise(0.3, { tap: '1', tons: 1.5 })).toMatchObject({ kind: 'noTapSlowEnough', tap: '1' });
  });

  test('does not guess below the lowest static of the table', () => {
    // The low static was looked into: duct and filter are as they should be.
    const checked = [...SOUND_FAN, look('ducts', 'whole'), look('filter', 'clean')];
    expect(advise(0.12, { tap: '5', tons: 2.5 }, checked)).toMatchObject({
      kind: 'cantSay',
      headline: 'Too much air, and slower speeds are off their curve',
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
    expect(advise(0.3, { tons: undefined })).toMatchObject({
      kind: 'cantSay',
      reason: expect.stringContaining('Missing: tons'),
    });
  });

  test('a tap that is advised always lands in the band and under the maximum and its error', () => {
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
          expect(operation.tespInWc).toBeLessThanOrEqual(0.545 + 1e-5);
        },
      ),
    );
  });
});
