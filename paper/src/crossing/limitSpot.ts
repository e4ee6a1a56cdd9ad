import type { Box } from './crossingScales';

/** Words that stand on the drawing already: their middle, and half their width. */
export interface Taken {
  readonly x: number;
  readonly y: number;
  readonly half: number;
}

const LIMIT_WIDTH = 84;

/** Where the limit's words stand beside its line: at either end, above or below, where nothing else is written. */
export function limitSpot(lineY: number, box: Box, taken: readonly Taken[]) {
  const spots = [
    { x: box.left + 4, y: lineY - 6, anchor: 'start' as const },
    { x: box.left + 4, y: lineY + 18, anchor: 'start' as const },
    { x: box.right - 2, y: lineY - 6, anchor: 'end' as const },
    { x: box.right - 2, y: lineY + 18, anchor: 'end' as const },
  ];
  const isFree = (spot: (typeof spots)[number]) => {
    const middle = spot.anchor === 'start' ? spot.x + LIMIT_WIDTH / 2 : spot.x - LIMIT_WIDTH / 2;
    return taken.every((t) => Math.abs(t.y - spot.y) > 16 || Math.abs(t.x - middle) > t.half + LIMIT_WIDTH / 2);
  };
  return spots.find(isFree) ?? spots[0]!;
}
