/// <reference types="node" />
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { BELT_SECTIONS } from './beltSection';
import { alignmentIn, beltPitchLengthIn, beltSpeedFpm, centresIn, deflectionIn, spanIn, wrapDeg } from './beltGeometry';
import { ampsAtLoad, beltPowerFactor, loadAtAmps, noLoadShare } from './beltMotor';
import { beltHp, deflectionLb, leastMotorSheaveIn } from './beltPower';
import { beltOf, readBeltMark } from './belt';
import { beltSlip, blowerRpm, fanLaws } from './fanLaws';
import { driveState } from './beltDrive';
import { imbalancePercent, meanOf } from './imbalance';
import { mostAmps, motorSizeFor, overloadDialAmps, runningMicrofarads } from './electrical';
import { pitchAt, settingsOf, turnsFor } from './sheave';
import { standardBelts } from './soldBelts';
import { EXAMPLE_D_DRIVE } from '../../../fixtures/exampleD';

const { motorSheave } = EXAMPLE_D_DRIVE;
if (motorSheave.kind !== 'adjustable') throw new Error('The example’s sheave is adjustable.');

describe('worked example D', () => {
  test('RPM by pitch diameters', () => {
    expect(pitchAt(motorSheave, 2.5)).toBeCloseTo(3.3, 9);
    expect(blowerRpm(1745, 3.3, 7)).toBeCloseTo(822.6, 1);
  });
  test('the belt and its centers', () => {
    expect(beltPitchLengthIn(16.5, 7, 3.3)).toBeCloseTo(49.39, 2);
    expect(readBeltMark('A48')?.pitchIn).toBeCloseTo(49.3, 9);
    expect(centresIn(49.3, 7, 3.3)).toBeCloseTo(16.46, 2);
    expect(driveState(EXAMPLE_D_DRIVE)).toMatchObject({ motorPitchIn: expect.closeTo(3.3, 9), slip: undefined });
  });
  test('12 % more air', () => {
    const rpm = 1.12 * blowerRpm(1745, 3.3, 7);
    expect(rpm).toBeCloseTo(921.4, 1);
    const pitch = (rpm * 7) / 1745;
    expect(pitch).toBeCloseTo(3.696, 3);
    expect(turnsFor(motorSheave, pitch)).toBeCloseTo(0.52, 2);
    expect(fanLaws(1.12).power).toBeCloseTo(1.405, 3);
    expect(centresIn(49.3, 7, pitch)).toBeCloseTo(16.16, 2);
  });
});

describe('published figures', () => {
  // Shigley, Mechanical Engineering Design: sheaves 7.4 and 18 in. at 37 in. give a pitch length of 114.7 in.
  test('belt length', () => expect(beltPitchLengthIn(37, 18, 7.4)).toBeCloseTo(114.66, 1));
  // The fan laws' own example in the handbooks: 10 % more speed is 21 % more static and 33 % more power.
  test('fan laws', () => {
    expect(fanLaws(1.1).static).toBeCloseTo(1.21, 9);
    expect(fanLaws(1.1).power).toBeCloseTo(1.331, 9);
  });
  test('belt speed of a 6 in. sheave at 1,750 RPM is 2,749 fpm', () =>
    expect(beltSpeedFpm(6, 1750)).toBeCloseTo(2749, 0));
  test('wrap, span, deflection, alignment of example D', () => {
    expect(wrapDeg(16.46, 7, 3.3)).toBeCloseTo(167.1, 1);
    expect(spanIn(16.46, 7, 3.3)).toBeCloseTo(16.36, 2);
    expect(deflectionIn(16.36)).toBeCloseTo(0.256, 3);
    expect(alignmentIn(12)).toBeCloseTo(0.1, 9);
  });
});

describe('worked example E', () => {
  test('imbalance', () => {
    expect(meanOf([226, 229, 233])).toBeCloseTo(229.3, 1);
    expect(imbalancePercent([226, 229, 233])).toBeCloseTo(1.6, 2);
    expect(meanOf([8.4, 8.9, 9.3])).toBeCloseTo(8.87, 2);
    expect(imbalancePercent([8.4, 8.9, 9.3])).toBeCloseTo(5.26, 2);
  });
  test('overload dial', () => {
    expect(overloadDialAmps(9.6, 1.15)).toBeCloseTo(12, 9);
    expect(overloadDialAmps(9.6, 1)).toBeCloseTo(11.04, 9);
    expect(mostAmps(6.8, 1.15)).toBeCloseTo(7.82, 9);
  });
  test('capacitor, slip, motor size', () => {
    expect(runningMicrofarads(4.2, 370)).toBeCloseTo(30.1, 1);
    expect(beltSlip(790, 822.6)).toBeCloseTo(0.04, 2);
    expect([0.9, 1.7, 3].map(motorSizeFor)).toEqual([1, 2, 3]);
    expect(motorSizeFor(99)).toBeUndefined();
  });
});

