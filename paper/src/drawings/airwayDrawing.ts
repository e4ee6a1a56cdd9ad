import {
  staticText,
  unitText,
  type JudgedStretch,
  type Layout,
  type PortId,
  type VerdictWord,
  stagesText,
} from '@huff/core';
import { scaleLinear } from 'd3-scale';
import { planAirway, splitAtAxis, type AirwayMark } from '../airway';
import { drawing, el, INK, verdictMark, words, type Drawing } from '../svg';

interface AirwayState {
  readonly stretches: readonly JudgedStretch[];
  readonly pressures: ReadonlyMap<PortId, number>;
}

interface AirwayPaper {
  readonly layout: Layout;
  readonly now: AirwayState;
  /** Drawn dashed behind. */
  readonly before?: AirwayState;
  readonly width?: number;
}

/** Widest that the line is drawn, and its share of a narrow drawing. */
const LINE_WIDTH = 240;
const LINE_SHARE = 0.36;
const TOP = 26;
const ROW = 50;

interface Row {
  readonly y: number;
  readonly name: string;
  readonly before?: string;
  readonly now?: string;
  readonly word?: VerdictWord;
}

/** Where the pressure goes, before and after: the same rows and marks as on the screen. */
export function airwayDrawing({ layout, now, before, width = 580 }: AirwayPaper): Drawing {
  const lineWidth = Math.min(LINE_WIDTH, width * LINE_SHARE);
  const plan = planAirway(layout, now.stretches, now.pressures);
  const all = [...now.pressures.values(), ...(before?.pressures.values() ?? [])].map(Math.abs);
  const most = Math.max(0.3, ...all);
  const axis = lineWidth * 0.5;
  const x = scaleLinear([-most, most], [14, lineWidth - 14]);
  const y = (row: number) => TOP + row * ROW;
  const height = y(plan.rows) + 24;
  const read = plan.marks.filter(({ pressureInWc }) => pressureInWc !== undefined);
  const place = (mark: AirwayMark) => ({ x: x(mark.pressureInWc ?? 0), y: y(mark.row) });
  const points = (list: readonly { readonly x: number; readonly y: number }[]) =>
    list.map((p) => `${p.x.toFixed(1)},${p.y.toFixed(1)}`).join(' ');
  const { suction, supply } = splitAtAxis(read.map(place), axis);
  const ghostAt = (mark: AirwayMark) => (mark.port === undefined ? 0 : before?.pressures.get(mark.port));
  const ghosts = before
    ? plan.marks.flatMap((mark) => (ghostAt(mark) === undefined ? [] : [{ x: x(ghostAt(mark)!), y: y(mark.row) }]))
    : [];
  const rows = plan.blocks.map((block): Row => {
    const was = before?.stretches.find(
      ({ fromStage, toStage }) => fromStage === block.stretch?.fromStage && toStage === block.stretch.toStage,
    );
    return {
      y: y(block.row + block.rows / 2) + 5,
      name: stagesText(block.stages),
      before: was?.dropInWc === undefined ? undefined : staticText(was.dropInWc),
      now: block.stretch?.dropInWc === undefined ? undefined : staticText(block.stretch.dropInWc),
      word: block.stretch?.verdict.word,
    };
  });
  const says = `Where the pressure goes, ${unitText('inWc')}: ${
    rows
      .filter((row) => row.now !== undefined)
      .map((row) => `${row.name} ${row.now}${row.before === undefined ? '' : `, before ${row.before}`}`)
      .join('; ') || 'no pressure read'
  }.`;
  return drawing(
    { width, height, says },
    el(
      'defs',
      {},
      el(
        'pattern',
        { id: 'hatch', width: 7, height: 7, patternUnits: 'userSpaceOnUse', patternTransform: 'rotate(45)' },
        el('line', { x1: 0, y1: 0, x2: 0, y2: 7, stroke: INK.suction, 'stroke-width': 2 }),
      ),
    ),
    ...suction.map((area) => el('polygon', { points: points(area), fill: INK.suction, 'fill-opacity': 0.16 })),
    ...supply.map((area) => el('polygon', { points: points(area), fill: INK.supply, 'fill-opacity': 0.16 })),
    words('suction', { x: axis - 6, y: 12, size: 12, bold: true, color: INK.suction, anchor: 'end' }),
    words('supply', { x: axis + 6, y: 12, size: 12, bold: true, color: INK.supply }),
    el('line', { x1: axis, x2: axis, y1: TOP - 6, y2: y(plan.rows) + 6, stroke: INK.ink, 'stroke-width': 2 }),
    ghosts.length > 2
      ? el('polyline', {
          points: points(ghosts),
          fill: 'none',
          stroke: INK.soft,
          'stroke-width': 1.6,
          'stroke-dasharray': '6 4',
        })
      : '',
    ...read.slice(1).map((to, i) => {
      const from = read[i]!;
      const [a, b] = [place(from), place(to)];
      const isFan = from.row <= plan.fan.from && to.row >= plan.fan.to;
      const side = (from.port ? from : to).side;
      return el('line', {
        x1: a.x,
        y1: a.y,
        x2: b.x,
        y2: b.y,
        stroke: isFan ? INK.ink : side === 'return' ? INK.suction : INK.supply,
        'stroke-width': 2.6,
        'stroke-dasharray': isFan ? '2 4' : undefined,
      });
    }),
    ...read
      .filter(({ port }) => port !== undefined)
      .flatMap((mark) => {
        const at = place(mark);
        const left = (mark.pressureInWc ?? 0) < 0;
        return [
          el('circle', {
            cx: at.x,
            cy: at.y,
            r: 5,
            fill: INK.paper,
            stroke: mark.side === 'return' ? INK.suction : INK.supply,
            'stroke-width': 2.2,
          }),
          words(`${mark.port} ${staticText(mark.pressureInWc!)}`, {
            x: left ? axis + 8 : axis - 8,
            y: at.y + 4,
            size: 12,
            bold: true,
            anchor: left ? 'start' : 'end',
          }),
        ];
      }),
    ...rows.flatMap((row) => [
      words(row.name, { x: lineWidth + (width > 500 ? 40 : 14), y: row.y, size: width > 500 ? 14 : 12.5 }),
      row.before === undefined
        ? ''
        : words(row.before, { x: width - 84, y: row.y, size: 14, color: INK.soft, anchor: 'end' }),
      row.now === undefined ? '' : words(row.now, { x: width - 28, y: row.y, size: 16, bold: true, anchor: 'end' }),
      row.word === undefined ? '' : verdictMark(row.word, width - 20, row.y - 13, 16),
    ]),
  );
}
