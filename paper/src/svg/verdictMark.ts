import type { VerdictWord } from '@huff/core';
import { INK } from './ink';
import { el } from './svg';

/** A verdict by the fill of its mark, as on the screen: full, half, ring, dash. @param size px */
export function verdictMark(word: VerdictWord, x: number, y: number, size = 16): string {
  const shape = {
    inside: el('circle', { cx: 10, cy: 10, r: 8.5, fill: INK.ink }),
    atTheEdge:
      el('circle', { cx: 10, cy: 10, r: 7.5, fill: 'none', stroke: INK.ink, 'stroke-width': 2 }) +
      el('path', { d: 'M10 2.5 A7.5 7.5 0 0 0 10 17.5 Z', fill: INK.ink }),
    outside: el('circle', { cx: 10, cy: 10, r: 7, fill: 'none', stroke: INK.action, 'stroke-width': 3 }),
    cantSay: el('path', { d: 'M4 10 H16', stroke: INK.ink, 'stroke-width': 2.5, fill: 'none' }),
  }[word];
  return el('g', { transform: `translate(${x} ${y}) scale(${size / 20})` }, shape);
}
