import { shownText, unitText } from '@huff/core';
import type { Ladder } from '@huff/core/call';
import { drawnGaps, drawnMarks, planLadder } from '../ladder';
import { drawing, el, INK, verdictMark, words, type Drawing } from '../svg';

const whole = (value: number, unit: 'degF' | 'deltaF') => shownText(value, unit, 0);

/** A circuit on its ladder of temperatures: the same scale and places as on the screen; what was not read is left out. */
export function ladderDrawing(ladder: Ladder, width = 460, height = 420): Drawing {
  const marks = drawnMarks(ladder).filter(({ tempF }) => tempF !== undefined);
  const gaps = drawnGaps(ladder);
  const says = `Temperatures of circuit ${ladder.circuit}: ${marks.map(({ name, tempF }) => `${name} ${whole(tempF!, 'degF')}`).join(', ') || 'nothing read'}.`;
  if (marks.length === 0) return drawing({ width, height: 20, says }, words(says, { x: 0, y: 14 }));
  const { y, axis, ticks, tempOf, sideOf, labelAt, gapAt } = planLadder(marks, gaps, width, height);
  return drawing(
    { width, height, says },
    words(unitText('degF'), { x: 0, y: 12, size: 12, color: INK.soft }),
    words('outdoor side', { x: axis.outdoor, y: 12, size: 12, color: INK.soft, anchor: 'middle' }),
    words('indoor side', { x: axis.indoor, y: 12, size: 12, color: INK.soft, anchor: 'middle' }),
    ...ticks.flatMap((tick) => [
      el('line', { x1: 30, x2: width, y1: y(tick), y2: y(tick), stroke: INK.line, 'stroke-width': 0.8 }),
      words(whole(tick, 'degF'), { x: 26, y: y(tick) + 4, size: 11, color: INK.soft, anchor: 'end' }),
    ]),
    ...(['outdoor', 'indoor'] as const).map((side) =>
      el('line', { x1: axis[side], x2: axis[side], y1: 20, y2: height - 8, stroke: INK.ink, 'stroke-width': 1.6 }),
    ),
    ...gaps.flatMap(({ id, upper, lower, valueF, name, word, asked }) => {
      const side = sideOf(upper);
      const edge = axis[side] + (id === 'returnMinusDew' ? 24 : 14);
      const top = gapAt[side].get(id)!;
      const left = axis[side] + (side === 'outdoor' ? 22 : 30);
      return [
        el('path', {
          d: `M${edge - 8} ${y(tempOf(upper))} H${edge} V${y(tempOf(lower))} H${edge - 8}`,
          fill: 'none',
          stroke: INK.ink,
          'stroke-width': 1.2,
        }),
        words(whole(valueF, 'deltaF'), { x: left, y: top - 4, size: 16, bold: true }),
        verdictMark(word, left + 30, top - 17, 14),
        words(asked === undefined ? name : `${name}, ${asked}`, { x: left, y: top + 10, size: 11, color: INK.soft }),
      ];
    }),
    ...marks.flatMap(({ id, name, side, tempF }) => [
      el('circle', { cx: axis[side], cy: y(tempF!), r: 5.5, fill: INK.paper, stroke: INK.ink, 'stroke-width': 2 }),
      words(whole(tempF!, 'degF'), {
        x: axis[side] - 12,
        y: labelAt[side].get(id)! + 2,
        size: 16,
        bold: true,
        anchor: 'end',
      }),
      words(name, { x: axis[side] - 12, y: labelAt[side].get(id)! + 15, size: 11, color: INK.soft, anchor: 'end' }),
    ]),
  );
}
