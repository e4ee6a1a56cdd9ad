import { flowWords, operate, staticText, unitText } from '@huff/core';
import { crossingShapes, edgeOf, type CrossingSource } from '../crossing';
import { ON_PAPER, type Drawing } from '../shapes';

interface CrossingPaper extends CrossingSource {
  readonly width?: number;
  readonly height?: number;
}

/** Where fan and path meet, with the band, the limit and what was read again: the drawing of the screen. */
export function crossingDrawing({ width = 640, height = 300, ...source }: CrossingPaper): Drawing {
  const { now, then, maxTesp, proven } = source;
  const point = edgeOf(operate(then ?? now));
  const readWords = proven ? ` Re-measured: ${flowWords(proven.flowCfm)} at ${staticText(proven.tespInWc)}.` : '';
  return {
    width,
    height,
    says: `${then ? 'After the work' : 'As found'} ${flowWords(point.flowCfm)} at ${staticText(point.staticInWc)} ${unitText('inWc')}; the limit is ${staticText(maxTesp.value)}.${readWords}`,
    shapes: crossingShapes(source, { left: 40, right: width - 12, top: 26, bottom: height - 36 }, ON_PAPER),
  };
}
