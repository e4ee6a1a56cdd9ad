import { SI_MEASURES, US_MEASURES, withMeasures } from '@huff/core';
import fc from 'fast-check';
import { readBlowerTableCsv, writeBlowerTableCsv } from '.';

const good = 'table,Wren 24\nmotor,psc\ntons,2\ntap,0.10,0.20,0.30\nlow,700,650,\nhigh,900,860,810\n';
const figures = {
  staticsInWc: [0.1, 0.2, 0.3],
  taps: [
    { tap: 'low', flowsCfm: [700, 650, null] },
    { tap: 'high', flowsCfm: [900, 860, 810] },
  ],
};
const read = (text: string) => {
  const result = readBlowerTableCsv(text);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.table;
};
const faults = (text: string) => {
  const result = readBlowerTableCsv(text);
  return result.ok ? [] : result.faults;
};

describe('reading', () => {
  test('the plain form, with what it says about itself', () => {
    expect(read(good)).toEqual({ name: 'Wren 24', motor: 'psc', tons: 2, figures });
  });

  test.each([
    ['a byte-order mark and Windows line ends', `\ufeff${good.replace(/\n/g, '\r\n')}`],
    ['semicolons and decimal commas', good.replaceAll(',', ';').replaceAll('.', ',')],
    ['tabs', good.replaceAll(',', '\t')],
    ['taps across, statics down', 'static,low,high\n0.10,700,900\n0.20,650,860\n0.30,–,810\n'],
    ['statics in falling order', 'tap,0.30,0.20,0.10\nlow,,650,700\nhigh,810,860,900\n'],
    [
      'units, dashes and "tap" before the names',
      'Speed,0.10 in. w.c.,0.2",.3\ntap low,700 CFM,650,-\ntap high,900,860,810',
    ],
    ['empty lines and columns around it', '\n\ntap,0.1,0.2,0.3,,\n\nlow,700,650,,,\nhigh,900,860,810,,\n,,,,,\n'],
  ])('%s', (_, text) => expect(read(text).figures).toEqual(figures));

  test('thousands marks in flows are not decimals; a decimal part is', () => {
    const { taps } = read('tap;0,10;0,20\n1;1.248;905,5').figures;
    expect(taps[0]?.flowsCfm).toEqual([1248, 905.5]);
    expect(read('tap,0.1,0.2\n1,"1,248","1,216"').figures.taps[0]?.flowsCfm).toEqual([1248, 1216]);
  });
});

describe('a bad file says where and what to change', () => {
  test.each([
    ['empty', '\ufeff \n', 'The file is empty. Choose a CSV file with one row for each tap.'],
    [
      'no header',
      '1,700,650\n2,800,750',
      'No header row. Start one row with "tap" and put the statics to its right. Then add one row per tap.',
    ],
    [
      'too large',
      'x'.repeat(1_000_001),
      'The file is over 1 MB. A blower table is only a few lines. Choose the right file.',
    ],
    ['not text', 'PK\u0000\u0001tap', 'This is not a text file. Save the table as CSV and choose that file.'],
  ])('%s', (_, text, message) => expect(faults(text)).toEqual([{ message }]));

  test('letters among the flows: line, column, what stands there', () => {
    expect(faults('table,Wren\ntap,0.10,0.20\n1,700,abc\n2,80O,750')).toEqual([
      { line: 3, column: 'C', found: 'abc', message: expect.stringContaining('Not a number') },
      { line: 4, column: 'B', found: '80O', message: expect.stringContaining('Not a number') },
    ]);
  });

  test('rising flow points at the cell, also when the table is turned', () => {
    expect(faults('tap,0.10,0.20\n1,700,710')[0]).toMatchObject({ line: 2, column: 'C', found: '710' });
    expect(faults('static,1\n0.10,700\n0.20,710')[0]).toMatchObject({ line: 3, column: 'B', found: '710' });
  });

  test('a tap twice, a static twice, a missing static, a nameless tap, an unknown motor', () => {
    expect(faults('tap,0.1,0.2\n1,700,650\n1,800,750')[0]).toMatchObject({
      line: 3,
      message: expect.stringContaining('is there twice'),
    });
    expect(faults('tap,0.1,0.1\n1,700,700')[0]).toMatchObject({
      column: 'C',
      message: 'Static 0.10 is there twice. Enter each static once.',
    });
    expect(faults('tap,0.1,\n1,700,650')[0]).toMatchObject({
      line: 1,
      column: 'C',
      message: expect.stringContaining('static is missing'),
    });
    expect(faults('tap,0.1,0.2\n,700,650')[0]).toMatchObject({ line: 2, column: 'A' });
    expect(faults('motor,steam\ntap,0.1,0.2\n1,700,650')[0]).toMatchObject({ line: 1, found: 'steam' });
  });

  test('a flow without its decimal point or a static of 31 is out of range', () => {
    expect(faults('tap,0.1,31\n1,700,650')[0]?.message).toBe('A static must be a number between 0 and 5 in. w.c.');
    expect(faults('tap,0.1,0.2\n1,7,6')[0]?.message).toBe('Airflow must be between 20 and 60,000 CFM.');
  });
});

