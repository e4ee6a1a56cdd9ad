/** Text that may stand in markup. */
export const escaped = (text: string): string => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

type Attributes = Readonly<Record<string, string | number | undefined>>;

const attribute = ([name, value]: readonly [string, string | number | undefined]): string =>
  value === undefined
    ? ''
    : ` ${name}="${escaped(typeof value === 'number' ? String(Number(value.toFixed(2))) : value)}"`;

/** An element of a drawing as markup; what is in it is markup already. @example el('line', { x1: 0, x2: 10 }) // '<line x1="0" x2="10"/>' */
export function el(name: string, attributes: Attributes, ...inside: readonly string[]): string {
  const head = `<${name}${Object.entries(attributes).map(attribute).join('')}`;
  return inside.length === 0 ? `${head}/>` : `${head}>${inside.join('')}</${name}>`;
}

/** Words in a drawing. */
export const words = (
  text: string,
  {
    x,
    y,
    size = 13,
    bold,
    color,
    anchor,
    halo,
  }: {
    readonly x: number;
    readonly y: number;
    readonly size?: number;
    readonly bold?: boolean;
    readonly color?: string;
    readonly anchor?: 'start' | 'middle' | 'end';
    /** Paper under the letters: what lies behind them does not run through. */
    readonly halo?: true;
  },
): string =>
  (halo ? backing(text, x, y, size, anchor) : '') +
  el(
    'text',
    {
      x,
      y,
      'font-size': size,
      'font-family': isOurs(text) ? (bold ? FONT_BOLD : FONT) : bold ? FONT_WIDE_BOLD : FONT_WIDE,
      'font-weight': bold ? 700 : 400,
      fill: color ?? '#1B2320',
      'text-anchor': anchor === 'start' ? undefined : anchor,
    },
    escaped(text),
  );

/** Paper under letters, as wide as they are about. */
function backing(text: string, x: number, y: number, size: number, anchor: string | undefined): string {
  const width = text.length * size * 0.56 + 4;
  const left = anchor === 'middle' ? x - width / 2 : anchor === 'end' ? x - width : x;
  return el('rect', {
    x: left - 2,
    y: y - size * 0.85,
    width,
    height: size * 1.15,
    fill: '#FFFFFF',
    'fill-opacity': 0.85,
  });
}

/** Families of the paper: a PDF has them under these names, a browser falls back on its own. */
export const FONT = 'Huff, sans-serif';
export const FONT_BOLD = 'HuffBold, Huff, sans-serif';

/** For letters that the app's own type lacks: Greek, Cyrillic, and most signs of mathematics. */
export const FONT_WIDE = 'HuffWide, sans-serif';
export const FONT_WIDE_BOLD = 'HuffWideBold, HuffWide, sans-serif';

/** Whether the app's own type has every letter of a text. */
export const isOurs = (text: string): boolean =>
  /^[\u0020-\u007e\u00a0-\u00ac\u00ae-\u00ff–—’“”•…−≤≥√∞≈Ωμ]*$/.test(text);

/** A drawing whole. @param says it as a sentence, for those who hear it */
export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly says: string;
  readonly markup: string;
}

export const drawing = ({ width, height, says }: Omit<Drawing, 'markup'>, ...inside: readonly string[]): Drawing => ({
  width,
  height,
  says,
  markup: el(
    'svg',
    {
      xmlns: 'http://www.w3.org/2000/svg',
      viewBox: `0 0 ${width} ${height}`,
      width,
      height,
      role: 'img',
      'aria-label': says,
    },
    ...inside,
  ),
});
