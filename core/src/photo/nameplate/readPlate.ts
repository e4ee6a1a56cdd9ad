import { cleaned, flattened, sharpened, type GrayImage, type PixelBox } from '../image';
import { linesOf, median, type ReadWord, type TextEngine } from '../words';
import { PLATE_FIELDS, usualAlike, type PlateField, type PlateFieldId } from './plateFields';

/** A field as it was read. */
export interface PlateReading {
  readonly id: PlateFieldId;
  readonly name: string;
  readonly value: string;
  /** Two readings do not agree, it is a value nobody meets, or the fields contradict each other. */
  readonly isDoubted: boolean;
  /** What else may be printed there. */
  readonly others: readonly string[];
  /** Where it is in the straightened picture. */
  readonly box: PixelBox;
}

export interface PlateRead {
  /** The straightened picture that the boxes are of. */
  readonly picture: GrayImage;
  readonly fields: readonly PlateReading[];
  readonly words: readonly ReadWord[];
}

interface Found {
  /** The place of the form it was found by: a label says more than a unit. */
  readonly rank: number;
  readonly value: string;
  readonly confidence: number;
  readonly box: PixelBox;
}

/** Words further apart than so many heights belong to another column. (J) */
const COLUMN_GAP = 2.5;
const SURE = 70;

/** The words of each column of each line, and of neighboring columns together: a label may be in one, its value in the next. */
function pieces(words: readonly ReadWord[]): (readonly ReadWord[])[] {
  const high = median(words.map(({ box }) => box.height)) || 1;
  return linesOf(words).flatMap(({ words: line }) => {
    const parts: ReadWord[][] = [];
    for (const word of line) {
      const last = parts.at(-1)?.at(-1);
      if (last && word.box.x - (last.box.x + last.box.width) < COLUMN_GAP * high) parts.at(-1)!.push(word);
      else parts.push([word]);
    }
    return [...parts, ...parts.slice(1).map((part, i) => [...parts[i]!, ...part])];
  });
}

const around = (boxes: readonly PixelBox[]): PixelBox => {
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  };
};

/** A field in a piece of a line; undefined where it is not there. */
function foundIn({ find, value, unless }: PlateField, words: readonly ReadWord[]): Found | undefined {
  const text = words.map((word) => word.text.toUpperCase()).join(' ');
  if (unless?.test(text)) return undefined;
  for (const [rank, pattern] of find.entries()) {
    const match = pattern.exec(text);
    const read = match && value(match);
    if (!match || !read) continue;
    const from = match.index + match[0].indexOf(match[1]!);
    let at = 0;
    const under = words.filter((word) => {
      const [begin, end] = [at, at + word.text.length];
      at = end + 1;
      return end > from && begin < match.index + match[0].length;
    });
    const of = under.length > 0 ? under : words;
    return {
      rank,
      value: read,
      confidence: Math.min(...of.map(({ confidence }) => confidence)),
      box: around(of.map(({ box }) => box)),
    };
  }
  return undefined;
}

/** Every field of a reading, the surest where one is found twice. */
function fieldsOf(words: readonly ReadWord[]): Map<PlateFieldId, Found> {
  const found = new Map<PlateFieldId, Found>();
  for (const piece of pieces(words))
    for (const field of PLATE_FIELDS) {
      const one = foundIn(field, piece);
      const before = found.get(field.id);
      if (
        one &&
        (!before || one.rank < before.rank || (one.rank === before.rank && one.confidence > before.confidence))
      )
        found.set(field.id, one);
    }
  return found;
}

/** Fields that contradict each other: the breaker carries the circuit, the circuit its motor, and no furnace gives more than it takes. */
export function contradictions(value: (id: PlateFieldId) => number | undefined): PlateFieldId[] {
  const pairs: readonly (readonly [PlateFieldId, PlateFieldId])[] = [
    ['fullLoadAmps', 'minCircuitAmps'],
    ['ratedLoadAmps', 'minCircuitAmps'],
    ['minCircuitAmps', 'breakerAmps'],
    ['outputBtuh', 'inputBtuh'],
  ];
  return pairs.flatMap(([less, more]) => {
    const [a, b] = [value(less), value(more)];
    return a !== undefined && b !== undefined && a > b ? [less, more] : [];
  });
}

/** The fields of a plate from its readings. */
export function plateOf(readings: readonly (readonly ReadWord[])[]): PlateReading[] {
  const all = readings.map(fieldsOf);
  const fields = PLATE_FIELDS.flatMap((field): PlateReading[] => {
    const found = all.flatMap((one) => one.get(field.id) ?? []).sort((a, b) => b.confidence - a.confidence);
    const [best] = found;
    if (!best) return [];
    const others = [...new Set(found.map(({ value }) => value))].filter((value) => value !== best.value);
    const usual = others.find((value) => field.isUsual?.(value) === true);
    // Of two readings, one of which nobody meets, the other one is right.
    const isSwapped = field.isUsual?.(best.value) === false && usual !== undefined;
    const value = isSwapped ? usual : best.value;
    const isUsual = field.isUsual?.(value) ?? true;
    return [
      {
        id: field.id,
        name: field.name,
        value,
        isDoubted:
          !isUsual || (others.length > 0 && !isSwapped) || (found.length < readings.length && best.confidence < SURE),
        others: [...(isSwapped ? [best.value] : others), ...usualAlike(field, value)],
        box: best.box,
      },
    ];
  });
  const wrong = contradictions((id) => {
    const value = Number(fields.find((field) => field.id === id)?.value ?? NaN);
    return Number.isFinite(value) ? value : undefined;
  });
  return fields.map((field) => (wrong.includes(field.id) ? { ...field, isDoubted: true } : field));
}

/**
 * Reads a nameplate or a label: two readings of the picture made ready in two ways, compared field by field.
 *
 * @param onFirst given what the first reading alone comes to
 */
export async function readPlate(
  sheet: GrayImage,
  read: TextEngine,
  onFirst: (first: PlateRead) => void = () => undefined,
): Promise<PlateRead> {
  const { level, clean } = cleaned(sheet);
  const first = await read(clean, { mode: 'block' });
  onFirst({ picture: level, words: first, fields: plateOf([first]) });
  const other = sharpened(flattened(level, Math.max(12, Math.round(level.width / 30))), 2, 0.7);
  const second = await read(other, { mode: 'sparse' });
  return { picture: level, words: first, fields: plateOf([first, second]) };
}