test.each([['Pa', 'L/s', { staticsInWc: [0.1, 0.2], taps: [{ tap: 'low', flowsCfm: [1000, 900] }] }]])(
  'a file in %s and %s',
  (pressure, flow, figuresRead) =>
    expect(read(`units,${pressure},${flow}\ntap,24.884,49.768\nlow,471.9475,424.7527`).figures).toEqual(figuresRead),
);
test('units nobody knows are a fault with its place', () =>
  expect(faults('units,psi,CFM\ntap,0.1,0.2\nlow,700,650')[0]).toMatchObject({ line: 1, column: 'B', found: 'psi' }));

test('a name with a mark of parting in it does not decide how the table is parted', () => {
  const table = {
    name: '|"; a;b',
    motor: 'psc' as const,
    tons: null,
    staticsInWc: [0, 0.01],
    taps: [{ tap: '1', flowsCfm: [501, 493.5] }],
  };
  expect(read(writeBlowerTableCsv(table))).toMatchObject({ name: table.name, figures: { taps: table.taps } });
});

test('whatever can be written is read back the same, in whatever units', () => {
  const names = fc
    .string({ minLength: 1, maxLength: 30 })
    .map((s) => s.trim())
    .filter((s) => s.length > 0 && !/^['"]/.test(s) && ![...s].some((c) => c < ' ' || c === '\ufeff'));
  const tables = fc
    .record({
      name: names,
      motor: fc.constantFrom('psc', 'constantTorque', 'constantAirflow', 'beltDrive'),
      tons: fc.option(fc.integer({ min: 2, max: 40 }).map((n) => n / 2)),
      statics: fc.uniqueArray(fc.integer({ min: 0, max: 200 }), { minLength: 2, maxLength: 8 }),
      taps: fc.uniqueArray(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 5 }),
      top: fc.integer({ min: 500, max: 3000 }),
      blanks: fc.integer({ min: 0, max: 1 }),
    })
    .map(({ statics, taps, top, blanks, ...about }) => {
      const staticsInWc = [...statics].sort((a, b) => a - b).map((s) => s / 100);
      return {
        ...about,
        staticsInWc,
        taps: taps.map((t) => ({
          tap: String(t),
          flowsCfm: staticsInWc.map((_, i) => (i > 0 && i >= staticsInWc.length - blanks ? null : top - 7.5 * i + t)),
        })),
      };
    });
  const measures = fc.constantFrom(US_MEASURES, SI_MEASURES, { ...SI_MEASURES, flow: 'm3h' as const });
  fc.assert(
    fc.property(tables, measures, (table, units) => {
      const back = read(withMeasures(units, () => writeBlowerTableCsv(table)));
      expect(back).toEqual({
        name: table.name,
        motor: table.motor,
        ...(table.tons ? { tons: table.tons } : {}),
        figures: { staticsInWc: table.staticsInWc, taps: table.taps },
      });
    }),
  );
});

test('no text, however odd, makes the reader throw', () => {
  const cells = fc.constantFrom(
    'tap',
    'static',
    '0.1',
    '0,2',
    '700',
    '',
    '-',
    '"',
    ';',
    ',',
    '\n',
    '\t',
    '=1+1',
    'é',
    '9e99',
  );
  fc.assert(
    fc.property(fc.array(cells, { maxLength: 60 }), (parts) => {
      const result = readBlowerTableCsv(parts.join(''));
      if (!result.ok) expect(result.faults.length).toBeGreaterThan(0);
    }),
    { numRuns: 500 },
  );
});

test('a long name is cut between characters, never inside one', () => {
  const name = `${'A'.repeat(79)}😀😀`;
  const read = readBlowerTableCsv(`name,${name}\ntap,0.1,0.2\n1,900,880`);
  expect(read.ok && read.table.name).toBe(`${'A'.repeat(79)}😀`);
});

describe('what is far larger than a table', () => {
  const rows = Array.from({ length: 30_000 }, (_, i) => `${i / 100},${900 - i}`).join('\n');
  test.each([
    ['tens of thousands of rows', `static,1\n${rows}`],
    ['thousands of columns', `tap,${'0.1,'.repeat(3000)}0.2\n1,900`],
    ['a table at the end of a book', `${'a line of a book\n'.repeat(5000)}tap,0.1,0.2\n1,900,800`],
  ])('%s: it is said at once, whole', (_what, text) => {
    const read = readBlowerTableCsv(text);
    expect(read).toMatchObject({ ok: false });
    expect(read.ok ? [] : read.faults).toHaveLength(1);
    expect(read.ok ? '' : read.faults[0]!.message).toMatch(/far larger than a blower table|No header row/);
  });

  test('empty rows at the end of a sheet are no part of it', () => {
    expect(readBlowerTableCsv(`tap,0.1,0.2\n1,900,\n${',,,,\r\n'.repeat(20_000)}`)).toMatchObject({
      ok: true,
      table: { figures: { taps: [{ tap: '1', flowsCfm: [900, null] }] } },
    });
  });
});
