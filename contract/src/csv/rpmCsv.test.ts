import { SI_MEASURES, withMeasures } from '@huff/core';
import { readBlowerTableCsv, writeBlowerTableCsv } from '.';

const belt = 'table,RT 90\ntons,7.5\nCFM,0.4,0.8\n2100,698/0.63,841/0.89\n2700,814 / 0.81,939\n3300,938 0.99,\n';
const read = (text: string) => {
  const result = readBlowerTableCsv(text);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.table;
};
const faults = (text: string) => {
  const result = readBlowerTableCsv(text);
  return result.ok ? [] : result.faults;
};

describe('a belt-driven unit: RPM and BHP by airflow and static', () => {
  test('cells, blanks and a motor that goes without saying', () => {
    const { name, motor, tons, figures } = read(belt);
    expect({ name, motor, tons }).toEqual({ name: 'RT 90', motor: 'beltDrive', tons: 7.5 });
    expect(figures.byRpm).toEqual({
      flowsCfm: [2100, 2700, 3300],
      rpm: [
        [698, 841],
        [814, 939],
        [938, null],
      ],
      bhp: [
        [0.63, 0.89],
        [0.81, null],
        [0.99, null],
      ],
    });
    expect(figures.taps.length).toBeGreaterThan(1);
    for (const row of figures.taps) expect(Number(row.tap) % 25).toBe(0);
  });

  test('written out it reads back the same', () => {
    const table = read(belt);
    const text = writeBlowerTableCsv({ name: 'RT 90', motor: 'beltDrive', tons: 7.5, ...table.figures });
    expect(read(text)).toEqual(table);
    const metric = withMeasures(SI_MEASURES, () =>
      writeBlowerTableCsv({ name: 'RT 90', motor: 'beltDrive', tons: 7.5, ...table.figures }),
    );
    expect(metric).toContain('units,Pa,L/s');
    expect(read(metric)).toEqual(table);
  });

  test.each([
    ['a word in a cell', belt.replace('698/0.63', 'fast'), { line: 4, column: 'B', found: 'fast' }, 'as 823/1.21'],
    ['an RPM out of range', belt.replace('698/0.63', '9/0.63'), { line: 4, column: 'B' }, 'RPM is between'],
    ['a row without its airflow', belt.replace('\n2700,', '\nmany,'), { line: 5, column: 'A' }, 'with its airflow'],
  ])('%s is named with its place', (_, text, place, says) => {
    expect(faults(text)[0]).toMatchObject({ ...place, message: expect.stringContaining(says) });
  });

  test('RPM that falls as the static rises is named', () => {
    expect(faults(belt.replace('841/0.89', '600/0.89'))[0]?.message).toContain('RPM falls');
  });
});

describe('watts beside a tap', () => {
  const text = 'table,AH\nmotor,psc\ntap,0.1,0.2\nlow,700,650\nlow watts,180,190\nhigh,900,860\nhigh W,260,\n';
  test('a row of watts belongs to its tap', () => {
    expect(read(text).figures.taps).toEqual([
      { tap: 'low', flowsCfm: [700, 650], watts: [180, 190] },
      { tap: 'high', flowsCfm: [900, 860], watts: [260, null] },
    ]);
  });
  test('written out it reads back the same', () => {
    const { figures } = read(text);
    expect(read(writeBlowerTableCsv({ name: 'AH', motor: 'psc', ...figures })).figures).toEqual(figures);
  });
});
