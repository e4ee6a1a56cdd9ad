import { logHead, readLogCsv, type LogColumns } from './readLogCsv';

const NOW = Date.parse('2026-05-12T12:00:00Z');
const COLUMNS: LogColumns = { time: 'Time', channel: 'Probe', value: 'Reading', unit: 'Unit' };
const HEAD = 'Time,Probe,Reading,Unit';
const read = (rows: readonly string[], head = HEAD, columns = COLUMNS) =>
  readLogCsv([head, ...rows].join('\n'), columns, NOW);

describe('the head of a log', () => {
  test('says itself which column is which, where it can', () => {
    expect(logHead(`${HEAD}\n1,R2,-0.3,in. w.c.`)!.guess).toEqual(COLUMNS);
    const german = logHead('Zeit;Kanal;Wert;Einheit\n1;R2;-0,3;Pa')!;
    expect(german.heads).toEqual(['Zeit', 'Kanal', 'Wert', 'Einheit']);
    expect(german.guess).toEqual({});
  });
  test.each(['', 'a,b,c\n1,2,3', HEAD, '{"time":1}'])('%j is no log', (text) => {
    expect(logHead(text)).toBeUndefined();
  });
});

describe('the values of a log', () => {
  test('each channel by itself, in the unit of its channel, in the order of time', () => {
    const { series, faults, isClock } = read([
      '2026-05-12T10:00:01Z,R2,-75,Pa',
      '2026-05-12T10:00:00Z,R2,-74,Pa',
      '2026-05-12T10:00:00Z,Supply,12.5,°C',
    ]);
    expect(faults).toEqual([]);
    expect(isClock).toBe(true);
    expect(series.map(({ name, channels }) => [name, channels[0]])).toEqual([
      ['R2', 'static'],
      ['Supply', 'dryBulb'],
    ]);
    expect(series[0]!.samples.map(({ value }) => Number(value.toFixed(3)))).toEqual([-0.297, -0.301]);
    expect(series[1]!.samples[0]!.value).toBeCloseTo(54.5, 6);
  });
  test('seconds since it began, a clock without a day past midnight, and milliseconds since 1970', () => {
    const secondsOf = (times: readonly string[]) => {
      const { series, isClock } = read(times.map((time) => `${time},R2,0.3,inwc`));
      const [first] = series[0]!.samples;
      return { isClock, seconds: series[0]!.samples.map(({ atMs }) => (atMs - first!.atMs) / 1000) };
    };
    expect(secondsOf(['0', '0.5', '1'])).toEqual({ isClock: false, seconds: [0, 0.5, 1] });
    expect(secondsOf(['23:59:58', '23:59:59', '00:00:00'])).toEqual({ isClock: false, seconds: [0, 1, 2] });
    expect(secondsOf(['1778580000000', '1778580001000'])).toEqual({ isClock: true, seconds: [0, 1] });
  });
  test('semicolons and a comma as the decimal mark', () => {
    const { series } = read(['1;R2;−0,30;in. w.c.'], HEAD.replaceAll(',', ';'));
    expect(series[0]!.samples).toEqual([{ atMs: 1000, value: -0.3 }]);
  });
  test.each([
    ['soon,R2,0.3,inwc', '“soon” is not a time.'],
    ['2026-05-13T10:00:00Z,R2,0.3,inwc', '2026-05-13T10:00:00Z is in the future.'],
    ['1,,0.3,inwc', 'The channel is blank.'],
    ['1,R2,0.3,furlongs', '“furlongs” is not a unit Huff knows.'],
    ['1,R2,NaN,inwc', '“NaN” is not a number.'],
    ['1,R2,1e999,inwc', '“1e999” is not a number.'],
    ['1,R2,31,inwc', 'Static pressure 31 is outside -10 to 10.'],
    ['1', 'The channel is blank.'],
    ['2,R2,75,°F', 'R2 has two kinds of units.'],
  ])('a row that says nothing is left out: %s', (row, message) => {
    const { series, faults, leftOut } = read(['0,R2,0.3,inwc', row, '3,R2,0.31,inwc']);
    expect(faults).toEqual([{ line: 3, message }]);
    expect(leftOut).toBe(1);
    expect(series[0]!.samples.map(({ value }) => value)).toEqual([0.3, 0.31]);
  });
  test('a file of other things gives no series, and says why of its first rows only', () => {
    const { series, faults, leftOut } = read(Array.from({ length: 40 }, () => 'a,b,c,d'));
    expect(series).toEqual([]);
    expect(leftOut).toBe(40);
    expect(faults).toHaveLength(5);
  });
  test('columns that the file does not have leave all its rows out', () => {
    expect(read(['1,R2,0.3,inwc'], 'A,B,C,D').leftOut).toBe(1);
  });
});
