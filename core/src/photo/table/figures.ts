/** Letters that are read where a digit is printed. */
const DIGIT_OF: Readonly<Record<string, string>> = {
  O: '0',
  o: '0',
  D: '0',
  Q: '0',
  '©': '0',
  '®': '0',
  '@': '0',
  l: '1',
  I: '1',
  i: '1',
  '|': '1',
  '!': '1',
  Z: '2',
  z: '2',
  A: '4',
  S: '5',
  s: '5',
  G: '6',
  b: '6',
  B: '8',
  g: '9',
  q: '9',
};

/** What is printed in a cell: a figure, a dash, or nothing that can be told. */
export type CellFigure = { readonly digits: string } | 'dash' | undefined;

/** What the figures of a column are, beside airflow. Horsepower is read in hundredths. */
export type FigureKind = 'rpm' | 'bhp';

const MOST_DIGITS = 5;
const MOST_BEFORE = 3;

/**
 * The figure of a cell, with letters that look like digits put right.
 *
 * @example cellFigure('1,O92') // { digits: '1092' }
 * @example cellFigure('—') // 'dash'
 * @example cellFigure('0.6l', 'bhp') // { digits: '61' }: hundredths
 */
export function cellFigure(text: string, kind?: FigureKind): CellFigure {
  const bare = text.replaceAll(/[\s,.'’:;°]/g, '');
  if (/^[-–—_~=.]+$/.test(text.trim())) return 'dash';
  const letters = [...bare].filter((sign) => !/\d/.test(sign)).length;
  const digits = [...bare].map((sign) => DIGIT_OF[sign] ?? sign).join('');
  // More letters than digits is a word.
  if (!/^\d+$/.test(digits) || digits.length > MOST_DIGITS || letters > bare.length / 2) return undefined;
  // The point may be too small to be read: hundredths are the same figure without it.
  if (kind === 'bhp') return Number(digits) > 0 ? { digits: String(Number(digits)) } : undefined;
  return digits.length < 2 || digits.startsWith('0') ? undefined : { digits };
}

/** A figure as it is printed: horsepower with its two places. @example printedFigure('61', 'bhp') // '0.61' */
export const printedFigure = (digits: string, kind?: FigureKind): string =>
  kind === 'bhp' ? (Number(digits) / 100).toFixed(2) : digits;

/**
 * A static as it is printed over a column, in its own unit; undefined for what is none.
 *
 * @example staticFigure('0.1O') // 0.1
 * @example staticFigure('010') // 0.1: the point was too small to be read
 */
export function staticFigure(text: string): number | undefined {
  // A sign that only looks like a digit is dirt.
  if (!/\d/.test(text)) return undefined;
  const bare = [...text.replaceAll(/[\s"'’:;|]/g, '').replaceAll(',', '.')]
    .map((sign) => DIGIT_OF[sign] ?? sign)
    .join('');
  const plain = bare.replace(/\.$/, '');
  const [, before, places] = /^(\d{0,2})\.(\d{1,3})$/.exec(plain) ?? [];
  // No blower table goes to 4 in. w.c.: a 0 before the point was read as something else.
  if (places !== undefined) return Number(before) > MOST_BEFORE ? Number(`0.${places}`) : Number(plain);
  if (/^0\d{1,2}$/.test(plain)) return Number(`0.${plain.slice(1)}`);
  return /^\d{1,3}$/.test(plain) ? Number(plain) : undefined;
}

/** Pairs of digits that are read for each other in print. (J) */
const ALIKE = [
  '08',
  '09',
  '06',
  '03',
  '17',
  '14',
  '27',
  '38',
  '35',
  '56',
  '58',
  '68',
  '69',
  '49',
  '89',
  '47',
  '12',
  '25',
];

/** The digits that may be printed where one was read. */
const alike = (digit: string): string[] =>
  ALIKE.filter((pair) => pair.includes(digit)).map((pair) => (pair[0] === digit ? pair[1]! : pair[0]!));

/**
 * What may be printed where something else was read, likeliest first: one digit that looks like another, one too many or too few, two digits.
 *
 * @example misread('1002').includes('1092') // true
 */
export function misread(digits: string): string[] {
  const found = new Set<string>();
  const each = (from: string, go: (changed: string) => void) => {
    for (let i = 0; i < from.length; i += 1)
      for (const other of alike(from[i]!)) go(from.slice(0, i) + other + from.slice(i + 1));
  };
  const singles: string[] = [];
  each(digits, (one) => singles.push(one));
  for (const one of singles) found.add(one);
  for (let i = 0; i < digits.length; i += 1) found.add(digits.slice(0, i) + digits.slice(i + 1));
  for (let i = 0; i <= digits.length; i += 1)
    for (const digit of '0123456789') found.add(digits.slice(0, i) + digit + digits.slice(i));
  for (const one of singles) each(one, (two) => found.add(two));
  found.delete(digits);
  return [...found].filter((one) => /^[1-9]\d{1,4}$/.test(one));
}
