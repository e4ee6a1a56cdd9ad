import { tapeText, type Duct, type TraversePlan } from '@huff/core';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { Txt } from '../text';
import { BOLD, REGULAR, usePalette } from '../theme';

interface TraverseDrawingProps {
  readonly duct: Duct;
  readonly plan: TraversePlan;
  /** Points already read: drawn full. */
  readonly done: number;
}

const WIDTH = 320;
const MARGIN = 26;

/** Points of the plan in the order of reading, in the unit square: hole by hole, from the near wall on. */
function pointsOf({ holes, depths }: TraversePlan, round: boolean): { x: number; y: number }[] {
  if (depths.length === 0) return holes.map((x) => ({ x, y: 0.5 }));
  return holes.flatMap((hole) =>
    depths.map((depth) => {
      if (!round) return { x: hole, y: depth };
      const angle = hole * Math.PI;
      return { x: 0.5 + (depth - 0.5) * Math.cos(angle), y: 0.5 + (depth - 0.5) * Math.sin(angle) };
    }),
  );
}

/** The duct's cross-section with the holes, the points and how far each is read, and the marks to tape on the probe. */
export function TraverseDrawing({ duct, plan, done }: TraverseDrawingProps) {
  const palette = usePalette();
  const round = duct.shape === 'round';
  const ratio = round ? 1 : duct.heightIn / duct.widthIn;
  const inner = Math.min(WIDTH - 2 * MARGIN, ratio > 0.8 ? 190 : WIDTH);
  const w = inner;
  const h = round ? inner : Math.max(56, Math.min(200, inner * ratio));
  const left = (WIDTH - w) / 2;
  const top = MARGIN;
  const points = pointsOf(plan, round);
  const sweep = plan.depths.length === 0;
  const marks = plan.marksIn.map(tapeText).join(' · ');
  const size = round ? `${duct.diameterIn} in. round` : `${duct.widthIn} × ${duct.heightIn} in.`;
  return (
    <View style={{ paddingVertical: 8, gap: 6 }}>
      <View
        role="img"
        aria-label={`Traverse of a ${size} duct: ${plan.points} ${sweep ? 'sweeps' : 'points'}, ${done} read.${sweep ? '' : ` Tape marks ${marks} inches from the wall.`}`}
      >
        <Svg width={WIDTH} height={h + 2 * MARGIN} aria-hidden>
          {round ? (
            <Circle
              cx={left + w / 2}
              cy={top + h / 2}
              r={w / 2}
              fill={palette.sheet}
              stroke={palette.ink}
              strokeWidth={2}
            />
          ) : (
            <Rect x={left} y={top} width={w} height={h} fill={palette.sheet} stroke={palette.ink} strokeWidth={2} />
          )}
          {!round &&
            plan.holes.map((hole, i) => (
              <G key={hole}>
                <Line
                  x1={left + hole * w}
                  x2={left + hole * w}
                  y1={top - 8}
                  y2={top + h}
                  stroke={palette.line}
                  strokeDasharray="2 4"
                />
                <SvgText
                  x={left + hole * w}
                  y={top - 11}
                  fontFamily={BOLD}
                  fontSize={14}
                  fill={palette.softInk}
                  textAnchor="middle"
                >
                  {i + 1}
                </SvgText>
              </G>
            ))}
          {round &&
            !sweep &&
            plan.holes.map((hole, i) => {
              const angle = hole * Math.PI;
              const [dx, dy] = [(w / 2) * Math.cos(angle), (w / 2) * Math.sin(angle)];
              const [cx, cy] = [left + w / 2, top + h / 2];
              return (
                <G key={hole}>
                  <Line
                    x1={cx - dx}
                    y1={cy - dy}
                    x2={cx + dx}
                    y2={cy + dy}
                    stroke={palette.line}
                    strokeDasharray="2 4"
                  />
                  <SvgText
                    x={cx - dx * 1.14}
                    y={cy - dy * 1.14 + 5}
                    fontFamily={BOLD}
                    fontSize={14}
                    fill={palette.softInk}
                    textAnchor="middle"
                  >
                    {i + 1}
                  </SvgText>
                </G>
              );
            })}
          {points.map((p, i) => (
            <Circle
              key={i}
              cx={left + p.x * w}
              cy={top + p.y * h}
              r={i === done ? 6 : 4.5}
              fill={i < done ? palette.supply : palette.paper}
              stroke={i === done ? palette.action : palette.supply}
              strokeWidth={i === done ? 3 : 1.5}
            />
          ))}
          <SvgText
            x={WIDTH / 2}
            y={h + 2 * MARGIN - 6}
            fontFamily={REGULAR}
            fontSize={14}
            fill={palette.softInk}
            textAnchor="middle"
          >
            {`${size} · ${done} of ${plan.points} read`}
          </SvgText>
        </Svg>
      </View>
      {!sweep && (
        <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: 6 }}>
          <Txt size={14} color="softInk">
            Tape the probe at, in. from the wall
          </Txt>
          <Txt bold figures>
            {marks}
          </Txt>
        </View>
      )}
    </View>
  );
}
