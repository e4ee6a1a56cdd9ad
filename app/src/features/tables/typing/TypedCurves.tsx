import { flowText, staticText, unitText, type TypedGrid } from '@huff/core';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Path, Text } from 'react-native-svg';
import { DRAWN_TEXT, REGULAR, usePalette } from '../../../ui/theme';
import { fromShown } from '@huff/core';
import type { Place } from './draft';

interface TypedCurvesProps {
  readonly grid: TypedGrid;
  readonly at: Place;
  /** Rows are airflows and cells RPM: the curves are then lines of one airflow. */
  readonly byRpm: boolean;
  readonly height?: number;
}

/** The curves as they grow under the typing: airflow across, static up; the row that is typed stands out. */
/** A sign of a drawn name is so wide, px. */
const SIGN_PX = 8;

interface Named {
  readonly name: string;
  readonly left: number;
  readonly top: number;
  readonly isFirst: boolean;
}

/** The names of curves that do not overlap; the one that is worked on is always there. */
function withRoom(all: readonly Named[]): readonly Named[] {
  const isOver = (a: Named, b: Named) =>
    Math.abs(a.top - b.top) < DRAWN_TEXT &&
    a.left < b.left + SIGN_PX * b.name.length &&
    b.left < a.left + SIGN_PX * a.name.length;
  const placed: Named[] = all.filter(({ isFirst }) => isFirst);
  for (const one of all) if (!placed.includes(one) && !placed.some((other) => isOver(one, other))) placed.push(one);
  return placed;
}

export const TypedCurves = memo(function TypedCurves({ grid, at, byRpm, height = 132 }: TypedCurvesProps) {
  const { ink, line: soft, softInk, action } = usePalette();
  const [width, setWidth] = useState(0);
  const rows = grid.rows.map(({ name, cells }) => ({
    name,
    points: cells.flatMap((cell, j) => (cell === null ? [] : [{ x: cell, y: grid.staticsInWc[j]!, j }])),
  }));
  const all = rows.flatMap((row) => row.points);
  const xs = all.map((point) => point.x);
  const [low, high] = xs.length > 0 ? [Math.min(...xs), Math.max(...xs)] : [0, 1];
  const pad = Math.max((high - low) * 0.08, high * 0.02);
  const x = scaleLinear([low - pad, high + pad], [40, Math.max(60, width - 16)]);
  const y = scaleLinear([0, Math.max(...grid.staticsInWc, 0.5) * 1.06], [height - 24, 6]);
  const draw = line<{ x: number; y: number }>()
    .x((point) => x(point.x))
    .y((point) => y(point.y));
  const here = rows[at.row]?.points.find((point) => point.j === at.column);
  const named = withRoom(
    rows.flatMap(({ name, points: [first] }, i) =>
      first ? [{ name, left: x(first.x) + 5, top: y(first.y) + 12, isFirst: i === at.row }] : [],
    ),
  );
  const said = `${rows.filter((row) => row.points.length > 1).length} curves so far`;
  const xText = (value: number) => (byRpm ? String(Math.round(value)) : flowText(fromShown(value, 'cfm')));
  return (
    <View role="img" aria-label={said} style={{ height }} onLayout={(e) => setWidth(e.nativeEvent.layout.width)}>
      {width > 0 && (
        <Svg width={width} height={height} aria-hidden>
          <Line x1={40} x2={40} y1={4} y2={height - 24} stroke={soft} strokeWidth={2} />
          <Line x1={40} x2={width - 8} y1={height - 24} y2={height - 24} stroke={soft} strokeWidth={2} />
          {y
            .ticks(3)
            .filter((p) => p > 0)
            .map((p) => (
              <Text
                key={p}
                x={34}
                y={y(p) + 4}
                fontSize={DRAWN_TEXT}
                fontFamily={REGULAR}
                fill={softInk}
                textAnchor="end"
              >
                {staticText(p)}
              </Text>
            ))}
          {all.length > 0 &&
            x.ticks(4).map((q) => (
              <Text
                key={q}
                x={x(q)}
                y={height - 7}
                fontSize={DRAWN_TEXT}
                fontFamily={REGULAR}
                fill={softInk}
                textAnchor="middle"
              >
                {xText(q)}
              </Text>
            ))}
          {rows.map(({ name, points }, i) => (
            <Path
              key={`${name} ${i}`}
              d={draw(points) ?? ''}
              fill="none"
              stroke={ink}
              strokeOpacity={i === at.row ? 1 : 0.55}
              strokeWidth={i === at.row ? 3 : 1.4}
            />
          ))}
          {named.map(({ name, left, top }) => (
            <Text key={`${name} ${left}`} x={left} y={top} fontSize={DRAWN_TEXT} fontFamily={REGULAR} fill={ink}>
              {name}
            </Text>
          ))}
          {here && <Circle cx={x(here.x)} cy={y(here.y)} r={6} fill="none" stroke={action} strokeWidth={3} />}
          {all.length === 0 && (
            <Text
              x={width / 2 + 16}
              y={height / 2 - 10}
              fontSize={DRAWN_TEXT}
              fontFamily={REGULAR}
              fill={softInk}
              textAnchor="middle"
            >
              {`curve appears here, ${byRpm ? 'RPM' : unitText('cfm')} across`}
            </Text>
          )}
        </Svg>
      )}
    </View>
  );
});
