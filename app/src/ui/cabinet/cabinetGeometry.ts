import type { Layout, PortId, StageKind } from '@huff/core';

/** A rectangle, px. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Where everything of a cabinet is drawn. */
export interface CabinetGeometry {
  readonly height: number;
  readonly returnDuct: Box;
  readonly connector: Box;
  readonly filter: Box;
  readonly cabinet: Box;
  /** Stages inside, from the bottom up. */
  readonly inside: readonly { readonly kind: StageKind; readonly box: Box }[];
  readonly plenum: Box;
  readonly disconnect: Box;
  readonly outdoor: Box;
  /** Where the manometer hangs at the end of its hose. */
  readonly readout: Box;
  readonly ports: readonly {
    readonly id: PortId;
    readonly side: 'return' | 'supply';
    readonly x: number;
    readonly y: number;
  }[];
}

/** Drawn for this width, and scaled to others. */
const DRAWN = 358;
const HEIGHT = 396;

/** Lays out a cabinet: the return on the left, the filter in its slot, the stages of the unit from the bottom up, the supply on top. */
export function cabinetGeometry({ stages, ports }: Layout, width: number): CabinetGeometry {
  const scale = width / DRAWN;
  const box = (x: number, y: number, w: number, h: number): Box => ({
    x: x * scale,
    y: y * scale,
    width: w * scale,
    height: h * scale,
  });
  const [left, right, top, bottom] = [206, 336, 62, 382];
  const within = stages.filter(({ kind }) => !['returnDuct', 'hood', 'filter', 'supplyDuct'].includes(kind));
  const each = (bottom - top) / within.length;
  const inside = within.map(({ kind }, i) => ({ kind, box: box(left, bottom - (i + 1) * each, right - left, each) }));
  const pointOf = (afterStage: number): readonly [number, number] => {
    const kind = stages[afterStage - 1]?.kind;
    if (kind === 'returnDuct' || kind === 'hood') return [116, 270];
    if (kind === 'filter') return [186, 270];
    const at = within.findIndex((stage) => stage === stages[afterStage - 1]);
    if (at === within.length - 1) return [left + 14, 34];
    return at >= 0 ? [left, bottom - (at + 1) * each] : [right - 20, 20];
  };
  return {
    height: HEIGHT * scale,
    returnDuct: box(22, 44, 84, 286),
    connector: box(106, 236, 100, 68),
    filter: box(142, 230, 20, 80),
    cabinet: box(left, top, right - left, bottom - top),
    inside,
    plenum: box(left, 14, right - left, 40),
    disconnect: box(310, 322, 44, 66),
    outdoor: box(22, 342, 84, 48),
    // As large on every screen: its figure is read, not its shape.
    readout: { x: width * 0.44 - 46, y: HEIGHT * scale - 50, width: 92, height: 48 },
    ports: ports.map(({ id, side, afterStage }) => {
      const [x, y] = pointOf(afterStage);
      return { id, side, x: x * scale, y: y * scale };
    }),
  };
}
