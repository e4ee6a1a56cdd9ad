import { linesOf, pgmHead, wordsOf } from '../words';
import { cellFigure, printedFigure } from './figures';
import { findGrids } from './grid';
import { airflowsInOrder, namesInOrder } from './rowNames';
import { cutAt } from './tableEdge';
import { CELLS, word, words } from './testing';

test('words as the engine gives them, and the head of a file that it opens', () => {
  const bbox = { x0: 10, y0: 20, x1: 58, y1: 48 };
  const blocks = [{ paragraphs: [{ lines: [{ words: [{ text: '918', confidence: 91, bbox }] }] }] }];
  expect(wordsOf(blocks)).toEqual([{ text: '918', confidence: 91, box: { x: 10, y: 20, width: 48, height: 28 } }]);
  expect(wordsOf(null)).toEqual([]);
  expect(pgmHead({ width: 3, height: 2 })).toBe('P5\n3 2\n255\n');
});

test('lines are what is level, in the order of the page, whatever the order of reading', () => {
  const lines = linesOf([word('b', 300, 104), word('c', 100, 180), word('a', 100, 100)]);
  expect(lines.map(({ words: own }) => own.map(({ text }) => text))).toEqual([['a', 'b'], ['c']]);
});

describe('a grid found by where the words are', () => {
  test('head, rows, names, title', () => {
    const [grid] = findGrids(words());
    expect(grid!.title).toContain('BLOWER PERFORMANCE');
    expect(grid!.columns.map(({ printed }) => printed)).toEqual([0.1, 0.2, 0.3, 0.4, 0.5]);
    // There may be one more under the last: its cells decide.
    expect(grid!.rows.map(({ name }) => name)).toEqual(['Low', 'Med', 'High', 'Max', '']);
    expect(grid!.rows.map(({ isGuess }) => isGuess === true)).toEqual([false, false, false, false, true]);
  });
  test('a static that was misread, and a column whose static was not read at all, follow from the others', () => {
    const [wrong] = findGrids(words((text, row, column) => (row < 0 && column === 2 ? '0.8' : text)));
    expect(wrong!.columns[2]).toMatchObject({ printed: 0.3, isRead: false });
    const [lost] = findGrids(words((text, row, column) => (row < 0 && column === 0 ? '#?' : text)));
    expect(lost!.columns.map(({ printed }) => printed)).toEqual([0.1, 0.2, 0.3, 0.4, 0.5]);
  });
  test('columns that get closer and closer are as many as were read', () => {
    const closer = words().map(({ box, ...rest }) => {
      const middle = box.x + box.width / 2;
      const x = middle < 300 ? middle : 300 + 420 * (1 - Math.exp(-(middle - 300) / 500));
      return { ...rest, box: { ...box, x: x - box.width / 2 } };
    });
    expect(findGrids(closer)[0]!.columns.map(({ printed }) => printed)).toEqual([0.1, 0.2, 0.3, 0.4, 0.5]);
  });
  test('a last column whose static was cut off, and which leans away, follows too', () => {
    const leaning = words((text, row, column) => (row < 0 && column === 4 ? '(' : text)).map(({ box, ...rest }) =>
      box.x > 800 ? { ...rest, box: { ...box, x: box.x - 50 } } : { ...rest, box },
    );
    expect(findGrids(leaning)[0]!.columns.map(({ printed }) => printed)).toEqual([0.1, 0.2, 0.3, 0.4, 0.5]);
  });
  test('a row of which nothing was read keeps its place', () => {
    const without = words().filter(({ box }) => Math.abs(box.y + 14 - 270) > 10);
    expect(findGrids(without)[0]!.rows.map(({ y }) => Math.round(y))).toEqual([200, 270, 340, 410, 480]);
  });
  test('two tables under one another are two', () => {
    const below = words().map(({ box, ...rest }) => ({ ...rest, box: { ...box, y: box.y + 600 } }));
    const grids = findGrids([...words(), ...below]);
    expect(grids.map(({ title }) => title)).toEqual(['BLOWER PERFORMANCE', 'BLOWER PERFORMANCE']);
  });
  test('two tables beside each other are two: the second begins with the same static', () => {
    const beside = words()
      .map(({ text, ...rest }) => ({ text: text === 'BLOWER' ? 'SIZE 48' : text, ...rest }))
      .map(({ box, ...rest }) => ({ ...rest, box: { ...box, x: box.x + 900 } }));
    const [one, two, ...more] = findGrids([...words(), ...beside]);
    expect(more).toEqual([]);
    for (const grid of [one!, two!]) {
      expect(grid.columns.map(({ printed }) => printed)).toEqual([0.1, 0.2, 0.3, 0.4, 0.5]);
      expect(grid.rows.slice(0, 4).map(({ name }) => name)).toEqual(['Low', 'Med', 'High', 'Max']);
    }
    expect(two!.columns[0]!.x - one!.columns[0]!.x).toBeCloseTo(900);
    expect([one!.title, two!.title]).toEqual(['BLOWER PERFORMANCE', 'SIZE 48 PERFORMANCE']);
    // A block that shares the names of the first has no name column.
    const shared = findGrids([...words(), ...beside.filter(({ text }) => !/[A-Za-z]/.test(text))])[1]!;
    expect(shared.rows.slice(0, 4).map(({ name }) => name)).toEqual(['Low', 'Med', 'High', 'Max']);
  });
  test('a name that is a little lower than the figures of its row is its name', () => {
    const lower = words().map(({ box, ...rest }) => ({
      ...rest,
      box: rest.text === 'Med' ? { ...box, y: box.y + 30 } : box,
    }));
    expect(findGrids(lower)[0]!.rows.map(({ name }) => name)).toEqual(['Low', 'Med', 'High', 'Max', '']);
  });
  test('a last column of dashes and figures whose static was lost is a column', () => {
    const lost = words((text, row, column) => {
      if (column !== 4) return text;
      return row < 0 ? '(' : row > 1 ? '–' : text;
    });
    expect(findGrids(lost)[0]!.columns).toHaveLength(5);
  });
  test('statics in Pa are read in Pa', () => {
    const [grid] = findGrids([
      word('Pa', 800, 60),
      ...words((text, row, column) => (row < 0 ? String(25 * (column + 1)) : text)),
    ]);
    expect(grid).toMatchObject({ unit: 'pa' });
    expect(grid!.columns.map(({ printed }) => printed)).toEqual([25, 50, 75, 100, 125]);
  });
  test('a static that was misread as a later one begins no second table', () => {
    const grids = findGrids(words((text, row, column) => (row < 0 && column === 0 ? '0.4' : text)));
    expect(grids).toHaveLength(1);
    expect(grids[0]!.columns.map(({ printed }) => printed)).toEqual([0.1, 0.2, 0.3, 0.4, 0.5]);
  });
  test('statics that were read as one word follow, as many as there are columns', () => {
    const merged = words().filter(({ text }) => !['0.3', '0.4', '0.5'].includes(text));
    expect(findGrids([word('0.3', 580, 120), word('0405', 790, 120), ...merged])[0]!.columns).toHaveLength(5);
  });
  test('statics that can be nothing but Pa are, and in. w.c. with Pa beside it are not', () => {
    const unsaid = words((text, row, column) => (row < 0 ? String(25 * (column + 1)) : text));
    expect(findGrids([word('(Fa)', 800, 60), ...unsaid])[0]).toMatchObject({ unit: 'pa' });
    expect(findGrids([word('Pa', 800, 60), ...words()])[0]).toMatchObject({ unit: 'inWc' });
  });
  test('text without a head of statics is no table', () => {
    expect(findGrids([word('Caution', 100, 40), word('1092', 300, 40), word('live', 100, 90)])).toEqual([]);
    expect(findGrids([])).toEqual([]);
  });
});

