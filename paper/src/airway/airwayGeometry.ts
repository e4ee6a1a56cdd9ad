import type { JudgedSection, Layout, PortId, StageKind } from '@huff/core';

/** A block of the drawing: a judged section, stages still waiting for a reading, or the inside of the cabinet. */
export interface AirwayBlock {
  readonly kind: 'section' | 'unread' | 'cabinet';
  readonly stages: readonly StageKind[];
  /** Place of its first row, and how many rows it spans. */
  readonly row: number;
  readonly rows: number;
  readonly section?: JudgedSection;
  /** What stages inside the cabinet take, in. w.c., where ports on either side were read; it does not count. */
  readonly innerDropInWc?: number;
}

/** A mark on the pressure line: a port, or the room at either end. */
export interface AirwayMark {
  readonly port?: PortId;
  /** Where the port is, in two short words. */
  readonly name?: string;
  readonly side: 'return' | 'supply';
  /** Rows above it. */
  readonly row: number;
  /** in. w.c., undefined when not read */
  readonly pressureInWc?: number;
}

export interface AirwayPlan {
  readonly rows: number;
  readonly blocks: readonly AirwayBlock[];
  readonly marks: readonly AirwayMark[];
  /** The row in which the fan lifts the pressure. */
  readonly fan: { readonly from: number; readonly to: number };
}

/** The rows: each stage outside the cabinet has one; what lies inside shares one, up to a port that parts it. */
function rowsOf(layout: Layout): number[] {
  let row = 0;
  return layout.stages.map((stage, i) => {
    const parted = layout.ports.some((port) => port.afterStage === i);
    if (i > 0 && (parted || stage.external || layout.stages[i - 1]!.external)) row += 1;
    return row;
  });
}

/**
 * Lays an air path out in rows, from room to room: what is beside each section of the pressure line, and where its
 * marks are.
 *
 * @param pressures counted statics, in. w.c., by port
 */
export function planAirway(
  layout: Layout,
  sections: readonly JudgedSection[],
  pressures: ReadonlyMap<PortId, number>,
): AirwayPlan {
  const rowOf = rowsOf(layout);
  const rows = rowOf[rowOf.length - 1]! + 1;
  const boundary = (afterStage: number) => rowOf[afterStage] ?? rows;
  const blocks: AirwayBlock[] = [];
  for (let i = 0; i < layout.stages.length;) {
    const section = sections.find((s) => s.fromStage <= i && i < s.toStage);
    let to = i + 1;
    if (section) to = section.toStage;
    else if (!layout.stages[i]!.external) while (to < layout.stages.length && rowOf[to] === rowOf[i]) to += 1;
    blocks.push({
      kind: section ? 'section' : layout.stages[i]!.external ? 'unread' : 'cabinet',
      stages: layout.stages.slice(i, to).map((s) => s.kind),
      row: rowOf[i]!,
      rows: boundary(to) - rowOf[i]!,
      section,
    });
    i = to;
  }
  const fanRow = rowOf[layout.stages.findIndex((stage) => stage.kind === 'blower')] ?? 0;
  const marks: AirwayMark[] = [
    { side: 'return', row: 0, pressureInWc: 0 },
    ...layout.ports.map((port): AirwayMark => ({
      port: port.id,
      name: port.short,
      side: port.side,
      row: boundary(port.afterStage),
      pressureInWc: pressures.get(port.id),
    })),
    { side: 'supply', row: rows, pressureInWc: 0 },
  ];
  return {
    rows,
    blocks: blocks.map((block) => ({ ...block, innerDropInWc: innerDrop(block, marks) })),
    marks,
    fan: { from: fanRow, to: fanRow + 1 },
  };
}

/** The drop over a block inside the cabinet that has no fan in it. */
function innerDrop(block: AirwayBlock, marks: readonly AirwayMark[]): number | undefined {
  if (block.kind !== 'cabinet' || block.stages.includes('blower')) return undefined;
  const at = (row: number) => marks.find((mark) => mark.row === row)?.pressureInWc;
  const from = at(block.row);
  const to = at(block.row + block.rows);
  return from === undefined || to === undefined ? undefined : from - to;
}

/** A point of the drawing, px. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/**
 * Areas between the pressure line and the zero axis, cut where the line crosses the axis.
 *
 * @param points of the line from top to bottom
 * @param axisX px of zero
 */
export function splitAtAxis(points: readonly Point[], axisX: number): { suction: Point[][]; supply: Point[][] } {
  const areas = { suction: [] as Point[][], supply: [] as Point[][] };
  points.slice(1).forEach((to, i) => {
    const from = points[i]!;
    const pieces: [Point, Point][] = [];
    if ((from.x - axisX) * (to.x - axisX) < 0) {
      const share = (axisX - from.x) / (to.x - from.x);
      const middle = { x: axisX, y: from.y + share * (to.y - from.y) };
      pieces.push([from, middle], [middle, to]);
    } else pieces.push([from, to]);
    for (const [a, b] of pieces) {
      const side = a.x + b.x < 2 * axisX ? areas.suction : areas.supply;
      side.push([a, b, { x: axisX, y: b.y }, { x: axisX, y: a.y }]);
    }
  });
  return areas;
}
