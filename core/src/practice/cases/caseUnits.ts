import { roundRpmRows, type BlowerTable, type MotorKind, type RpmFigures } from '../../air/fan';

/** The blower of a practice unit: made up, of no manufacturer. */
export interface CaseBlower {
  readonly name: string;
  readonly tons: number;
  readonly maxTespInWc: number;
  readonly table: BlowerTable;
  /** The speed it was set up on. */
  readonly tap: string;
  /** Its belt drive, as the form of a belt drive has it. */
  readonly drive?: Readonly<Record<string, number | string>>;
}

const statics = (to: number) =>
  Array.from({ length: Math.round(to * 10) }, (_, i) => Number(((i + 1) / 10).toFixed(1)));

/** A PSC row falls slowly at first, faster later. */
const pscRow = (tap: string, most: number) => ({
  tap,
  flowsCfm: statics(0.8).map((p) => Math.round(most * (1 - 0.05 * p - 0.38 * p * p))),
});
/** A constant-torque row falls evenly and less. */
const torqueRow = (tap: string, most: number) => ({
  tap,
  flowsCfm: statics(0.9).map((p) => Math.round(most * (1 - 0.2 * p - 0.13 * p * p))),
});
/** A constant-airflow row stays level to its limit, then falls. */
const heldRow = (tap: string, asked: number) => ({
  tap,
  flowsCfm: statics(1).map((p) => Math.round(asked * (1 - 0.01 * p - Math.max(0, p - 0.8) * 0.4))),
});

const BELT_FIGURES: RpmFigures = {
  flowsCfm: [2000, 2300, 2600, 2900, 3200, 3500],
  rpm: [
    [590, 676, 752, 821, 884, 942],
    [648, 727, 798, 863, 923, 979],
    [708, 781, 847, 908, 965, 1018],
    [770, 838, 900, 957, 1011, 1062],
    [834, 897, 955, 1009, 1060, 1109],
    [899, 958, 1013, 1064, 1112, null],
  ],
  bhp: [
    [0.36, 0.49, 0.61, 0.74, 0.87, 1],
    [0.48, 0.62, 0.76, 0.91, 1.06, 1.21],
    [0.63, 0.79, 0.95, 1.11, 1.28, 1.45],
    [0.81, 0.99, 1.17, 1.35, 1.53, 1.71],
    [1.03, 1.22, 1.41, 1.6, 1.79, 1.98],
    [1.29, 1.49, 1.69, 1.89, 2.09, null],
  ],
};
const BELT_STATICS = [0.2, 0.4, 0.6, 0.8, 1, 1.2];

export const CASE_BLOWERS: Readonly<Record<MotorKind, CaseBlower>> = {
  psc: {
    name: 'Practice 36 PSC',
    tons: 3,
    maxTespInWc: 0.5,
    table: {
      staticsInWc: statics(0.8),
      taps: [pscRow('T1', 960), pscRow('T2', 1130), pscRow('T3', 1310), pscRow('T4', 1480)],
    },
    tap: 'T3',
  },
  constantTorque: {
    name: 'Practice 36 CT',
    tons: 3,
    maxTespInWc: 0.5,
    table: {
      staticsInWc: statics(0.9),
      taps: [
        torqueRow('1', 900),
        torqueRow('2', 1060),
        torqueRow('3', 1230),
        torqueRow('4', 1390),
        torqueRow('5', 1540),
      ],
    },
    tap: '4',
  },
  constantAirflow: {
    name: 'Practice 36 CA',
    tons: 3,
    maxTespInWc: 0.5,
    table: { staticsInWc: statics(1), taps: [heldRow('C', 1020), heldRow('B', 1210), heldRow('A', 1390)] },
    tap: 'B',
  },
  beltDrive: {
    name: 'Practice 75 belt',
    tons: 7.5,
    maxTespInWc: 0.8,
    table: {
      staticsInWc: BELT_STATICS,
      taps: roundRpmRows({ staticsInWc: BELT_STATICS }, BELT_FIGURES, 100),
      byRpm: BELT_FIGURES,
    },
    // 1745 RPM × 3.5 in. ÷ 6.4 in.
    tap: '954.3',
    drive: {
      motorRpm: 1745,
      sheave: 'adjustable',
      leastPitchIn: 2.8,
      mostPitchIn: 3.8,
      turns: 5,
      turnsOpen: 1.5,
      grooves: 1,
      blowerPitchIn: 6.4,
      beltMark: 'A47',
      leastCentresIn: 14.4,
      mostCentresIn: 17,
      mostBlowerRpm: 1100,
    },
  },
};
