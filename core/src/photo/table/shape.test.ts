import { blankImage } from '../image';
import { votesByGlyphs } from './glyphs';
import { shapeOf } from './shape';
import { CELLS } from './testing';
import { voted } from './votes';

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
