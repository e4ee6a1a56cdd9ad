import { blankImage, type GrayImage } from '../image';
import type { ReadHow, ReadWord } from '../words';
import { readTables } from './readTable';
import { CELLS, word, words } from './testing';

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
