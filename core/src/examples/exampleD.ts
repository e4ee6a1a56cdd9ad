import type { BeltDrive } from '../drive';
import { roundRpmRows, type BlowerTable, type RpmFigures } from '../fan';
import { DEFAULT_RULES, targetOf } from '../judge';
import type { Goal } from '../model';
import { DUCT_EXPONENT, resistanceFromPoint } from '../path';
import type { System } from '../system';

/** A made-up 7.5-ton belt-driven unit: blower RPM and BHP by airflow and static. */
export const EXAMPLE_D_FIGURES: RpmFigures = {
  flowsCfm: [1800, 2100, 2400, 2700, 3000, 3300, 3600],
  rpm: [
    [null, 645, 726, 798, 864, 926],
    [614, 698, 773, 841, 904, 963],
    [678, 755, 824, 889, 949, 1005],
    [743, 814, 879, 939, 996, 1050],
    [810, 875, 936, 993, 1047, 1098],
    [877, 938, 995, 1049, 1100, null],
    [946, 1003, 1056, 1107, null, null],
  ],
  bhp: [
    [null, 0.38, 0.5, 0.61, 0.72, 0.84],
    [0.38, 0.51, 0.64, 0.78, 0.91, 1.04],
    [0.52, 0.67, 0.82, 0.97, 1.12, 1.28],
    [0.7, 0.87, 1.04, 1.21, 1.38, 1.55],
    [0.91, 1.1, 1.29, 1.48, 1.67, 1.85],
    [1.17, 1.38, 1.58, 1.79, 2, null],
    [1.47, 1.7, 1.93, 2.15, null, null],
  ],
};

const staticsInWc = [0.2, 0.4, 0.6, 0.8, 1.0, 1.2];

export const EXAMPLE_D_TABLE: BlowerTable = {
  staticsInWc,
  taps: roundRpmRows({ staticsInWc }, EXAMPLE_D_FIGURES, 100),
  byRpm: EXAMPLE_D_FIGURES,
};

/** Worked example D: an adjustable motor sheave at 2½ turns, belt A48. */
export const EXAMPLE_D_DRIVE: BeltDrive = {
  motorRpm: 1745,
  motorSheave: { kind: 'adjustable', leastPitchIn: 2.8, mostPitchIn: 3.8, turns: 5, grooves: 1 },
  turnsOpen: 2.5,
  blowerSheave: { kind: 'fixed', pitchIn: 7, grooves: 1 },
  beltMark: 'A48',
  leastCentresIn: 15,
  mostCentresIn: 17.5,
  mostBlowerRpm: 1050,
};

/** 2,540 CFM at 0.52 in. w.c. on 822.6 RPM; the target is 3,000. */
export const EXAMPLE_D_SYSTEM: System = {
  layout: 'packaged',
  path: [
    { stages: ['returnDuct'], side: 'return', resistance: resistanceFromPoint(0.2, 2540, DUCT_EXPONENT) },
    { stages: ['supplyDuct'], side: 'supply', resistance: resistanceFromPoint(0.32, 2540, DUCT_EXPONENT) },
  ],
  fan: { motor: 'beltDrive', table: EXAMPLE_D_TABLE, tap: '822.6' },
  drive: EXAMPLE_D_DRIVE,
  motor: { ratedHp: 2, plateVolts: 230, plateAmps: 6.8, serviceFactor: 1.15, phases: 3, volts: 229, amps: 4.6 },
};

export const EXAMPLE_D_GOAL: Goal = {
  target: targetOf(7.5, DEFAULT_RULES),
  maxTesp: { value: 0.8, source: 'nameplate' },
  rules: DEFAULT_RULES,
};
