import type { GrayImage, PixelBox } from '../image';

/** A word as a text engine read it. */
export interface ReadWord {
  readonly text: string;
  /** 0 to 100, as the engine has it. */
  readonly confidence: number;
  readonly box: PixelBox;
}

/** How a picture is read. */
export interface ReadHow {
  /** One block of lines, text strewn about, or a single line. */
  readonly mode: 'block' | 'sparse' | 'line';
  /** The only signs that may occur. */
  readonly only?: string;
}

/** Reads the words of a picture; the caller brings the engine. */
export type TextEngine = (image: GrayImage, how: ReadHow) => Promise<readonly ReadWord[]>;

/** A word as the engine gives it: its box by two corners. */
interface EngineWord {
  readonly text: string;
  readonly confidence: number;
  readonly bbox: { readonly x0: number; readonly y0: number; readonly x1: number; readonly y1: number };
}

/** Blocks of paragraphs of lines of words, as the engine gives them. */
interface EngineBlock {
  readonly paragraphs: readonly { readonly lines: readonly { readonly words: readonly EngineWord[] }[] }[];
}

/** The words of everything that the engine read. @param blocks null where it read nothing */
export const wordsOf = (blocks: readonly EngineBlock[] | null): ReadWord[] =>
  (blocks ?? [])
    .flatMap(({ paragraphs }) => paragraphs.flatMap(({ lines }) => lines.flatMap(({ words }) => words)))
    .map(({ text, confidence, bbox: { x0, y0, x1, y1 } }) => ({
      text,
      confidence,
      box: { x: x0, y: y0, width: x1 - x0, height: y1 - y0 },
    }));

/** A gray picture as a file that the engine opens (PGM): its head, then its bytes. */
export const pgmHead = ({ width, height }: Pick<GrayImage, 'width' | 'height'>): string =>
  `P5\n${width} ${height}\n255\n`;

export const middleOf = ({ x, y, width, height }: PixelBox) => ({ x: x + width / 2, y: y + height / 2 });

/** The middle one of a list; NaN of none. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}

/** A line of text: its words from left to right. */
export interface TextLine {
  readonly y: number;
  readonly words: readonly ReadWord[];
}

/** Words that are level with one another within this share of their height are one line. */
const LEVEL_SHARE = 0.6;

/** The lines that words form by where they are, not by the order in which they were read. */
export function linesOf(words: readonly ReadWord[]): TextLine[] {
  const high = median(words.map(({ box }) => box.height)) || 1;
  const sorted = [...words].sort((a, b) => middleOf(a.box).y - middleOf(b.box).y);
  const lines: { y: number; words: ReadWord[] }[] = [];
  for (const word of sorted) {
    const { y } = middleOf(word.box);
    const last = lines.at(-1);
    if (last && y - last.y < LEVEL_SHARE * high) {
      last.words.push(word);
      last.y += (y - last.y) / last.words.length;
    } else lines.push({ y, words: [word] });
  }
  return lines.map((line) => ({ y: line.y, words: line.words.sort((a, b) => a.box.x - b.box.x) }));
}
