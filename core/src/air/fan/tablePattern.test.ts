import { EXAMPLE_A_TABLE } from '../../../fixtures/exampleA';
import { tableQuestions, type TypedGrid } from './tablePattern';

const sketch = (cell: number): TypedGrid => ({
  staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6],
  along: 'falling',
  rows: [
    { name: '1', cells: [918, 880, 839, 795, null, null] },
    { name: '2', cells: [1042, 1006, 968, 928, 886, 840] },
    { name: '3', cells: [1163, 1128, cell, 1054, 1014, 972] },
  ],
});

test('a sound table asks nothing, as it grows and when it is whole', () => {
  const { staticsInWc, taps } = EXAMPLE_A_TABLE;
  for (let cells = 1; cells <= taps.length * staticsInWc.length; cells += 1) {
    const rows = taps.map(({ tap, flowsCfm }, i) => ({
      name: tap,
      cells: flowsCfm.map((flow, j) => (i * staticsInWc.length + j < cells ? flow : null)),
    }));
    expect(tableQuestions({ staticsInWc, rows, along: 'falling' })).toEqual([]);
  }
});

test('a figure that rises is asked about, and not its sound neighbours', () => {
  expect(tableQuestions(sketch(1219))).toEqual([
    expect.objectContaining({
      row: 2,
      column: 2,
      sentence: 'Tap 3 at 0.30: 1,219 is more than at 0.20. About 1,091 would fit.',
      likely: 1091,
    }),
  ]);
});

test.each([
  [1902, 1092, 'two figures changed over'],
  [109, 1092, 'one left out'],
  [1392, 1092, 'a key beside, too far off'],
  [1062, 1092, 'within what tables do'],
])('%i: the likely slip', (typed, meant, why) => {
  const asked = tableQuestions(sketch(typed));
  if (why.startsWith('within')) expect(asked).toEqual([]);
  else {
    expect(asked.map(({ row, column }) => [row, column])).toEqual([[2, 2]]);
    const { slip } = asked[0]!;
    if (why.includes('too far')) expect(slip).toBeUndefined();
    else expect(Math.abs(slip! / meant - 1)).toBeLessThan(0.02);
  }
});

test('every single transposition of a whole table that moves a cell by more than 6 % is caught', () => {
  const { staticsInWc, taps } = EXAMPLE_A_TABLE;
  let [tried, caught] = [0, 0];
  taps.forEach(({ flowsCfm }, i) =>
    flowsCfm.forEach((flow, j) => {
      if (flow === null) return;
      const digits = [...String(flow)];
      for (let k = 0; k + 1 < digits.length; k += 1) {
        const swapped = [...digits];
        [swapped[k], swapped[k + 1]] = [swapped[k + 1]!, swapped[k]!];
        const wrong = Number(swapped.join(''));
        if (Math.abs(wrong / flow - 1) < 0.06 || String(wrong).length < digits.length) continue;
        const rows = taps.map((row, r) => ({
          name: row.tap,
          cells: row.flowsCfm.map((cell, c) => (r === i && c === j ? wrong : cell)),
        }));
        const asked = tableQuestions({ staticsInWc, rows, along: 'falling' });
        tried += 1;
        if (asked.some((one) => one.row === i && one.column === j)) caught += 1;
      }
    }),
  );
  expect(tried).toBeGreaterThan(40);
  expect(caught / tried).toBeGreaterThan(0.95);
});

test('RPM rises along a row: one that falls is asked about', () => {
  const rows = [
    { name: '1,800', cells: [610, 680, 540] },
    { name: '2,000', cells: [655, 720, 785] },
  ];
  expect(tableQuestions({ staticsInWc: [0.2, 0.4, 0.6], rows, along: 'rising' }, 'At')).toEqual([
    expect.objectContaining({ row: 0, column: 2 }),
  ]);
});
