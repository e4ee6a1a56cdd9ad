/** What a color is for; each painter has its own color for it: paper, daylight and attic. */
export type Role = 'paper' | 'sheet' | 'line' | 'ink' | 'softInk' | 'suction' | 'supply' | 'action' | 'edge' | 'trough';

/** The color of each role. */
export type Inks = Readonly<Record<Role, string>>;

interface Stroked {
  readonly stroke?: Role;
  /** px; 1 when absent */
  readonly strokeWidth?: number;
  readonly strokeOpacity?: number;
  /** Lengths of dash and gap, px. */
  readonly dash?: readonly [number, number];
  /** Ends of lines are round. */
  readonly round?: true;
}

interface Filled extends Stroked {
  readonly fill?: Role;
  readonly fillOpacity?: number;
  /** Filled with slanted lines of the fill's color: told apart without color. */
  readonly hatched?: true;
}

export interface Line extends Stroked {
  readonly kind: 'line';
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

export interface Path extends Filled {
  readonly kind: 'path';
  /** SVG path data. */
  readonly d: string;
  /** Its edges lie on whole pixels where they can: no seams between the squares of a code. */
  readonly crisp?: true;
}

export interface Rect extends Filled {
  readonly kind: 'rect';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Radius of its corners, px. */
  readonly corner?: number;
}

export interface Ellipse extends Filled {
  readonly kind: 'ellipse';
  readonly cx: number;
  readonly cy: number;
  readonly rx: number;
  readonly ry: number;
}

export interface Text {
  readonly kind: 'text';
  readonly x: number;
  /** px of the baseline */
  readonly y: number;
  readonly text: string;
  readonly size: number;
  readonly bold?: boolean;
  /** ink when absent */
  readonly color?: Role;
  readonly anchor?: 'start' | 'middle' | 'end';
  /** Paper round the letters, px: what lies behind them does not run through. */
  readonly halo?: number;
}

/** Shapes of which only what lies inside a box is drawn. */
export interface Clip {
  readonly kind: 'clip';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
}

/** What a drawing is made of. Screen, SVG and PDF paint the same list. */
export type Shape = Line | Path | Rect | Ellipse | Text | Clip;

/** A drawing: its shapes, and what it says as a sentence for those who hear it. Lengths in px. */
export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly says: string;
  readonly shapes: readonly Shape[];
}

type Without<T extends Shape> = Omit<T, 'kind'>;

export const line = (x1: number, y1: number, x2: number, y2: number, drawn: Stroked): Line => ({
  kind: 'line',
  x1,
  y1,
  x2,
  y2,
  ...drawn,
});
export const path = (d: string, drawn: Omit<Without<Path>, 'd'>): Path => ({ kind: 'path', d, ...drawn });
export const rect = (place: Without<Rect>): Rect => ({ kind: 'rect', ...place });
export const circle = (cx: number, cy: number, r: number, drawn: Filled): Ellipse => ({
  kind: 'ellipse',
  cx,
  cy,
  rx: r,
  ry: r,
  ...drawn,
});
export const text = (x: number, y: number, words: string, set: Omit<Without<Text>, 'x' | 'y' | 'text'>): Text => ({
  kind: 'text',
  x,
  y,
  text: words,
  ...set,
});
