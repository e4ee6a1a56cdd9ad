import * as fc from 'fast-check';
import { blankImage, type GrayImage } from '../image';
import { linesOf, pgmHead, wordsOf, type ReadHow, type ReadWord } from '../words';
import { cellFigure, misread, printedFigure, staticFigure } from './figures';
import { findGrids } from './grid';
import { airflowsInOrder, namesInOrder } from './rowNames';
import { readTables } from './readTable';
import { shapeOf } from './shape';
import { votesByGlyphs } from './glyphs';
import { cutAt } from './tableEdge';
import { voted } from './votes';

/** A word in the middle of a place. */
const word = (text: string, x: number, y: number, confidence = 95): ReadWord => ({
  text,
  confidence,
  box: { x: x - 8 * text.length, y: y - 14, width: 16 * text.length, height: 28 },
});

const STATICS = ['0.1', '0.2', '0.3', '0.4', '0.5'];
const CELLS = [
  ['Low', '918', '880', '839', '795', '748'],
  ['Med', '1163', '1128', '1092', '1054', '1014'],
  ['High', '1445', '1414', '1382', '1349', '1315'],
  ['Max', '1601', '1574', '1546', '1518', '1489'],
];
const words = (change: (text: string, row: number, column: number) => string = (text) => text) => [
  word('BLOWER', 400, 40),
  word('PERFORMANCE', 640, 40),
  ...STATICS.map((text, j) => word(change(text, -1, j), 300 + 140 * j, 120)),
  ...CELLS.flatMap(([name, ...cells], i) => [
    word(name!, 100, 200 + 70 * i),
    ...cells.map((text, j) => word(change(text, i, j), 300 + 140 * j, 200 + 70 * i)),
  ]),
];

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

describe('figures', () => {
  test.each([
    ['1092', { digits: '1092' }],
    ['1,O92', { digits: '1092' }],
    ['l0S4.', { digits: '1054' }],
    ['—', 'dash'],
    ['Low', undefined],
    ['7', undefined],
    ['123456', undefined],
  ])('%s in a cell', (text, figure) => expect(cellFigure(text)).toEqual(figure));
  test.each([
    ['0.10', 0.1],
    ['.5', 0.5],
    ['010', 0.1],
    ['0,3', 0.3],
    ['6.4', 0.4],
    ['©.2', 0.2],
    ['125', 125],
    ['Speed', undefined],
    ['©', undefined],
  ])('%s over a column', (text, value) => expect(staticFigure(text)).toBe(value));
  test('what looks alike is offered, and is never the figure itself', () => {
    expect(misread('1002')).toContain('1092');
    expect(misread('1107')).toContain('1197');
    expect(misread('927')).toContain('827');
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 9999 }), (value) => {
        const all = misread(String(value));
        expect(all).not.toContain(String(value));
        for (const one of all) expect(one).toMatch(/^[1-9]\d{1,4}$/);
      }),
    );
  });
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
    // A block that shares the names of the first has no column of its own for them.
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

describe('the shape of a table', () => {
  const rows = CELLS.map(([, ...cells]) => cells.map(Number));
  test('a sound table breaks nowhere', () => {
    const { breaks } = shapeOf(rows);
    rows.forEach((row, i) => row.forEach((value, j) => expect([i, j, breaks(i, j, value)]).toEqual([i, j, false])));
  });
  test.each([
    ['a digit misread', 1002],
    ['a digit too many', 10_925],
    ['a digit too few', 109],
    ['the next row', 1382],
  ])('%s breaks it, and the neighbors tell what is likely', (_, wrong) => {
    const changed = rows.map((row, i) => row.map((value, j) => (i === 1 && j === 2 ? wrong : value)));
    const { breaks, likely } = shapeOf(changed);
    expect(breaks(1, 2, wrong)).toBe(true);
    expect(breaks(1, 2, 1092)).toBe(false);
    expect(likely[1]![2]).toBeCloseTo(1092, -1);
    expect(breaks(1, 1, 1128)).toBe(false);
  });
  test('figures in steps of ten: one that is not is asked about', () => {
    const tens = rows.map((row) => row.map((value) => 10 * Math.round(value / 10)));
    expect(shapeOf(tens)).toMatchObject({ step: 10 });
    expect(shapeOf(tens).breaks(0, 0, 918)).toBe(true);
  });
  test('a whole table with a digit too many is asked about, cell by cell', () => {
    const tenfold = rows.map((row) => row.map((value) => 10 * value + 1));
    const { breaks } = shapeOf(tenfold);
    expect(tenfold.flatMap((row, i) => row.map((value, j) => breaks(i, j, value))).filter((odd) => !odd)).toEqual(
      tenfold
        .flat()
        .filter((value) => value < 10_000)
        .map(() => false),
    );
  });
  test('an empty table has no shape', () => {
    const { breaks, likely } = shapeOf([[null, null]]);
    expect(likely).toEqual([[undefined, undefined]]);
    expect(breaks(0, 0, 900)).toBe(false);
  });
});

