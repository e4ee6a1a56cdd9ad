import { Circle, Ellipse, G, Line } from 'react-native-svg';
import { usePalette } from '../theme';
import { Label } from './Label';

interface Place {
  readonly x: number;
  readonly y: number;
}

/** Where the system stood before what is chosen. */
export function GhostMark({ x, y }: Place) {
  const palette = usePalette();
  return (
    <>
      <Circle cx={x} cy={y} r={7} fill={palette.paper} stroke={palette.ink} strokeWidth={2} strokeDasharray="2 3" />
      <Label x={x - 12} y={y - 8} anchor="end">
        now
      </Label>
    </>
  );
}

/** A point that was read, beside the one that was predicted. */
export function ReadMark({ x, y }: Place) {
  const { action } = usePalette();
  return (
    <G>
      <Line x1={x - 9} x2={x + 9} y1={y} y2={y} stroke={action} strokeWidth={3} />
      <Line x1={x} x2={x} y1={y - 9} y2={y + 9} stroke={action} strokeWidth={3} />
      <Label x={x - 12} y={y + 18} bold color={action} anchor="end">
        read
      </Label>
    </G>
  );
}

/** The crossing with how sure it is; hollow at the edge of the table when the curves do not meet on it. */
export function CrossingMark({
  x,
  y,
  found,
  spread,
  clip,
}: Place & {
  readonly found: boolean;
  readonly spread?: Place;
  /** Id of the clip path of the drawing's box: a wide spread stays inside it. */
  readonly clip: string;
}) {
  const palette = usePalette();
  if (!found) return <Circle cx={x} cy={y} r={6} fill={palette.paper} stroke={palette.action} strokeWidth={3} />;
  return (
    <>
      {spread && (
        <G clipPath={`url(#${clip})`}>
          <Ellipse cx={x} cy={y} rx={spread.x} ry={Math.max(6, spread.y)} fill={palette.ink} fillOpacity={0.16} />
        </G>
      )}
      <Circle cx={x} cy={y} r={7.5} fill={palette.ink} />
    </>
  );
}
