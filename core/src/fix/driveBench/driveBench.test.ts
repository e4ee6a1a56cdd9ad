import { EXAMPLE_D_DRIVE, EXAMPLE_D_GOAL, EXAMPLE_D_SYSTEM } from '../../../fixtures/exampleD';
import { beltOf, readBeltMark } from '../../air/drive';
import { ruleText, turnsText } from '../../base/words';
import { operate } from '../../air/operate';
import { resistanceFromPoint } from '../../air/path';
import type { System } from '../../air/system';
import { chooseBelt, fitBelt } from './beltChoice';
import { clearedSystem } from './cleared';
import { driveOptions } from './driveOptions';
import { driveSolutions } from './driveSolutions';
import { NO_PARTS, type DriveParts } from './parts';

const withDrive = (change: Partial<typeof EXAMPLE_D_DRIVE>): System => ({
  ...EXAMPLE_D_SYSTEM,
  drive: { ...EXAMPLE_D_DRIVE, ...change },
});
const solve = (system: System, parts: DriveParts = NO_PARTS) => driveSolutions(system, EXAMPLE_D_GOAL, parts);

describe('example D brought to 3,000 CFM', () => {
  const { now, solutions, reasons } = solve(EXAMPLE_D_SYSTEM);
  test('the drive as found', () => {
    expect(now?.option.rank).toBe('asFound');
    expect(now?.prediction.airflow).toBe('outside');
    expect(now?.option.fit.centresIn).toBeCloseTo(16.46, 2);
  });
  test('turning the fitted sheave does it: the belt stays, the base comes closer', () => {
    expect(reasons).toEqual([]);
    expect(solutions[0]!.option.rank).toBe('turn');
    expect(solutions[0]!.option.drive.turnsOpen).toBe(0.5);
    expect(solutions[0]!.option.ratioRpm).toBeCloseTo(922.4, 1);
    expect(solutions[0]!.option.fit.centresIn).toBeCloseTo(16.16, 2);
    expect(solutions[0]!.words).toBe('motor sheave ½ turn open, belt A48 stays, base 5/16 in. closer');
    expect(solutions[0]!.tension.deflectionIn).toBeCloseTo(0.25, 2);
  });
  test('every check names its limit, and the motor is checked for the cleared path too', () => {
    const ids = solutions[0]!.checks.map((check) => check.id);
    expect(ids).toEqual(expect.arrayContaining(['rpm', 'motor', 'belt', 'wrap', 'beltSpeed']));
    expect(solutions[0]!.checks.find((check) => check.id === 'overload')?.sentence).toContain('At most 8.5 A');
    const low = solve({ ...EXAMPLE_D_SYSTEM, motor: { ...EXAMPLE_D_SYSTEM.motor, volts: 205 } });
    expect(low.solutions[0]!.checks.find((check) => check.id === 'volts')).toMatchObject({
      word: 'outside',
      sentence: expect.stringContaining('12 % more'),
    });
    expect(ids).not.toContain('legVolts');
    const legs = { legVolts: [226, 229, 233], legAmps: [3, 4.6, 4.7] } as const;
    const uneven = solve({ ...EXAMPLE_D_SYSTEM, motor: { ...EXAMPLE_D_SYSTEM.motor, ...legs } }).solutions[0]!.checks;
    expect(uneven.find((check) => check.id === 'legVolts')).toMatchObject({
      word: 'inside',
      sentence: '1.6 % apart. Up to 2 %: good.',
    });
    expect(uneven.find((check) => check.id === 'legAmps')).toMatchObject({ word: 'atTheEdge' });
    const lost = solve({ ...EXAMPLE_D_SYSTEM, motor: { ...EXAMPLE_D_SYSTEM.motor, legVolts: [180, 229, 233] } });
    expect(lost.reasons[0]).toMatch(/^Volts of the legs: 15\.\d % apart\. Over 5 %: stop the motor/);
    expect(uneven.find((check) => check.id === 'volts')?.sentence).not.toContain('Measure all three');
    for (const check of solutions[0]!.checks) {
      expect(check.sentence).toMatch(/\.$/);
      expect(check.sentence).not.toMatch(/NaN|undefined|Infinity/);
    }
  });
});

describe('what cannot be done is an answer', () => {
  test('no belt fits the base', () => {
    const { solutions, reasons } = solve(withDrive({ leastCentresIn: 16.41, mostCentresIn: 16.42, beltMark: 'A60' }));
    expect(solutions).toEqual([]);
    expect(reasons.join()).toMatch(/base travels from 16.41 to 16.42|No setting lands|installed sheaves give/);
    const none = solve(withDrive({ leastCentresIn: 3, mostCentresIn: 4 }));
    expect(none.reasons.join()).toContain(
      'No belt fits: the base travels from 3.00 to 4.00 in., and belt A48 is tight at 16.46',
    );
  });
  test('figures that contradict each other are doubted first', () => {
    const apart = solve(withDrive({ leastCentresIn: 4, mostCentresIn: 6 }));
    expect(apart.reasons[0]).toContain('belt A48 is tight at 16.46 in., outside the 4.00 to 6.00 in. of the base');
    expect(solve(withDrive({ beltMark: 'A12' })).reasons[0]).toContain('is too short for these sheaves');
  });
  test('the blower may not turn that fast', () => {
    const { solutions, reasons } = solve(withDrive({ mostBlowerRpm: 850 }));
    expect(solutions).toEqual([]);
    expect(reasons.join()).toContain('more than the 850 RPM maximum');
  });
  test('the fitted sheave ends first', () => {
    const small = { kind: 'adjustable', leastPitchIn: 2.4, mostPitchIn: 3.3, turns: 5, grooves: 1 } as const;
    const { solutions, reasons } = solve(withDrive({ motorSheave: small, turnsOpen: 0 }));
    expect(solutions).toEqual([]);
    expect(reasons.join()).toContain('The installed sheaves give 598 to 823 RPM');
  });
  test('a mark that is none, and no drive at all', () => {
    expect(solve(withDrive({ beltMark: 'old one' })).reasons.join()).toContain('“old one” is not a belt size');
    expect(solve({ ...EXAMPLE_D_SYSTEM, drive: undefined }).reasons.join()).toContain('Enter the sheaves');
  });
  test('a motor over its nameplate already, and a slipping belt, are said first', () => {
    const over = solve({ ...EXAMPLE_D_SYSTEM, motor: { ...EXAMPLE_D_SYSTEM.motor, plateAmps: 3.5, serviceFactor: 1 } });
    expect(over.reasons.join()).toContain('over its nameplate already: 4.6 A of 3.5');
    expect(over.solutions.every((s) => s.option.rank === 'largerMotor' && s.needsHp !== undefined)).toBe(true);
    expect(solve(withDrive({ measuredRpm: 780 })).reasons[0]).toContain('slips 5 %');
  });
});