test('votes: the surest of the most, and what else was read', () => {
  const vote = (digits: string, confidence: number) => ({ digits, confidence });
  expect(voted([vote('1092', 90), vote('1002', 60), vote('1092', 80)], 3)).toMatchObject({
    digits: '1092',
    isUnanimous: false,
    candidates: [{ digits: '1092' }, { digits: '1002' }],
  });
  expect(voted([vote('918', 90), vote('918', 40)], 3).isUnanimous).toBe(false);
  expect(voted([], 3)).toMatchObject({ candidates: [], isUnanimous: false });
});

/** Digits of seven bars: enough to tell them apart. */
const BARS: Readonly<Record<string, string>> = { '0': 'abcdef', '1': 'bc', '6': 'acdefg', '8': 'abcdefg' };
function barDigits(texts: readonly string[]) {
  const image = blankImage(40 * 4 + 20, 60 * texts.length);
  const boxes = texts.map((text, i) => {
    [...text].forEach((digit, k) => {
      const [x, y] = [10 + 30 * k, 10 + 60 * i];
      const bar = (id: string, left: number, top: number, width: number, height: number) => {
        if (!BARS[digit]!.includes(id)) return;
        for (let v = top; v < top + height; v += 1)
          image.data.fill(0, (y + v) * image.width + x + left, (y + v) * image.width + x + left + width);
      };
      bar('a', 0, 0, 20, 4);
      bar('g', 0, 18, 20, 4);
      bar('d', 0, 36, 20, 4);
      bar('f', 0, 0, 4, 20);
      bar('e', 0, 20, 4, 20);
      bar('b', 16, 0, 4, 20);
      bar('c', 16, 20, 4, 20);
    });
    return [{ x: 5, y: 60 * i + 5, width: 30 * text.length + 10, height: 50 }];
  });
  return { image, boxes };
}

test('the print votes: a digit that was misread looks like its like in the same table', () => {
  const { image, boxes } = barDigits(['1060', '1080', '1610', '1860', '1680']);
  // The last was read as 1688 by the engine, and is not sure.
  const sure = [['1060'], ['1080'], ['1610'], ['1860'], [undefined]];
  const votes = votesByGlyphs(image, image, boxes, 40, sure);
  expect(votes.map(([vote]) => vote?.digits)).toEqual(['1060', '1080', '1610', '1860', '1680']);
});