describe('marks on belts', () => {
  test.each([
    ['A48', 'A', 48, 49.3, 50],
    ['ax 48', 'AX', 48, 49.3, 50],
    ['B60', 'B', 60, 61.8, 63],
    ['BX-60', 'BX', 60, 61.8, 63],
    ['4L500', 'A', 48, 49.3, 50],
    ['5L630', 'B', 60, 61.8, 63],
  ])('%s', (mark, section, inside, pitch, outside) => {
    const belt = readBeltMark(mark)!;
    expect(belt.section).toBe(section);
    expect([belt.insideIn, belt.pitchIn, belt.outsideIn].map((v) => Number(v.toFixed(2)))).toEqual([
      inside,
      pitch,
      outside,
    ]);
  });
  test.each(['', 'C60', '48', 'A', '3L400', 'A4800'])('“%s” is none', (mark) =>
    expect(readBeltMark(mark)).toBeUndefined(),
  );

  test('the list in the code is the CSV file', () => {
    const lines = readFileSync(join(__dirname, '../../../data/standard-belts.csv'), 'utf8').trim().split('\n').slice(1);
    const listed = BELT_SECTIONS.flatMap((section) => standardBelts(section)).map(
      (belt) => `${belt.section},${belt.insideIn},${Number(belt.pitchIn.toFixed(1))}`,
    );
    expect(lines.map((text) => text.replace(/\.0$/, ''))).toEqual(listed);
  });
});

describe('what holds for every drive', () => {
  const pitch = fc.double({ min: 2, max: 20, noNaN: true });
  test('centers give back the length', () =>
    fc.assert(
      fc.property(pitch, pitch, fc.double({ min: 0.1, max: 60, noNaN: true }), (one, other, apart) => {
        const [large, small] = [Math.max(one, other), Math.min(one, other)];
        const centres = (large + small) / 2 + apart;
        expect(centresIn(beltPitchLengthIn(centres, large, small), large, small)).toBeCloseTo(centres, 6);
      }),
    ));
  test('a longer belt stands further apart', () => {
    const at = standardBelts('A').map((belt) => centresIn(belt.pitchIn, 7, 3.3));
    const found = at.filter((c) => c !== undefined);
    expect(found.length).toBeGreaterThan(60);
    expect([...found].sort((a, b) => a - b)).toEqual(found);
  });
  test('a belt too short for its sheaves has no centers', () =>
    expect(centresIn(beltOf('A', 20).pitchIn, 12, 8)).toBeUndefined());
  test('settings are half turns inside the range, and past it is refused', () => {
    expect(settingsOf(motorSheave)).toEqual([0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5]);
    expect(() => pitchAt(motorSheave, 5.5)).toThrow('turns from 0 to 5');
    expect(() => pitchAt(motorSheave, -0.5)).toThrow('ride above the rim');
    expect(settingsOf({ kind: 'fixed', pitchIn: 4, grooves: 1 })).toEqual([0]);
  });
});

describe('what a belt carries', () => {
  test('the published ratings at their own points, with all of the wrap', () => {
    expect(beltHp('A', 3.8, 2000, 180)).toBeCloseTo(1.55, 9);
    expect(beltHp('B', 5.4, 3000, 180)).toBeCloseTo(3.24, 9);
    expect(beltHp('A', 3.8, 1500, 180)).toBeCloseTo((0.93 + 1.55) / 2, 9);
  });
  test('less wrap and smaller sheaves carry less, a notched belt more, nothing at a standstill', () => {
    expect(beltHp('A', 3.4, 1500, 120)).toBeCloseTo(0.83 * beltHp('A', 3.4, 1500, 180), 9);
    expect(beltHp('A', 2, 1500, 170)).toBeLessThan(beltHp('A', 2.6, 1500, 170));
    expect(beltHp('AX', 3.4, 1500, 170)).toBeCloseTo(1.3 * beltHp('A', 3.4, 1500, 170), 9);
    expect(beltHp('A', 3.4, 0, 170)).toBe(0);
  });
  test('the least motor sheave by power, and the force of tension', () => {
    expect([0.5, 1, 2, 5, 7.5, 20].map(leastMotorSheaveIn)).toEqual([2.2, 2.2, 2.4, 3, 3.8, 4.4]);
    expect(deflectionLb('A', 3.3)).toEqual({ runIn: 2, asNew: 3 });
    expect(deflectionLb('BX', 7)).toEqual({ runIn: 4, asNew: 6 });
  });
  test('example D: a 2 hp motor on one A48 at 3.30 in.', () => {
    const { motorPitchIn } = driveState(EXAMPLE_D_DRIVE);
    expect(motorPitchIn).toBeGreaterThan(leastMotorSheaveIn(2));
    // About 0.8 hp is asked there.
    expect(beltHp('A', motorPitchIn, beltSpeedFpm(motorPitchIn, 1745), 166)).toBeGreaterThan(0.85);
  });
});

describe('a belt drive’s motor by its amps', () => {
  test('load and amps lead back to each other; under the no-load amps there is no load', () => {
    for (const load of [0.1, 0.4, 0.8, 1.1])
      expect(loadAtAmps(ampsAtLoad(load, 6.8, 2), 6.8, noLoadShare(2))).toBeCloseTo(load, 9);
    expect(loadAtAmps(3, 6.8, 0.5)).toBe(0);
    expect(ampsAtLoad(1, 6.8, 2)).toBeCloseTo(6.8, 9);
  });
  test('no-load share and power factor by size and load', () => {
    expect([0.5, 1, 1.5, 2, 5, 10].map(noLoadShare)).toEqual([0.6, 0.6, 0.55, 0.5, 0.4, 0.4]);
    expect([0.3, 0.4, 0.6, 1].map(beltPowerFactor)).toEqual([
      0.45,
      0.45,
      expect.closeTo(0.65, 9),
      expect.closeTo(0.8, 9),
    ]);
  });
});
