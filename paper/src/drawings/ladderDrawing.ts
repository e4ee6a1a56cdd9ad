import type { Ladder } from '@huff/core/call';
import { degrees, drawnGaps, drawnMarks, ladderShapes } from '../ladder';
import { ON_PAPER, text, type Drawing } from '../shapes';

/** A circuit on its ladder of temperatures, as on the screen; what was not read is left out. */
export function ladderDrawing(ladder: Ladder, width = 460, height = 420): Drawing {
  const marks = drawnMarks(ladder).filter(({ tempF }) => tempF !== undefined);
  const told = marks.map(({ name, tempF }) => `${name} ${degrees(tempF!, 'degF')}`);
  const says = `Temperatures of circuit ${ladder.circuit}: ${told.join(', ') || 'nothing read'}.`;
  if (marks.length === 0) return { width, height: 20, says, shapes: [text(0, 14, says, { size: 13 })] };
  const { shapes } = ladderShapes({ marks, gaps: drawnGaps(ladder), width, height, style: ON_PAPER });
  return { width, height, says, shapes };
}