describe('a whole reading', () => {
  const SCALE = 0.45;
  const sheet = blankImage(450, 220);
  /** Something that is ink, where each word is: the reader looks for it. */
  for (const { box } of words())
    for (let y = box.y; y < box.y + box.height; y += 1)
      for (let x = box.x; x < box.x + box.width; x += 1)
        if (x % 16 < 9) sheet.data[Math.floor(y * SCALE) * sheet.width + Math.floor(x * SCALE)] = 30;

  /** An engine that reads what it is told, wherever the ink is. */
  const engine =
    (change: (text: string, row: number, column: number, pass: number) => string) =>
    (image: GrayImage, { only }: ReadHow): Promise<readonly ReadWord[]> => {
      if (only === undefined) {
        const scale = (SCALE * image.width) / sheet.width;
        const grown = ({ x, y, width, height }: ReadWord['box']) => ({
          x: x * scale,
          y: y * scale,
          width: width * scale,
          height: height * scale,
        });
        return Promise.resolve(
          words((text, row, column) => change(text, row, column, 0)).map((one) => ({ ...one, box: grown(one.box) })),
        );
      }
      // One row more is looked for, and is not there.
      const [w, h] = [image.width / 5, image.height / 5];
      return Promise.resolve(
        CELLS.flatMap(([, ...cells], i) =>
          cells.map((text, j) => word(change(text, i, j, 1), w * (j + 0.5), h * (i + 0.5))),
        ),
      );
    };

  test('readings that agree are taken, and nothing is marked', async () => {
    const { tables } = await readTables(
      sheet,
      engine((text) => text),
    );
    expect(tables).toHaveLength(1);
    expect(tables[0]!.rows.map(({ cells }) => cells.map(({ text }) => text))).toEqual(
      CELLS.map(([, ...cells]) => cells),
    );
    expect(tables[0]!.rows.flatMap(({ cells }) => cells.flatMap(({ doubt }) => doubt ?? []))).toEqual([]);
  });
  test('a slip of the first reading that breaks the shape gives way to the second', async () => {
    const { tables } = await readTables(
      sheet,
      engine((text, row, column, pass) => (pass === 0 && row === 1 && column === 2 ? '1002' : text)),
    );
    expect(tables[0]!.rows[1]!.cells[2]).toMatchObject({ text: '1092', others: ['1002'] });
    expect(tables[0]!.rows[1]!.cells[2]!.doubt).toBeUndefined();
  });
  test('what every reading misreads is marked, with what would fit', async () => {
    const { tables } = await readTables(
      sheet,
      engine((text, row, column) => (row === 1 && column === 2 ? '1002' : text)),
    );
    expect(tables[0]!.rows[1]!.cells[2]).toMatchObject({ text: '1002', doubt: 'shape' });
    expect(tables[0]!.rows[1]!.cells[2]!.others).toContain('1092');
  });
  test('readings that differ where both would fit are marked', async () => {
    const { tables } = await readTables(
      sheet,
      engine((text, row, column, pass) => (pass === 0 && row === 0 && column === 1 ? '881' : text)),
    );
    expect(tables[0]!.rows[0]!.cells[1]).toMatchObject({ doubt: 'votes' });
  });
  test('a cell that is lost in the middle of a row is marked; one at its end is left out', async () => {
    const { tables } = await readTables(
      sheet,
      engine((text, row, column) => ((row === 1 && column === 2) || (row === 3 && column === 4) ? '–' : text)),
    );
    expect(tables[0]!.rows[1]!.cells.map(({ text, doubt }) => [text, doubt])).toEqual([
      ['1163', undefined],
      ['1128', undefined],
      ['', 'unread'],
      ['1054', undefined],
      ['1014', undefined],
    ]);
    expect(tables[0]!.rows[3]!.cells[4]).toMatchObject({ text: '–' });
    expect(tables[0]!.rows[3]!.cells[4]!.doubt).toBeUndefined();
  });
  test('a row in which many cells are doubted is doubted as a whole', async () => {
    // A rule before the figures was read as a 1, in most of a row.
    const { tables } = await readTables(
      sheet,
      engine((text, row, column) => (row === 0 && column > 1 ? `1${text}` : text)),
    );
    const doubts = tables[0]!.rows.map(({ cells }) => cells.filter(({ doubt }) => doubt !== undefined).length);
    expect(doubts).toEqual([5, 0, 0, 0]);
  });
  test('a column of which no figure could be read is marked, not left out', async () => {
    const { tables } = await readTables(
      sheet,
      engine((text, row, column) => (row >= 0 && column === 4 ? '–' : text)),
    );
    expect(tables[0]!.rows.map(({ cells }) => [cells[4]!.text, cells[4]!.doubt])).toEqual(
      CELLS.map(() => ['', 'unread']),
    );
  });
  test('a cell left out between two that are printed is marked: it was lost', async () => {
    const { tables } = await readTables(
      sheet,
      engine((text, row, column) => ((row === 1 || row === 3) && column === 4 ? '–' : text)),
    );
    const last = tables[0]!.rows.map(({ cells }) => [cells[4]!.text, cells[4]!.doubt]);
    expect([last[1], last[3]]).toEqual([
      ['', 'unread'],
      ['–', undefined],
    ]);
  });
  test('a row that has ink, and of which nothing could be read, is one: each cell is marked', async () => {
    const { tables } = await readTables(
      sheet,
      engine((text, row, column) => (row === 1 && column >= 0 ? '##' : text)),
    );
    expect(tables[0]!.rows.map(({ name }) => name)).toEqual(['Low', 'Med', 'High', 'Max']);
    expect(tables[0]!.rows[1]!.cells.map(({ text, doubt }) => [text, doubt])).toEqual(
      Array.from({ length: 5 }, () => ['', 'unread']),
    );
  });
  test('the first result comes before the second reading', async () => {
    const stages: string[] = [];
    let first = 0;
    await readTables(
      sheet,
      engine((text) => text),
      (stage) => stages.push(stage),
      ({ tables }) => {
        first = stages.length;
        expect(tables[0]!.rows).toHaveLength(4);
      },
    );
    expect(stages).toEqual(['picture', 'text', 'cells', 'again']);
    expect(first).toBe(2);
  });
  test('a row of which the first reading had nothing is found by its cells', async () => {
    const { tables } = await readTables(
      sheet,
      engine((text, row, column, pass) => (pass === 0 && row === 0 && column >= 0 ? '~~' : text)),
    );
    expect(tables[0]!.rows.map(({ name }) => name)).toEqual(['Low', 'Med', 'High', 'Max']);
    expect(tables[0]!.rows[0]!.cells.map(({ text }) => text)).toEqual(CELLS[0]!.slice(1));
  });
  test('no words are no table', async () => {
    expect((await readTables(sheet, () => Promise.resolve([]))).tables).toEqual([]);
  });
});
