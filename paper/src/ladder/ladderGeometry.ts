import type { VerdictWord } from '@huff/core';
import { scaleLinear } from 'd3-scale';

export interface DrawnMark {
  readonly id: string;
  readonly name: string;
  readonly side: 'outdoor' | 'indoor';
  /** Undefined: not read; it stands at its usual place, to be touched. */
  readonly tempF?: number;
  readonly usualF: number;
  /** The unit of what is typed for it, shown until it is: "psig". */
  readonly typed: string;
}

export interface DrawnGap {
  readonly id: string;
  readonly name: string;
  readonly upper: string;
  readonly lower: string;
  readonly valueF: number;
  readonly word: VerdictWord;
  /** "8 to 14, the plate" */
  readonly asked?: string;
}

const LABEL = 40;
const GAP_LABEL = 62;

/** Places labels of one side from the top down so that none lies on another. */
function spread(
  wanted: readonly { id: string; at: number }[],
  height: number,
  apart: number,
): ReadonlyMap<string, number> {
  const sorted = [...wanted].sort((a, b) => a.at - b.at);
  const placed: { id: string; at: number }[] = [];
  for (const { id, at } of sorted) placed.push({ id, at: Math.max(at, (placed.at(-1)?.at ?? -apart) + apart) });
  // What was pushed over the foot goes back up.
  let floor = height - apart / 2;
  for (let i = placed.length - 1; i >= 0; i -= 1) {
    placed[i]!.at = Math.min(placed[i]!.at, floor);
    floor = placed[i]!.at - apart;
  }
  return new Map(placed.map(({ id, at }) => [id, at]));
}

/**
 * Lays a temperature ladder out: one scale of degrees, the outdoor side and the indoor side, labels where none lies on another.
 *
 * @param width, height px
 */
export function planLadder(marks: readonly DrawnMark[], gaps: readonly DrawnGap[], width: number, height: number) {
  const temps = marks.map(({ tempF, usualF }) => tempF ?? usualF);
  const low = Math.floor((Math.min(...temps) - 5) / 10) * 10;
  const high = Math.ceil((Math.max(...temps) + 5) / 10) * 10;
  const y = scaleLinear([high, low], [28, height - 16]);
  const axis = { outdoor: width * 0.35, indoor: width * 0.7 } as const;
  const at = new Map(marks.map((mark) => [mark.id, mark]));
  const tempOf = (id: string) => at.get(id)?.tempF ?? at.get(id)?.usualF ?? 0;
  const sideOf = (id: string): DrawnMark['side'] => at.get(id)?.side ?? 'outdoor';
  const labelsOf = (side: DrawnMark['side']) =>
    spread(
      marks.filter((mark) => mark.side === side).map(({ id, tempF, usualF }) => ({ id, at: y(tempF ?? usualF) })),
      height,
      LABEL,
    );
  const gapsOf = (side: DrawnMark['side']) =>
    spread(
      gaps
        .filter(({ upper }) => at.get(upper)?.side === side)
        .map(({ id, upper, lower }) => ({ id, at: (y(tempOf(upper)) + y(tempOf(lower))) / 2 })),
      height,
      GAP_LABEL,
    );
  return {
    y,
    axis,
    tempOf,
    sideOf,
    ticks: Array.from({ length: (high - low) / 10 + 1 }, (_, i) => low + 10 * i),
    labelAt: { outdoor: labelsOf('outdoor'), indoor: labelsOf('indoor') },
    gapAt: { outdoor: gapsOf('outdoor'), indoor: gapsOf('indoor') },
  } as const;
}
