import {
  staticText,
  unitText,
  type JudgedSection,
  type Layout,
  type PortId,
  type VerdictWord,
  stagesText,
} from '@huff/core';
import { planAirway, pressureLine } from '../airway';
import { ON_PAPER, text, verdictMark, type Drawing } from '../shapes';

interface AirwayState {
  readonly sections: readonly JudgedSection[];
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
const LINE_SHARE = 0.4;
const TOP = 28;
const ROW = 50;

interface Row {
  readonly y: number;
  readonly name: string;
  readonly before?: string;
  readonly now?: string;
  readonly word?: VerdictWord;
}

/** Where the pressure goes, before and after: the pressure line of the screen, and its sections row by row. */
export function airwayDrawing({ layout, now, before, width = 580 }: AirwayPaper): Drawing {
  const lineWidth = Math.min(LINE_WIDTH, width * LINE_SHARE);
  const plan = planAirway(layout, now.sections, now.pressures);
  const drawn = pressureLine({
    plan,
    ghost: before?.pressures,
    width: lineWidth,
    rowHeight: ROW,
    top: TOP,
    style: ON_PAPER,
  });
  const rows = plan.blocks.map((block): Row => {
    const was = before?.sections.find(
      ({ fromStage, toStage }) => fromStage === block.section?.fromStage && toStage === block.section.toStage,
    );
    return {
      y: TOP + ROW * (block.row + block.rows / 2) + 5,
      name: stagesText(block.stages),
      before: was?.dropInWc === undefined ? undefined : staticText(was.dropInWc),
      now: block.section?.dropInWc === undefined ? undefined : staticText(block.section.dropInWc),
      word: block.section?.verdict.word,
    };
  });
  const told = rows
    .filter((row) => row.now !== undefined)
    .map((row) => `${row.name} ${row.now}${row.before === undefined ? '' : `, before ${row.before}`}`);
  const isBroad = width > 500;
  return {
    width,
    height: drawn.height,
    says: `Pressure profile, ${unitText('inWc')}: ${told.join('; ') || 'no pressure read'}.`,
    shapes: [
      ...drawn.shapes,
      ...rows.flatMap(({ y, name, before: was, now: is, word }) => [
        text(lineWidth + (isBroad ? 40 : 14), y, name, { size: isBroad ? 14 : 12.5 }),
        ...(was === undefined ? [] : [text(width - 84, y, was, { size: 14, color: 'softInk', anchor: 'end' })]),
        ...(is === undefined ? [] : [text(width - 28, y, is, { size: 16, bold: true, anchor: 'end' })]),
        ...(word === undefined ? [] : verdictMark(word, width - 20, y - 13, 16)),
      ]),
    ],
  };
}
