import { shownText, unitText } from '@huff/core';
import { circle, line, path, rect, text, verdictMark, type DrawStyle, type Role, type Shape } from '../shapes';
import { planLadder, type DrawnGap, type DrawnMark } from './ladderGeometry';

interface LadderSource {
  readonly marks: readonly DrawnMark[];
  readonly gaps: readonly DrawnGap[];
  readonly width: number;
  readonly height: number;
  readonly style: DrawStyle;
}

/** Where a mark's words stand, px: what is touched to type it. */
interface LadderSpot {
  readonly mark: DrawnMark;
  readonly side: DrawnMark['side'];
  /** px of the axis it stands at, and of the middle of its words. */
  readonly axisX: number;
  readonly y: number;
}

/** Where a difference's words stand: their left, and the middle of what they are of, px. */
interface GapSpot {
  readonly gap: DrawnGap;
  readonly x: number;
  readonly y: number;
}

/** Letters of a line beside an axis, before it is broken. */
const LINE_LETTERS = 16;

/** Whole degrees. */
export const degrees = (value: number, unit: 'degF' | 'deltaF') => shownText(value, unit, 0);

/** Words in at most two lines. */
function inLines(words: string): string[] {
  const lines: string[] = [];
  for (const word of words.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && (`${last} ${word}`.length <= LINE_LETTERS || lines.length === 2))
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

const GAP_ROLE: Readonly<Record<string, Role>> = { subcooling: 'suction', superheat: 'supply' };

/** One scale of degrees: the outdoor side and the indoor side; what lies between two marks is what the trade goes by. Lengths in px. */
export function ladderShapes({ marks, gaps, width, height, style }: LadderSource): {
  readonly shapes: readonly Shape[];
  readonly spots: readonly LadderSpot[];
  readonly gapSpots: readonly GapSpot[];
} {
  const { y, axis, ticks, tempOf, sideOf, labelAt, gapAt } = planLadder(marks, gaps, width, height);
  const { small } = style;
  const soft = { size: small, color: 'softInk' } as const;
  const figure = { size: style.figure + 2, bold: true } as const;
  const step = 1.25 * small;
  const spots = marks.map((mark): LadderSpot => {
    const { side } = mark;
    return { mark, side, axisX: axis[side], y: labelAt[side].get(mark.id)! };
  });
  const bracket = ({ id, upper, lower }: DrawnGap) => {
    const edge = axis[sideOf(upper)] + (id === 'returnMinusDew' ? 24 : 14);
    return path(`M${edge - 8} ${y(tempOf(upper))}H${edge}V${y(tempOf(lower))}H${edge - 8}`, {
      stroke: 'ink',
      strokeWidth: 1.3 * style.line,
    });
  };
  const between = ({ id, upper, lower, word }: DrawnGap) => {
    const [a, b] = [y(tempOf(upper)), y(tempOf(lower))];
    return rect({
      x: axis[sideOf(upper)] - 5,
      y: Math.min(a, b),
      width: 10,
      height: Math.abs(b - a),
      fill: GAP_ROLE[id] ?? 'line',
      fillOpacity: word === 'cantSay' ? 0.5 : 1,
    });
  };
  const gapSpots = gaps.map((gap): GapSpot => {
    const side = sideOf(gap.upper);
    return { gap, x: axis[side] + (side === 'outdoor' ? 22 : 30), y: gapAt[side].get(gap.id)! };
  });
  const gapWords = ({ gap: { name, valueF, word, asked }, x: left, y: at }: GapSpot): Shape[] => {
    const value = degrees(valueF, 'deltaF');
    return [
      text(left, at - 7, value, figure),
      ...verdictMark(word, left + value.length * figure.size * 0.58 + 5, at - 7 - 0.75 * figure.size, small + 1),
      text(left, at - 7 + step, name, { size: small }),
      ...(asked === undefined ? [] : inLines(asked)).map((words, i) =>
        text(left, at - 7 + (i + 2) * step, words, soft),
      ),
    ];
  };
  return {
    spots,
    gapSpots,
    shapes: [
      ...ticks.flatMap((tick) => [
        line(30, y(tick), width, y(tick), { stroke: 'line', strokeWidth: style.line }),
        text(26, y(tick) + 4, degrees(tick, 'degF'), { ...soft, anchor: 'end' }),
      ]),
      ...(['outdoor', 'indoor'] as const).map((side) =>
        line(axis[side], 20, axis[side], height - 10, { stroke: 'ink', strokeWidth: 2 * style.line }),
      ),
      ...[...gaps].sort((a, b) => b.valueF - a.valueF).map(between),
      ...gaps.map(bracket),
      ...marks.map(({ side, tempF, usualF }) =>
        circle(axis[side], y(tempF ?? usualF), 7 * style.line, {
          fill: 'paper',
          stroke: tempF === undefined ? 'softInk' : 'ink',
          strokeWidth: 2.5 * style.line,
          dash: tempF === undefined ? [3, 3] : undefined,
        }),
      ),
      text(axis.outdoor, small, 'outdoor side', { ...soft, anchor: 'middle' }),
      text(axis.indoor, small, 'indoor side', { ...soft, anchor: 'middle' }),
      text(0, small, unitText('degF'), soft),
      ...spots.flatMap(({ mark: { name, tempF, typed }, axisX, y: at }) => [
        text(axisX - 13, at - 2, tempF === undefined ? typed : degrees(tempF, 'degF'), {
          ...figure,
          color: tempF === undefined ? 'action' : 'ink',
          anchor: 'end',
        }),
        text(axisX - 13, at - 2 + step, name, { ...soft, anchor: 'end' }),
      ]),
      ...gapSpots.flatMap(gapWords),
    ],
  };
}
