import { driveState } from '../../air/drive';
import { EXAMPLE_D_DRIVE } from '../../../fixtures/exampleD';
import { beltDriveFaults, beltDriveInputs, beltDriveOf } from './beltDriveForm';
import { motorPlateOf } from './motorPlateForm';
import { speedsOf } from './speedsForm';

const typed = beltDriveInputs(EXAMPLE_D_DRIVE);

test('a belt’s mark alone is kept, and nothing is worked out of it', () => {
  const alone = { sheave: 'adjustable', beltMark: 'A42' };
  expect(beltDriveFaults(alone)).toEqual([]);
  expect(beltDriveOf(alone)).toBeUndefined();
  expect(beltDriveFaults({ ...alone, beltMark: 'nonsense' })).toMatchObject([{ field: 'beltMark' }]);
  // Begun with one dimension, it wants the others.
  expect(beltDriveFaults({ ...alone, blowerPitchIn: 7 }).length).toBeGreaterThan(2);
});

describe('a belt drive', () => {
  test('goes through its form unchanged, adjustable or fixed', () => {
    expect(beltDriveOf(typed)).toEqual({ ...EXAMPLE_D_DRIVE, measuredRpm: undefined });
    const fixed = {
      ...EXAMPLE_D_DRIVE,
      motorSheave: { kind: 'fixed', pitchIn: 3.5, grooves: 1 } as const,
      turnsOpen: 0,
      measuredRpm: 870,
    };
    expect(beltDriveOf(beltDriveInputs(fixed))).toEqual(fixed);
    expect(driveState(beltDriveOf(typed)!).ratioRpm).toBeCloseTo(822.6, 1);
  });
  test('motor RPM and grooves are taken when nothing is typed', () => {
    const { motorRpm, grooves, ...rest } = typed;
    expect([motorRpm, grooves]).toEqual([1745, 1]);
    expect(beltDriveOf(rest)).toMatchObject({ motorRpm: 1750, motorSheave: { grooves: 1 } });
  });
  test.each([
    [{ ...typed, turnsOpen: 5.5 }, 'turnsOpen', '0 to 5'],
    [{ ...typed, mostPitchIn: 2.5 }, 'mostPitchIn', 'larger than open'],
    [{ ...typed, mostCentresIn: 15 }, 'mostCentresIn', 'more than the shortest'],
    [{ ...typed, beltMark: 'Z9' }, 'beltMark', 'A48, AX48'],
    [{ ...typed, beltMark: '' }, 'beltMark', 'type it'],
    [{ ...typed, grooves: 3 }, 'grooves', 'between 1 and 2'],
    [{ ...typed, blowerPitchIn: 'big' }, 'blowerPitchIn', 'must be a number'],
  ])('%#: what is wrong is named, and no drive is made of it', (raw, field, says) => {
    expect(beltDriveFaults(raw)[0]).toMatchObject({ field, message: expect.stringContaining(says) });
    expect(beltDriveOf(raw)).toBeUndefined();
  });
});

test('a motor nameplate: what is known of it, and its phases', () => {
  expect(motorPlateOf({ plateAmps: 6.8, serviceFactor: 1.15, phases: 'three' })).toMatchObject({
    plateAmps: 6.8,
    serviceFactor: 1.15,
    phases: 3,
  });
  expect(motorPlateOf({})).toMatchObject({ phases: 1 });
  expect(motorPlateOf({ plateAmps: 0 })).toBeUndefined();
});

describe('other speeds', () => {
  test('heating needs its output or its least airflow to be judged', () => {
    expect(speedsOf({ heatTap: '2' })).toEqual({ heating: undefined, lowStage: undefined });
    expect(speedsOf({ heatTap: '2', heatOutputBtuH: 40_000 }, { min: 30, max: 60 }).heating).toEqual({
      tap: '2',
      outputBtuH: 40_000,
      leastCfm: undefined,
      riseMinF: 30,
      riseMaxF: 60,
    });
  });
  test('a low stage wants seven tenths unless it is said', () => {
    expect(speedsOf({ lowTap: '1' }).lowStage).toEqual({ tap: '1', share: 0.7 });
    expect(speedsOf({ lowTap: '1', lowSharePercent: 60 }).lowStage).toEqual({ tap: '1', share: 0.6 });
    expect(speedsOf({ lowSharePercent: 5 })).toEqual({});
  });
});
