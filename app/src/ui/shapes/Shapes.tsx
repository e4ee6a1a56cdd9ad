import type { Inks, Role, Shape } from '@huff/paper/shapes';
import { memo, useId, type ReactElement } from 'react';
import Svg, {
  ClipPath,
  Defs,
  Ellipse,
  G,
  Line,
  Path,
  Pattern,
  Rect,
  Text as SvgText,
  type SvgProps,
} from 'react-native-svg';
import { BOLD, REGULAR, usePalette } from '../theme';

type Drawn = Exclude<Shape, { kind: 'text' | 'clip' }>;

/** What a shape needs of the drawing it stands in. */
interface Around {
  readonly inks: Inks;
  /** Names in a drawing are the page's: two drawings may stand on one. */
  readonly id: string;
}

const hatchId = (id: string, role: Role) => `${id}-hatch-${role}`;

const strokeOf = ({ stroke, strokeWidth, strokeOpacity, dash, round }: Drawn, inks: Inks) =>
  stroke && {
    stroke: inks[stroke],
    strokeWidth: strokeWidth ?? 1,
    strokeOpacity,
    strokeDasharray: dash?.join(' '),
    strokeLinecap: round && ('round' as const),
  };

const fillOf = ({ fill, fillOpacity, hatched }: Exclude<Drawn, { kind: 'line' }>, { inks, id }: Around) =>
  fill ? { fill: hatched ? `url(#${hatchId(id, fill)})` : inks[fill], fillOpacity } : { fill: 'none' };

/** A shape as its element; plain elements, for a drawing may have hundreds. @param at its place in the drawing, which is its name too */
function elementOf(shape: Shape, around: Around, at: string): ReactElement {
  const { inks, id } = around;
  switch (shape.kind) {
    case 'line': {
      const { x1, y1, x2, y2 } = shape;
      return <Line key={at} x1={x1} y1={y1} x2={x2} y2={y2} {...strokeOf(shape, inks)} />;
    }
    case 'path':
      return <Path key={at} d={shape.d} {...fillOf(shape, around)} {...strokeOf(shape, inks)} />;
    case 'rect': {
      const { x, y, width, height, corner } = shape;
      const place = { x, y, width, height, rx: corner };
      return <Rect key={at} {...place} {...fillOf(shape, around)} {...strokeOf(shape, inks)} />;
    }
    case 'ellipse': {
      const { cx, cy, rx, ry } = shape;
      return <Ellipse key={at} cx={cx} cy={cy} rx={rx} ry={ry} {...fillOf(shape, around)} {...strokeOf(shape, inks)} />;
    }
    case 'text': {
      const { x, y, text, size, bold, color = 'ink', anchor, halo } = shape;
      return (
        <SvgText
          key={at}
          x={x}
          y={y}
          fontFamily={bold ? BOLD : REGULAR}
          fontSize={size}
          fill={inks[color]}
          textAnchor={anchor}
          // The halo lies under the letters.
          {...(halo && { stroke: inks.paper, strokeWidth: halo, strokeLinejoin: 'round', paintOrder: 'stroke' })}
        >
          {text}
        </SvgText>
      );
    }
    case 'clip': {
      const { x, y, width, height, shapes } = shape;
      const clip = `${id}-clip-${at}`;
      return (
        <G key={at} clipPath={`url(#${clip})`}>
          <Defs>
            <ClipPath id={clip}>
              <Rect x={x} y={y} width={width} height={height} />
            </ClipPath>
          </Defs>
          {elementsOf(shapes, around, at)}
        </G>
      );
    }
  }
}

const elementsOf = (shapes: readonly Shape[], around: Around, at: string) =>
  shapes.map((shape, i) => elementOf(shape, around, `${at}-${i}`));

interface ShapesProps extends Omit<SvgProps, 'width' | 'height'> {
  readonly shapes: readonly Shape[];
  readonly width: number;
  readonly height: number;
  /** Colors of something else than the screen: of paper. */
  readonly inks?: Inks;
}

/** Paints the shapes of a drawing on the screen, in the colors of the theme. */
export const Shapes = memo(function Shapes({ shapes, width, height, inks, ...more }: ShapesProps) {
  const palette = usePalette();
  const id = useId();
  const around = { inks: inks ?? palette, id };
  const hatched = new Set(shapes.flatMap((one) => ('hatched' in one && one.hatched && one.fill ? [one.fill] : [])));
  return (
    <Svg width={width} height={height} aria-hidden {...more}>
      {hatched.size > 0 && (
        <Defs>
          {[...hatched].map((role) => (
            <Pattern
              key={role}
              id={hatchId(id, role)}
              width={7}
              height={7}
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <Line x1={0} y1={0} x2={0} y2={7} stroke={around.inks[role]} strokeWidth={2} />
            </Pattern>
          ))}
        </Defs>
      )}
      {elementsOf(shapes, around, 's')}
    </Svg>
  );
});
