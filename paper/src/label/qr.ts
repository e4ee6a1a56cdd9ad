import { create } from 'qrcode';
import { drawing, el, INK, type Drawing } from '../svg';

/** Quiet modules round a code: fewer, and some readers do not find it. */
const QUIET = 4;

/** A QR code as one path. @param side px */
export function qrDrawing(text: string, side: number): Drawing {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const all = modules.size + 2 * QUIET;
  const unit = side / all;
  let d = '';
  for (let row = 0; row < modules.size; row += 1)
    for (let column = 0; column < modules.size; column += 1)
      if (modules.get(row, column))
        d += `M${((column + QUIET) * unit).toFixed(2)} ${((row + QUIET) * unit).toFixed(2)}h${unit.toFixed(3)}v${unit.toFixed(3)}h-${unit.toFixed(3)}z`;
  return drawing(
    { width: side, height: side, says: `Code that opens ${text}` },
    el('rect', { width: side, height: side, fill: INK.paper }),
    el('path', { d, fill: INK.ink, 'shape-rendering': 'crispEdges' }),
  );
}
