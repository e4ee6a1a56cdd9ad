import { bhpAt, rpmAt, tapRow, tapRpm } from './rpmFigures';
import { flowAtStatic } from './fanCurve';
import { tableFaults } from './blowerTable';
import type { BlowerTable } from './tableShape';
import { EXAMPLE_D_FIGURES, EXAMPLE_D_TABLE } from '../../../fixtures/exampleD';

const flow = (table: BlowerTable, tap: string, staticInWc: number) => {
  const row = tapRow(table, tap);
  const read = row && flowAtStatic(table, row, staticInWc);
  return read?.kind === 'flow' ? read.flowCfm : undefined;
};

test('any RPM between the figures has a row, and the row gives back the manufacturer’s figures', () => {
  for (const [i, flowCfm] of EXAMPLE_D_FIGURES.flowsCfm.entries()) {
    for (const [j, staticInWc] of EXAMPLE_D_TABLE.staticsInWc.entries()) {
      const rpm = EXAMPLE_D_FIGURES.rpm[i]![j];
      if (typeof rpm === 'number') expect(flow(EXAMPLE_D_TABLE, String(rpm), staticInWc)).toBeCloseTo(flowCfm, 6);
    }
  }
});

test('the present point of example D: 2,540 CFM at 0.52 on 823 RPM, within the rounding of the table', () => {
  expect(flow(EXAMPLE_D_TABLE, '822.6', 0.52)).toBeGreaterThan(2520);
  expect(flow(EXAMPLE_D_TABLE, '822.6', 0.52)).toBeLessThan(2560);
  expect(rpmAt(EXAMPLE_D_TABLE, 2540, 0.52)).toBeCloseTo(823, -1);
  expect(bhpAt(EXAMPLE_D_TABLE, 2400, 0.6)).toBe(EXAMPLE_D_FIGURES.bhp[2]![2]);
});

test('nothing is said outside the figures or beside a blank', () => {
  expect(rpmAt(EXAMPLE_D_TABLE, 1700, 0.5)).toBeUndefined();
  expect(rpmAt(EXAMPLE_D_TABLE, 2500, 1.3)).toBeUndefined();
  expect(tapRow(EXAMPLE_D_TABLE, '2000')).toBeUndefined();
  expect(tapRow(EXAMPLE_D_TABLE, 'high')).toBeUndefined();
  const holed = {
    ...EXAMPLE_D_FIGURES,
    bhp: EXAMPLE_D_FIGURES.bhp.map((row, i) => (i === 2 ? row.map(() => null) : row)),
  };
  expect(bhpAt({ ...EXAMPLE_D_TABLE, byRpm: holed }, 2350, 0.5)).toBeUndefined();
});

test('a table of rows by RPM is read between its rows, never past them; taps are no RPMs', () => {
  const rows: BlowerTable = {
    staticsInWc: [0.2, 0.4],
    taps: [
      { tap: '700', flowsCfm: [2000, 1800] },
      { tap: '800', flowsCfm: [2400, null] },
    ],
  };
  expect(tapRow(rows, '750')?.flowsCfm).toEqual([2200, null]);
  expect(tapRow(rows, '850')).toBeUndefined();
  expect(tapRow(rows, '650')).toBeUndefined();
  expect(tapRpm(rows, '750')).toBe(750);
  const taps: BlowerTable = {
    staticsInWc: [0.2, 0.4],
    taps: [
      { tap: '1', flowsCfm: [900, 800] },
      { tap: '3', flowsCfm: [1100, 1000] },
    ],
  };
  expect(tapRow(taps, '2')).toBeUndefined();
  expect(tapRpm(taps, '1')).toBeUndefined();
});

test.each([
  ['one airflow', { flowsCfm: [1], rpm: [[1, 1]], bhp: [[1, 1]] }, 'at least two airflows'],
  [
    'falling airflows',
    {
      flowsCfm: [2, 1],
      rpm: [
        [1, 1],
        [1, 1],
      ],
      bhp: [
        [1, 1],
        [1, 1],
      ],
    },
    'must rise',
  ],
  [
    'a missing cell',
    {
      flowsCfm: [1, 2],
      rpm: [[1], [1, 1]],
      bhp: [
        [1, 1],
        [1, 1],
      ],
    },
    'for each static',
  ],
  [
    'an RPM of 0',
    {
      flowsCfm: [1, 2],
      rpm: [
        [0, 1],
        [1, 1],
      ],
      bhp: [
        [1, 1],
        [1, 1],
      ],
    },
    'above 0',
  ],
  [
    'RPM falling with static',
    {
      flowsCfm: [1, 2],
      rpm: [
        [900, 800],
        [1000, 1100],
      ],
      bhp: [
        [1, 1],
        [1, 1],
      ],
    },
    'RPM falls',
  ],
])('%s is named', (_name, byRpm, says) => {
  const faults = tableFaults({ staticsInWc: [0.2, 0.4], taps: [{ tap: '800', flowsCfm: [2, 1] }], byRpm });
  expect(faults.map((f) => f.message).join()).toContain(says);
});
