import type { VerdictWord } from '@huff/core';
import { short } from './pathData';
import { circle, line, path, type Shape } from './shape';

/** A verdict by the fill of its mark, read without color: full, half, ring, dash. @param x, y px of its top left corner @param size px */
export function verdictMark(word: VerdictWord, x: number, y: number, size: number): Shape[] {
  const k = size / 20;
  const [cx, cy] = [x + 10 * k, y + 10 * k];
  switch (word) {
    case 'inside':
      return [circle(cx, cy, 8.5 * k, { fill: 'ink' })];
    case 'atTheEdge': {
      const r = short(7.5 * k);
      const half = `M${short(cx)} ${short(cy - 7.5 * k)}A${r} ${r} 0 0 0 ${short(cx)} ${short(cy + 7.5 * k)}Z`;
      return [circle(cx, cy, 7.5 * k, { stroke: 'ink', strokeWidth: 2 * k }), path(half, { fill: 'ink' })];
    }
    case 'outside':
      return [circle(cx, cy, 7 * k, { stroke: 'action', strokeWidth: 3 * k })];
    case 'cantSay':
      return [line(cx - 6 * k, cy, cx + 6 * k, cy, { stroke: 'ink', strokeWidth: 2.5 * k })];
  }
}