describe('parts', () => {
  const parts: DriveParts = {
    usualBeltCost: 25,
    belts: [
      { mark: 'A50', onTruck: true, cost: 18 },
      { mark: 'B50', onTruck: true, cost: 18 },
    ],
    sheaves: [
      {
        id: 's1',
        name: '3.7 fixed',
        fits: 'motor',
        sheave: { kind: 'fixed', pitchIn: 3.7, grooves: 1 },
        onTruck: true,
        cost: 20,
      },
      {
        id: 's2',
        name: '6.2 blower',
        fits: 'blower',
        sheave: { kind: 'fixed', pitchIn: 6.2, grooves: 1 },
        onTruck: false,
        cost: 60,
      },
    ],
  };
  test('ranked: turn, then truck sheave, then bought', () => {
    const ranks = solve(EXAMPLE_D_SYSTEM, parts).solutions.map((s) => s.option.rank);
    expect(ranks).toEqual(
      [...ranks].sort(
        (a, b) =>
          ['turn', 'belt', 'truckSheave', 'bought'].indexOf(a) - ['turn', 'belt', 'truckSheave', 'bought'].indexOf(b),
      ),
    );
    expect(ranks).toEqual(expect.arrayContaining(['turn', 'truckSheave', 'bought']));
  });
  test('one sheave is changed at a time', () => {
    expect(driveOptions(EXAMPLE_D_DRIVE, parts).every((option) => option.newSheaves.length <= 1)).toBe(true);
  });
  test('a belt on the truck goes before one to buy, and its size must be right', () => {
    const tight = chooseBelt(beltOf('A', 48), [3.7, 7], { leastCentresIn: 16.5, mostCentresIn: 19 }, parts);
    expect(tight).toMatchObject({ from: 'truck', belt: { mark: 'A50' } });
    const bought = chooseBelt(beltOf('A', 48), [3.7, 7], { leastCentresIn: 18, mostCentresIn: 21 }, parts);
    expect(bought).toMatchObject({ from: 'bought', belt: { section: 'A' } });
  });
  test('of standard belts the one with most room both ways', () => {
    const fit = chooseBelt(beltOf('A', 30), [3.3, 7], { leastCentresIn: 16, mostCentresIn: 18 }, NO_PARTS)!;
    expect(fit.roomIn).toBeGreaterThan(0.5);
    expect(fit.takeUpIn).toBeGreaterThan(0.5);
  });
  test('a two-groove drive takes two-groove sheaves only', () => {
    const two = { ...EXAMPLE_D_DRIVE, motorSheave: { ...EXAMPLE_D_DRIVE.motorSheave, grooves: 2 } };
    expect(driveOptions(two, parts).some((o) => o.newSheaves.some((p) => p.id === 's1'))).toBe(false);
  });
  test('a belt with little room is at the edge', () => {
    expect(fitBelt(readBeltMark('A48')!, [3.3, 7], { leastCentresIn: 16.4, mostCentresIn: 18 })?.roomy).toBe(false);
    expect(fitBelt(readBeltMark('A48')!, [3.3, 7], { leastCentresIn: 17, mostCentresIn: 18 })).toBeUndefined();
  });
});

test('a cleared path moves more air: what takes more than budget cut to it', () => {
  const choked: System = {
    ...EXAMPLE_D_SYSTEM,
    path: [{ stages: ['returnDuct'], side: 'return', resistance: resistanceFromPoint(0.5, 2540, 2) }],
  };
  const cleared = clearedSystem(choked, EXAMPLE_D_GOAL);
  const [before, after] = [operate(choked), operate(cleared)];
  expect(after.kind === 'crossing' && before.kind === 'crossing' ? after.flowCfm - before.flowCfm : 1).toBeGreaterThan(
    0,
  );
  expect(clearedSystem(EXAMPLE_D_SYSTEM, EXAMPLE_D_GOAL)).toBe(EXAMPLE_D_SYSTEM);
});

test('lengths and turns as they are said', () => {
  expect([0.3, -0.3125, 1.5, 0.01, 2].map(ruleText)).toEqual(['5/16 in.', '5/16 in.', '1 1/2 in.', '0 in.', '2 in.']);
  expect([0, 0.5, 2.5, 3].map(turnsText)).toEqual(['0', '½', '2½', '3']);
});
