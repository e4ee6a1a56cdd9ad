import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { usePalette } from '../theme';

interface ExpectedStripProps {
  readonly expected: number;
  /** One σ of the difference between what is expected and what was read. */
  readonly sigma: number;
  readonly value?: number;
  readonly width: number;
  readonly height?: number;
}

/** How far to either side of what is expected a strip reaches, in σ. */
const REACH = 4;
const DOT = 6;

/** What an explanation expects, as a band of one σ to either side, and what was read as a dot; a dot at the end is further off still. */
export function ExpectedStrip({ expected, sigma, value, width, height = 28 }: ExpectedStripProps) {
  const palette = usePalette();
  const inner = width - 2 * DOT;
  const at = (sigmas: number) => DOT + (inner * (Math.max(-REACH, Math.min(REACH, sigmas)) + REACH)) / (2 * REACH);
  const middle = height / 2;
  const off = value === undefined || sigma <= 0 ? undefined : (value - expected) / sigma;
  return (
    <Svg width={width} height={height} aria-hidden>
      <Line x1={0} x2={width} y1={middle} y2={middle} stroke={palette.line} strokeWidth={1.5} />
      <Rect x={at(-1)} y={middle - 9} width={at(1) - at(-1)} height={18} fill={palette.edge} />
      <Line x1={at(0)} x2={at(0)} y1={middle - 9} y2={middle + 9} stroke={palette.ink} strokeWidth={1.5} />
      {off !== undefined && (
        <Circle
          cx={at(off)}
          cy={middle}
          r={DOT}
          fill={Math.abs(off) > 2 ? palette.paper : palette.ink}
          stroke={Math.abs(off) > 2 ? palette.action : palette.ink}
          strokeWidth={Math.abs(off) > 2 ? 2.5 : 0}
        />
      )}
    </Svg>
  );
}