describe('a table of a belt drive', () => {
  const FLOWS = ['1,600', '1,800', '2,000', '2,200'];
  const rpm = (i: number, j: number) => String(520 + 35 * i + 70 * j - 5 * j * j);
  const bhp = (i: number, j: number) => (0.4 + 0.11 * i + 0.14 * j).toFixed(2);
  const belt = (change: (text: string) => string = (text) => text) => [
    word('CFM', 100, 120),
    ...['0.2', '0.4', '0.6', '0.8'].map((text, j) => word(text, 300 + 200 * j, 120)),
    ...[0, 1, 2, 3].flatMap((j) => [word('RPM', 255 + 200 * j, 160), word('BHP', 345 + 200 * j, 160)]),
    ...FLOWS.flatMap((flow, i) => [
      word(flow, 100, 200 + 70 * i),
      ...[0, 1, 2, 3].flatMap((j) => [
        word(rpm(i, j), 255 + 200 * j, 200 + 70 * i),
        word(change(bhp(i, j)), 345 + 200 * j, 200 + 70 * i),
      ]),
    ]),
  ];
  test('has RPM and horsepower under each static, and airflows as names', () => {
    const [grid] = findGrids(belt());
    expect(grid!.isByRpm).toBe(true);
    expect(grid!.columns.map(({ printed, kind }) => `${kind} ${printed}`)).toEqual(
      [0.2, 0.4, 0.6, 0.8].flatMap((printed) => [`rpm ${printed}`, `bhp ${printed}`]),
    );
    expect(grid!.rows.slice(0, 4).map(({ name }) => name)).toEqual(FLOWS);
    expect(findGrids(words())[0]!.isByRpm).toBe(false);
  });
  test('keeps the rows whose horsepower rises as statics do', () => {
    // 1.07, 1.21, 1.35 rise by one step: they are no head of a second table.
    const grids = findGrids(belt((text) => (Number(text) + 0.6).toFixed(2)));
    expect(grids).toHaveLength(1);
    expect(grids[0]!.rows.slice(0, 4).map(({ name }) => name)).toEqual(FLOWS);
  });
  test('is one where the points were too small to be read', () => {
    expect(findGrids(belt((text) => text.replace('.', '')))[0]!.isByRpm).toBe(true);
  });
  test('horsepower is read in hundredths, with its point or without, and printed with two places', () => {
    expect(cellFigure('0.61', 'bhp')).toEqual({ digits: '61' });
    expect(cellFigure('061', 'bhp')).toEqual({ digits: '61' });
    expect(cellFigure('1.O5', 'bhp')).toEqual({ digits: '105' });
    expect(cellFigure('0.00', 'bhp')).toBeUndefined();
    expect(printedFigure('61', 'bhp')).toBe('0.61');
    expect(printedFigure('652', 'rpm')).toBe('652');
  });
  test('its airflows rise by one step: one that was misread follows', () => {
    expect(airflowsInOrder(['1,600', '1,860', '2,000', '2,200'])).toEqual(['1600', '1800', '2000', '2200']);
    expect(airflowsInOrder(['1600', '', '2000', '2200'])).toEqual(['1600', '1800', '2000', '2200']);
    expect(airflowsInOrder(['900', '1000', '1250', '1700'])).toEqual(['900', '1000', '1250', '1700']);
    expect(airflowsInOrder(['?'])).toEqual(['']);
  });
});

