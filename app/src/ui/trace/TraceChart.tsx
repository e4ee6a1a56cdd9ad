import { View } from 'react-native';
import Svg, { Line, Polyline, Rect, Text } from 'react-native-svg';
import { Txt } from '../text';
import { BOLD, DRAWN_TEXT, usePalette } from '../theme';

/** One line of a chart of values over seconds. */
interface TraceLine {
  readonly seconds: readonly number[];
  readonly values: readonly number[];
  /** Drawn dashed and soft: what was before. */
  readonly isBefore?: boolean;
}

interface TraceChartProps {
  readonly lines: readonly TraceLine[];
  /** Stretches that are marked with a number, in seconds. */
  readonly spans?: readonly { readonly from: number; readonly to: number }[];
  readonly width: number;
  readonly height?: number;
  /** A value with its unit, as it is written at the lines of the chart. */
  readonly text: (value: number) => string;
  /** Under the ends of the chart. */
  readonly ends: readonly [begin: string, end: string];
  /** The chart as a sentence. */
  readonly says: string;
}

/** A chart draws no more points than it has pixels for. */
const MOST_POINTS = 400;
/** Numbers that would run into each other are left out. */
const NUMBER_PX = 14;
const PAD = 10;
/** Numbers of stretches are written above the line. */
const NUMBERS_PX = 10;

/** Thins a line, so that a log of hours draws as fast as one of seconds. */
function thinned({ seconds, values }: TraceLine): [number, number][] {
  const step = Math.max(1, Math.ceil(values.length / MOST_POINTS));
  return values.flatMap((value, i): [number, number][] =>
    i % step === 0 || i === values.length - 1 ? [[seconds[i] ?? i, value]] : [],
  );
}

/** Values over time: one line, or before and after on the same axes; stretches in which a value rested are marked. */
export function TraceChart({ lines, spans = [], width, height = 120, text, ends, says }: TraceChartProps) {
  const palette = usePalette();
  const points = lines.map(thinned);
  const all = points.flat();
  if (all.length === 0) return null;
  const [low, high] = [Math.min(...all.map(([, v]) => v)), Math.max(...all.map(([, v]) => v))];
  const room = high > low ? 0 : Math.max(Math.abs(high), 1) * 0.05;
  const [from, to] = [low - room, high + room];
  const begin = Math.min(...all.map(([s]) => s));
  const span = Math.max(1, Math.max(...all.map(([s]) => s)) - begin);
  const x = (s: number) => ((s - begin) / span) * width;
  const top = PAD + (spans.length > 0 ? NUMBERS_PX : 0);
  const y = (value: number) => top + (height - top - PAD) * (1 - (value - from) / (to - from));
  const dash = (isBefore: boolean | undefined) => (isBefore ? '4 4' : undefined);
  return (
    <View style={{ gap: 2 }}>
      <View role="img" aria-label={says}>
        <Svg width={width} height={height}>
          <Rect x={0} y={0} width={width} height={height} fill={palette.trough} />
          {spans.map((one, i) => (
            <Rect
              key={i}
              x={x(one.from)}
              y={0}
              width={Math.max(2, x(one.to) - x(one.from))}
              height={height}
              fill={palette.edge}
            />
          ))}
          {[high, low].map((value) => (
            <Line key={value} x1={0} x2={width} y1={y(value)} y2={y(value)} stroke={palette.line} strokeWidth={1} />
          ))}
          {points.map((line, i) => (
            <Polyline
              key={i}
              points={line.map(([s, value]) => `${x(s).toFixed(1)},${y(value).toFixed(1)}`).join(' ')}
              fill="none"
              stroke={lines[i]!.isBefore ? palette.softInk : palette.ink}
              strokeWidth={2}
              strokeDasharray={dash(lines[i]!.isBefore)}
            />
          ))}
          {spans.map((one, i) =>
            i > 0 && x(one.from) - x(spans[i - 1]!.from) < NUMBER_PX ? null : (
              <Text key={i} x={x(one.from) + 3} y={13} fontSize={DRAWN_TEXT} fontFamily={BOLD} fill={palette.ink}>
                {i + 1}
              </Text>
            ),
          )}
        </Svg>
      </View>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <Txt size={13} color="softInk" figures>
          {ends[0]}
        </Txt>
        <Txt size={13} color="softInk" figures>
          {low === high ? text(low) : `${text(low)} to ${text(high)}`}
        </Txt>
        <Txt size={13} color="softInk" figures>
          {ends[1]}
        </Txt>
      </View>
    </View>
  );
}
