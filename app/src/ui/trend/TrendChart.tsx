import { format } from 'date-fns/format';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Polygon, Text as SvgText } from 'react-native-svg';
import { TextButton } from '../page';
import { Heading, Txt } from '../text';
import { REGULAR, BOLD, usePalette } from '../theme';

export interface TrendPoint {
  readonly atMs: number;
  readonly value: number;
  /** The line begins anew here: another filter. */
  readonly isNew?: boolean;
}

interface TrendChartProps {
  readonly title: string;
  /** At the right of the title: "due 8 Dec, ± 9 days". */
  readonly aside?: string;
  readonly points: readonly TrendPoint[];
  /** A line across, with its name: what it may take, how it runs when right. */
  readonly level?: { readonly value: number; readonly name: string };
  /** Where it goes from the last point: to the level, with one σ in days. */
  readonly due?: { readonly atMs: number; readonly sigmaDays: number };
  readonly width: number;
  readonly text: (value: number) => string;
  /** The chart as a sentence, for those who hear it. */
  readonly says: string;
}

const HEIGHT = 150;
const LEFT = 44;
const DAY_MS = 86_400_000;

/** A figure over the years: its points, a level to hold them against, where they go. Its table is a touch away. */
export function TrendChart({ title, aside, points, level, due, width, text, says }: TrendChartProps) {
  const palette = usePalette();
  const [asTable, setAsTable] = useState(false);
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last) return null;
  const dueTo = due && due.atMs + due.sigmaDays * DAY_MS;
  const end = Math.max(last.atMs + 20 * DAY_MS, dueTo ?? 0);
  const values = [...points.map(({ value }) => value), ...(level ? [level.value] : [])];
  const [low, high] = [Math.min(0, ...values), Math.max(...values)];
  const x = scaleLinear([first.atMs, end], [LEFT, width - 8]);
  const y = scaleLinear([low, high * 1.15 || 1], [HEIGHT - 24, 10]).nice(3);
  const runs: TrendPoint[][] = [];
  for (const point of points) {
    if (point.isNew || runs.length === 0) runs.push([]);
    runs.at(-1)!.push(point);
  }
  const months = Math.max(1, Math.round((end - first.atMs) / (30 * DAY_MS)));
  const step = Math.max(1, Math.ceil(months / (width > 600 ? 8 : 4)));
  const start = new Date(first.atMs);
  const ticks = Array.from({ length: Math.ceil(months / step) + 1 }, (_, i) =>
    new Date(start.getFullYear(), start.getMonth() + i * step, 1).getTime(),
  ).filter((tick) => tick >= first.atMs - DAY_MS && tick < end - 5 * DAY_MS);
  return (
    <View style={{ gap: 4 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'baseline', gap: 8 }}>
        <Heading size={17}>{title}</Heading>
        {aside !== undefined && (
          <Txt size={15} color="softInk" figures>
            {aside}
          </Txt>
        )}
      </View>
      <View role="img" aria-label={says}>
        <Svg width={width} height={HEIGHT} aria-hidden>
          {y.ticks(3).map((tick) => (
            <G key={tick}>
              <Line x1={LEFT} x2={width - 8} y1={y(tick)} y2={y(tick)} stroke={palette.line} strokeWidth={1} />
              <SvgText
                x={LEFT - 6}
                y={y(tick) + 5}
                fontSize={14}
                fontFamily={REGULAR}
                fill={palette.softInk}
                textAnchor="end"
              >
                {text(tick)}
              </SvgText>
            </G>
          ))}
          {ticks.map((tick) => (
            <SvgText key={tick} x={x(tick)} y={HEIGHT - 5} fontSize={14} fontFamily={REGULAR} fill={palette.softInk}>
              {format(tick, months > 14 ? 'MMM yy' : 'MMM')}
            </SvgText>
          ))}
          {due && level && (
            <Polygon
              points={`${x(last.atMs)},${y(last.value)} ${x(Math.max(last.atMs, due.atMs - due.sigmaDays * DAY_MS))},${y(level.value)} ${x(due.atMs + due.sigmaDays * DAY_MS)},${y(level.value)}`}
              fill={palette.edge}
            />
          )}
          {level && (
            <G>
              <Line
                x1={LEFT}
                x2={width - 8}
                y1={y(level.value)}
                y2={y(level.value)}
                stroke={palette.action}
                strokeWidth={2}
                strokeDasharray="8 5"
              />
              <SvgText x={LEFT + 4} y={y(level.value) - 6} fontSize={14} fontFamily={BOLD} fill={palette.action}>
                {level.name}
              </SvgText>
            </G>
          )}
          {runs.map((run) => (
            <Path
              key={run[0]!.atMs}
              d={run.map(({ atMs, value }, i) => `${i === 0 ? 'M' : 'L'}${x(atMs)} ${y(value)}`).join(' ')}
              fill="none"
              stroke={palette.ink}
              strokeWidth={2}
            />
          ))}
          {points.map(({ atMs, value }) => (
            <Circle key={atMs} cx={x(atMs)} cy={y(value)} r={4.5} fill={palette.ink} />
          ))}
        </Svg>
      </View>
      <TextButton onPress={() => setAsTable(!asTable)}>{asTable ? 'Close the figures' : 'The figures'}</TextButton>
      {asTable && (
        <View role="table" aria-label={title}>
          {[...points].reverse().map(({ atMs, value, isNew }) => (
            <View
              key={atMs}
              role="row"
              style={{
                flexDirection: 'row',
                justifyContent: 'space-between',
                borderTopWidth: 1,
                borderColor: palette.line,
                paddingVertical: 6,
              }}
            >
              <Txt role="cell">{format(atMs, 'd MMM yyyy')}</Txt>
              <Txt role="cell" figures bold>
                {`${text(value)}${isNew ? ', changed' : ''}`}
              </Txt>
            </View>
          ))}
        </View>
      )}
    </View>
  );
}
