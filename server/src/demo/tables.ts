import { roundRpmRows } from '@huff/core';
import type { BlowerTableDto } from '@huff/contract';
import { demoId } from './ids';

const RT_90_STATICS = [0.2, 0.4, 0.6, 0.8, 1, 1.2];

/** RPM and brake horsepower by airflow and static of a made-up 7.5-ton rooftop unit. */
const RT_90 = {
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

/** Made-up blower tables: the figures of no manufacturer. */
export const DEMO_TABLES: BlowerTableDto[] = [
  {
    id: demoId('table', 1),
    name: 'AH 36, constant torque',
    motor: 'constantTorque',
    tons: 3,
    staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8],
    taps: [
      {
        tap: '1',
        flowsCfm: [905, 862, 818, 770, 721, 668, null, null],
        watts: [145, 165, 180, 190, 200, 205, null, null],
      },
      {
        tap: '2',
        flowsCfm: [1010, 972, 934, 893, 850, 806, 758, null],
        watts: [165, 185, 205, 225, 235, 250, 255, null],
      },
      {
        tap: '3',
        flowsCfm: [1120, 1085, 1049, 1012, 973, 932, 889, 843],
        watts: [180, 205, 230, 250, 270, 285, 300, 310],
      },
      {
        tap: '4',
        flowsCfm: [1248, 1216, 1183, 1149, 1113, 1076, 1037, 995],
        watts: [200, 230, 260, 285, 310, 330, 350, 365],
      },
      {
        tap: '5',
        flowsCfm: [1385, 1356, 1326, 1294, 1261, 1227, 1191, 1153],
        watts: [225, 260, 290, 325, 350, 380, 400, 425],
      },
    ],
  },
  {
    id: demoId('table', 2),
    name: 'Furnace 80-30, PSC',
    motor: 'psc',
    tons: 2.5,
    staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8],
    taps: [
      { tap: 'low', flowsCfm: [820, 805, 785, 760, 725, null, null, null] },
      { tap: 'med-low', flowsCfm: [945, 930, 905, 875, 840, 795, null, null] },
      { tap: 'med-high', flowsCfm: [1080, 1055, 1025, 990, 950, 900, 845, null] },
      { tap: 'high', flowsCfm: [1210, 1175, 1135, 1090, 1040, 985, 920, 845] },
    ],
  },
  {
    id: demoId('table', 3),
    name: 'AH 24, PSC three-speed',
    motor: 'psc',
    tons: 2,
    staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6],
    taps: [
      { tap: 'low', flowsCfm: [650, 640, 620, 590, null, null] },
      { tap: 'med', flowsCfm: [800, 780, 755, 720, 675, null] },
      { tap: 'high', flowsCfm: [930, 900, 865, 825, 775, 715] },
    ],
  },
  {
    id: demoId('table', 4),
    name: 'Packaged 60, constant airflow',
    motor: 'constantAirflow',
    tons: 5,
    staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9],
    taps: [
      { tap: 'D', flowsCfm: [1525, 1525, 1525, 1520, 1520, 1515, 1510, 1500, 1480] },
      { tap: 'C', flowsCfm: [1700, 1700, 1700, 1695, 1695, 1690, 1680, 1660, 1620] },
      { tap: 'B', flowsCfm: [1880, 1880, 1880, 1875, 1870, 1860, 1850, 1820, 1760] },
      { tap: 'A', flowsCfm: [2050, 2050, 2045, 2040, 2035, 2030, 2000, 1930, null] },
    ],
  },
  {
    id: demoId('table', 5),
    name: 'MA 40, belt drive by RPM',
    motor: 'beltDrive',
    tons: null,
    staticsInWc: [0.2, 0.4, 0.6, 0.8, 1],
    taps: [
      { tap: '700', flowsCfm: [4350, 3700, 2900, null, null] },
      { tap: '800', flowsCfm: [5150, 4600, 3950, 3150, null] },
      { tap: '900', flowsCfm: [5900, 5450, 4900, 4250, 3400] },
    ],
  },
  {
    id: demoId('table', 6),
    name: 'RT 90, belt drive by RPM',
    motor: 'beltDrive',
    tons: 7.5,
    staticsInWc: RT_90_STATICS,
    taps: roundRpmRows({ staticsInWc: RT_90_STATICS }, RT_90, 75).map(({ tap, flowsCfm }) => ({
      tap,
      flowsCfm: [...flowsCfm],
    })),
    byRpm: RT_90,
  },
];