test('a photo that ends at the last column or row may have cut off more', () => {
  const [grid] = findGrids(words());
  const sound = { columns: grid!.columns, rows: grid!.rows.filter(({ isGuess }) => !isGuess), goOn: grid!.goOn };
  // Columns are 140 px apart, rows 70: the last are at 860 and 410.
  expect(cutAt(sound, { width: 980, height: 480 })).toEqual([]);
  expect(cutAt(sound, { width: 940, height: 480 })).toEqual(['right']);
  expect(cutAt(sound, { width: 980, height: 450 })).toEqual(['below']);
  // Half a figure is left of the next column.
  const through = findGrids([...words(), ...CELLS.map((_, i) => word('1', 985, 200 + 70 * i))])[0]!;
  expect(cutAt({ ...through, rows: sound.rows }, { width: 1000, height: 480 })).toEqual(['right']);
});

test('names that count on are put right; others stay', () => {
  expect(namesInOrder(['Tap1', 'Tap2', 'Tap3', 'Tap4', 'Tapd'])).toEqual(['Tap1', 'Tap2', 'Tap3', 'Tap4', 'Tap5']);
  expect(namesInOrder(['A', '8', 'C', 'D'])).toEqual(['A', 'B', 'C', 'D']);
  expect(namesInOrder(['Low', 'Med', 'High'])).toEqual(['Low', 'Med', 'High']);
});
