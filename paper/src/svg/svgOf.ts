import { INK, type Drawing, type Shape } from '../shapes';
import { isOurs } from './letters';
import { el, escaped } from './markup';

/** Families of the paper: a browser that lacks them falls back on its own. The wide ones have Greek, Cyrillic and the signs of mathematics. */
const family = (text: string, bold: boolean | undefined): string => {
  const name = isOurs(text) ? 'Huff' : 'HuffWide';
  return bold ? `${name}Bold, ${name}, sans-serif` : `${name}, sans-serif`;
};

type Drawn = Exclude<Shape, { kind: 'text' | 'clip' }>;

const strokeOf = ({ stroke, strokeWidth, strokeOpacity, dash, round }: Drawn) =>
  stroke && {
    stroke: INK[stroke],
    'stroke-width': strokeWidth ?? 1,
    'stroke-opacity': strokeOpacity,
    'stroke-dasharray': dash?.join(' '),
    'stroke-linecap': round && 'round',
  };

function fillOf(shape: Exclude<Drawn, { kind: 'line' }>) {
  const { fill, fillOpacity, hatched } = shape;
  if (!fill) return { fill: 'none' };
  return { fill: hatched ? `url(#hatch-${fill})` : INK[fill], 'fill-opacity': fillOpacity };
}

/** Slanted lines for each color that is hatched. */
function hatches(shapes: readonly Shape[]): string {
  const roles = new Set(shapes.flatMap((one) => ('hatched' in one && one.hatched && one.fill ? [one.fill] : [])));
  if (roles.size === 0) return '';
  const pattern = { width: 7, height: 7, patternUnits: 'userSpaceOnUse', patternTransform: 'rotate(45)' };
  return el(
    'defs',
    {},
    ...[...roles].map((role) =>
      el(
        'pattern',
        { id: `hatch-${role}`, ...pattern },
        el('line', { x1: 0, y1: 0, x2: 0, y2: 7, stroke: INK[role], 'stroke-width': 2 }),
      ),
    ),
  );
}

function shapeMarkup(shape: Shape): string {
  switch (shape.kind) {
    case 'line': {
      const { x1, y1, x2, y2 } = shape;
      return el('line', { x1, y1, x2, y2, ...strokeOf(shape) });
    }
    case 'path':
      return el('path', {
        d: shape.d,
        ...fillOf(shape),
        ...strokeOf(shape),
        'shape-rendering': shape.crisp && 'crispEdges',
      });
    case 'rect': {
      const { x, y, width, height, corner } = shape;
      return el('rect', { x, y, width, height, rx: corner, ...fillOf(shape), ...strokeOf(shape) });
    }
    case 'ellipse': {
      const { cx, cy, rx, ry } = shape;
      return el('ellipse', { cx, cy, rx, ry, ...fillOf(shape), ...strokeOf(shape) });
    }
    case 'text': {
      const { x, y, text, size, bold, color = 'ink', anchor, halo } = shape;
      return el(
        'text',
        {
          x,
          y,
          'font-size': size,
          'font-family': family(text, bold),
          'font-weight': bold ? 700 : 400,
          fill: INK[color],
          'text-anchor': anchor === 'start' ? undefined : anchor,
          ...(halo && { stroke: INK.paper, 'stroke-width': halo, 'stroke-linejoin': 'round', 'paint-order': 'stroke' }),
        },
        escaped(text),
      );
    }
    case 'clip': {
      // A picture within the picture cuts what lies outside of it, without a name that two drawings could share.
      const { x, y, width, height, shapes } = shape;
      const box = { x, y, width, height, viewBox: [x, y, width, height].join(' '), overflow: 'hidden' };
      return el('svg', box, ...shapes.map(shapeMarkup));
    }
  }
}

/** A drawing as SVG markup, at its own size and in the colors of paper. */
export function svgOf({ width, height, says, shapes }: Drawing): string {
  const box = { viewBox: `0 0 ${Number(width.toFixed(2))} ${Number(height.toFixed(2))}`, width, height };
  return el(
    'svg',
    { xmlns: 'http://www.w3.org/2000/svg', ...box, role: 'img', 'aria-label': says },
    hatches(shapes),
    ...shapes.map(shapeMarkup),
  );
}
