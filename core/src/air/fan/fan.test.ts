import { flowAtStatic } from './fanCurve';
import { tableFaults } from './blowerTable';
import type { BlowerTable } from './tableShape';

const gappy: BlowerTable = {
  staticsInWc: [0.1, 0.25, 0.5, 0.6, 0.9],
  taps: [
    { tap: 'low', flowsCfm: [null, 800, 700, null, null] },
    { tap: 'mid', flowsCfm: [1000, 900, null, 700, 600] },
    { tap: 'one', flowsCfm: [null, null, 500, null, null] },
  ],
};
const read = (tap: number, p: number) => flowAtStatic(gappy, gappy.taps[tap]!, p);

describe('flowAtStatic', () => {
  test('interpolates between filled cells, and gives the cell itself at its static', () => {
    expect(read(0, 0.375)).toEqual({ kind: 'flow', tap: 'low', flowCfm: 750 });
    expect(read(0, 0.25)).toMatchObject({ flowCfm: 800 });
    expect(read(0, 0.5)).toMatchObject({ flowCfm: 700 });
    expect(read(2, 0.5)).toMatchObject({ flowCfm: 500 });
  });

  test('never goes past either end, and names the edge', () => {
    expect(read(0, 0.2)).toMatchObject({
      kind: 'offTable',
      side: 'belowTable',
      edgeStaticInWc: 0.25,
      edgeFlowCfm: 800,
    });
    expect(read(0, 0.51)).toMatchObject({
      kind: 'offTable',
      side: 'aboveTable',
      edgeStaticInWc: 0.5,
      edgeFlowCfm: 700,
    });
  });

  test('never bridges a blank cell', () => {
    expect(read(1, 0.5)).toMatchObject({ kind: 'offTable', side: 'blankCell', edgeStaticInWc: 0.25, edgeFlowCfm: 900 });
    expect(read(1, 0.59)).toMatchObject({ kind: 'offTable', side: 'blankCell' });
    expect(read(1, 0.75)).toMatchObject({ kind: 'flow', flowCfm: 650 });
  });
});

describe('tableFaults', () => {
  const with_ = (change: Partial<BlowerTable>) => tableFaults({ ...gappy, ...change }).map((f) => f.code);

  test('a sound table has none; level flow is sound', () => {
    expect(tableFaults(gappy)).toEqual([]);
    expect(with_({ staticsInWc: [0.1, 0.2], taps: [{ tap: 'a', flowsCfm: [900, 900] }] })).toEqual([]);
  });

  test.each<[string, Partial<BlowerTable>, string]>([
    ['one static', { staticsInWc: [0.1], taps: [{ tap: 'a', flowsCfm: [900] }] }, 'noStatics'],
    ['no tap', { taps: [] }, 'noTaps'],
    ['falling statics', { staticsInWc: [0.2, 0.1], taps: [{ tap: 'a', flowsCfm: [1, 1] }] }, 'staticsNotRising'],
    ['a tap twice', { taps: [gappy.taps[0]!, gappy.taps[0]!] }, 'duplicateTap'],
    ['a short row', { taps: [{ tap: 'a', flowsCfm: [900] }] }, 'rowLength'],
    ['rising flow', { staticsInWc: [0.1, 0.2], taps: [{ tap: 'a', flowsCfm: [900, 910] }] }, 'risingFlow'],
    ['a flow of zero', { staticsInWc: [0.1, 0.2], taps: [{ tap: 'a', flowsCfm: [900, 0] }] }, 'badFlow'],
    ['a blank row', { staticsInWc: [0.1, 0.2], taps: [{ tap: 'a', flowsCfm: [null, null] }] }, 'emptyRow'],
  ])('%s', (_, change, code) => expect(with_(change)).toContain(code));

  test('rising flow is seen across a blank, and both cells are named', () => {
    const [fault] = tableFaults({ staticsInWc: [0.1, 0.2, 0.3], taps: [{ tap: '2', flowsCfm: [900, null, 1208] }] });
    expect(fault).toMatchObject({ tapIndex: 0, staticIndex: 2 });
    expect(fault?.message).toBe(
      'Tap 2: 1,208 CFM at 0.30 is more than 900 at 0.10. Airflow falls as static rises: check these two cells.',
    );
  });
});
