import { cleaned, flattened, inkOnly, sharpened, type GrayImage, type PixelBox } from '../image';
import { median, middleOf, type ReadWord, type TextEngine } from '../words';
import { cellFigure } from './figures';
import { cellBox, findGrids, type FoundGrid } from './grid';
import { votesByGlyphs } from './glyphs';
import { counted, sureOf } from './counted';
import { isRow, withRows } from './guessedRows';
import { tableOf, type PhotoTable } from './photoTable';
import { inkKind, inkOfCells, setInStrips } from './strips';
import type { CellVote } from './votes';

/** How far a reading has come. */
export type ReadStage = 'picture' | 'text' | 'cells' | 'again';

export interface TablesRead {
  /** The straightened picture that the boxes are of. */
  readonly picture: GrayImage;
  readonly tables: readonly PhotoTable[];
  /** Every word of the first reading: what it is, where it is no table. */
  readonly words: readonly ReadWord[];
}

const DIGITS = '0123456789';
/** The readings of all cells by one pass: of the words in each. */
function votesOf(
  words: readonly ReadWord[],
  grid: FoundGrid,
  cellAt: (word: ReadWord) => { row: number; column: number } | undefined,
) {
  const found = grid.rows.map(() => grid.columns.map((): ReadWord[] => []));
  for (const word of words) {
    const at = cellAt(word);
    if (at) found[at.row]?.[at.column]?.push(word);
  }
  return found.map((row) =>
    row.map((inCell, j): CellVote | 'dash' | undefined => {
      if (inCell.length === 0) return undefined;
      const text = [...inCell]
        .sort((a, b) => a.box.x - b.box.x)
        .map((word) => word.text)
        .join('');
      const figure = cellFigure(text, grid.columns[j]!.kind);
      if (figure === undefined || figure === 'dash') return figure;
      return { digits: figure.digits, confidence: Math.min(...inCell.map(({ confidence }) => confidence)) };
    }),
  );
}

/** The cell of the grid that a word of the whole picture is in. */
const inGrid = (grid: FoundGrid) => (word: ReadWord) => {
  const { x, y } = middleOf(word.box);
  const row = grid.rows.findIndex((one) => Math.abs(one.y - y) < grid.reach.y);
  if (row < 0) return undefined;
  const column = grid.columns.findIndex((_, j) => {
    const box = cellBox(grid, row, j);
    return x >= box.x && x < box.x + box.width;
  });
  return column < 0 ? undefined : { row, column };
};

/**
 * Reads the blower tables of a straightened photo: by where the words are, by three readings that owe nothing to one another, and by the table’s
 * own shape.
 *
 * @param onStage told as it goes on
 * @param onFirst given what the first reading alone comes to, so that something can be shown early
 */
export async function readTables(
  sheet: GrayImage,
  read: TextEngine,
  onStage: (stage: ReadStage) => void = () => undefined,
  onFirst: (first: TablesRead) => void = () => undefined,
): Promise<TablesRead> {
  onStage('picture');
  const { level, clean } = cleaned(sheet);
  onStage('text');
  const words = await read(clean, { mode: 'block' });
  const grids = findGrids(words);
  const parts = grids.map((grid) => {
    const first = votesOf(words, grid, inGrid(grid));
    const heights = words
      .filter((word) => inGrid(grid)(word) !== undefined && typeof cellFigure(word.text) === 'object')
      .map(({ box }) => box.height);
    const digitPx = median(heights) || 28;
    const inks = inkOfCells(clean, grid, digitPx);
    return { grid, first, digitPx, inks };
  });
  onFirst({
    picture: level,
    words,
    tables: parts.map((part) => {
      const sound = withRows(part, [part.first], (row) => !row.isGuess);
      return tableOf(sound.grid, counted(sound.grid, sound.passes, 1, sound.inks, part.digitPx), sound.inks, level);
    }),
  });
  const tables: PhotoTable[] = [];
  for (const part of parts) {
    const { digitPx } = part;
    const boxesOf = (inks: readonly (readonly (PixelBox | undefined)[])[]) =>
      inks.map((row) => row.map((box) => (inkKind(box, digitPx) === 'figure' ? box : undefined)));
    const boxes = boxesOf(part.inks);
    onStage('cells');
    const strip = setInStrips(clean, boxes, digitPx);
    const second = votesOf(await read(strip.image, { mode: 'block', only: DIGITS }), part.grid, strip.cellAt);
    onStage('again');
    const other = setInStrips(sharpened(flattened(level, Math.round(digitPx * 1.6)), 2, 0.8), boxes, digitPx, 1.3);
    const third = votesOf(await read(other.image, { mode: 'block', only: DIGITS }), part.grid, other.cellAt);
    // A row that nothing was read of at first is one if its cells are figures now.
    const all = [part.first, second, third];
    const { grid, inks, passes } = withRows(
      part,
      all,
      (row, i) => !row.isGuess || isRow(part, all, i, { digitPx, edgeY: level.height }),
    );
    const bySure = sureOf(counted(grid, passes, passes.length, inks, digitPx));
    const ink = inkOnly(clean, Math.round(digitPx * 1.5), 0.75);
    const glyphs = votesByGlyphs(clean, ink, boxesOf(inks), digitPx, bySure);
    tables.push(tableOf(grid, counted(grid, [...passes, glyphs], passes.length, inks, digitPx), inks, level));
  }
  return { picture: level, tables, words };
}
