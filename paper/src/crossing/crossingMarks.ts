import { circle, line, text, type DrawStyle, type Shape } from '../shapes';

const HALO = 4;

interface Place {
  readonly x: number;
  readonly y: number;
}

/** Words on the drawing: the lines under them do not cross the letters. */
export const label = (x: number, y: number, words: string, set: Omit<Parameters<typeof text>[3], 'halo'>) =>
  text(x, y, words, { ...set, halo: HALO });

/** Where the system stood before what is chosen. */
export const ghostMark = ({ x, y }: Place, { small }: DrawStyle): Shape[] => [
  circle(x, y, 7, { fill: 'paper', stroke: 'ink', strokeWidth: 2, dash: [2, 3] }),
  label(x - 12, y - 8, 'now', { size: small, anchor: 'end' }),
];

/** A point that was read, beside the one that was predicted. */
export const readMark = ({ x, y }: Place, { small }: DrawStyle): Shape[] => [
  line(x - 9, y, x + 9, y, { stroke: 'action', strokeWidth: 3 }),
  line(x, y - 9, x, y + 9, { stroke: 'action', strokeWidth: 3 }),
  label(x - 12, y + 18, 'read', { size: small, bold: true, color: 'action', anchor: 'end' }),
];
