import { ended, staticWords, staticText, type PortId } from '@huff/core';
import { scaleLinear } from 'd3-scale';
import { Pressable, View } from 'react-native';
import Svg, { Circle, Defs, G, Line, Path, Pattern, Polygon, Rect, Text as SvgText } from 'react-native-svg';
import { BOLD, REGULAR, usePalette } from '../theme';
import { splitAtAxis, type AirwayMark, type AirwayPlan, type Point } from '@huff/paper/airway';
import { BlowerWheel } from './BlowerWheel';

interface PressureLineProps {
  readonly plan: AirwayPlan;
  /** Pressures of before, drawn dashed behind. */
  readonly ghost?: ReadonlyMap<PortId, number>;
  readonly width: number;
  readonly rowHeight: number;
  readonly top: number;
  /** The port to read next. */
  readonly next?: PortId;
  readonly portName: (port: PortId) => string;
  readonly onPort?: (port: PortId) => void;
}

const TOUCH = 52;
const RADIUS = 15;

/** The pressure along the air path against a zero axis: suction to the left, hatched; supply to the right, plain. */
export function PressureLine({ plan, ghost, width, rowHeight, top, next, portName, onPort }: PressureLineProps) {
  const palette = usePalette();
  const read = plan.marks.filter((m) => m.pressureInWc !== undefined);
  const most = Math.max(
    0.3,
    ...read.map((m) => Math.abs(m.pressureInWc!)),
    ...[...(ghost?.values() ?? [])].map(Math.abs),
  );
  const axisX = Math.round(width * 0.54);
  const reach = Math.min(axisX, width - axisX) - RADIUS - 2;
  const x = scaleLinear()
    .domain([-most, most])
    .range([axisX - reach, axisX + reach]);
  const y = (row: number) => top + row * rowHeight;
  const height = y(plan.rows) + 30;
  const place = (mark: AirwayMark): Point => ({ x: x(mark.pressureInWc ?? 0), y: y(mark.row) });
  const { suction, supply } = splitAtAxis(read.map(place), axisX);
  const polygon = (points: readonly Point[]) => points.map((p) => `${p.x},${p.y}`).join(' ');
  const crossesFan = (a: AirwayMark, b: AirwayMark) => a.row <= plan.fan.from && b.row >= plan.fan.to;
  const sideColor = (mark: AirwayMark) => (mark.side === 'return' ? palette.suction : palette.supply);
  const ports = plan.marks.filter((m) => m.port !== undefined);
  const fanY = y((plan.fan.from + plan.fan.to) / 2);
  const measured = read.length > 2;
  const ghostAt = (mark: AirwayMark) => (mark.port === undefined ? 0 : ghost?.get(mark.port));
  const ghosts = ghost ? plan.marks.filter((mark) => ghostAt(mark) !== undefined) : [];
  return (
    <View style={{ width, height }}>
      <Svg width={width} height={height} aria-hidden>
        <Defs>
          <Pattern id="suction-hatch" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <Rect width={7} height={7} fill="none" />
            <Line x1={0} y1={0} x2={0} y2={7} stroke={palette.suction} strokeWidth={2} />
          </Pattern>
        </Defs>
        <SvgText x={axisX - 8} y={15} fontFamily={BOLD} fontSize={14} fill={palette.suction} textAnchor="end">
          suction
        </SvgText>
        <SvgText x={axisX + 8} y={15} fontFamily={BOLD} fontSize={14} fill={palette.supply}>
          supply
        </SvgText>
        {[-most, -most / 2, most / 2, most].map((p) => (
          <Line key={p} x1={x(p)} x2={x(p)} y1={top} y2={y(plan.rows)} stroke={palette.line} strokeDasharray="2 5" />
        ))}
        {suction.map((area) => (
          <G key={polygon(area)}>
            <Polygon points={polygon(area)} fill="url(#suction-hatch)" fillOpacity={0.55} />
          </G>
        ))}
        {supply.map((area) => (
          <Polygon key={polygon(area)} points={polygon(area)} fill={palette.supply} fillOpacity={0.24} />
        ))}
        <Line x1={axisX} x2={axisX} y1={top - 8} y2={y(plan.rows) + 8} stroke={palette.ink} strokeWidth={2.5} />
        {ghosts.length > 2 && (
          <Path
            d={ghosts.map((mark, i) => `${i === 0 ? 'M' : 'L'}${x(ghostAt(mark)!)} ${y(mark.row)}`).join(' ')}
            fill="none"
            stroke={palette.softInk}
            strokeWidth={2}
            strokeDasharray="6 5"
          />
        )}
        {!measured && <BlowerWheel cx={axisX} cy={fanY} r={20} color={palette.ink} />}
        {read.slice(1).map((to, i) => {
          const from = read[i]!;
          const a = place(from);
          const b = place(to);
          const fan = crossesFan(from, to);
          return (
            <Path
              key={`${from.row}-${to.row}`}
              d={`M${a.x} ${a.y} L${b.x} ${b.y}`}
              stroke={fan ? palette.ink : sideColor(from.port ? from : to)}
              strokeWidth={3}
              strokeDasharray={fan ? '2 5' : undefined}
              strokeLinecap="round"
            />
          );
        })}
        <SvgText x={0} y={top + 5} fontFamily={REGULAR} fontSize={14} fill={palette.softInk}>
          room
        </SvgText>
        <SvgText x={0} y={y(plan.rows) + 5} fontFamily={REGULAR} fontSize={14} fill={palette.softInk}>
          rooms
        </SvgText>
        {ports.map((mark) => {
          const { x: cx, y: cy } = place(mark);
          const known = mark.pressureInWc !== undefined;
          const isNext = mark.port === next;
          const color = isNext ? palette.action : sideColor(mark);
          return (
            <G key={mark.port}>
              {isNext && (
                <Circle
                  cx={cx}
                  cy={cy}
                  r={RADIUS + 5}
                  fill="none"
                  stroke={palette.action}
                  strokeWidth={1.5}
                  strokeDasharray="3 4"
                />
              )}
              <Circle
                cx={cx}
                cy={cy}
                r={RADIUS}
                fill={palette.paper}
                stroke={color}
                strokeWidth={known || isNext ? 3 : 2.5}
                strokeDasharray={known || isNext ? undefined : '3 3'}
              />
              <SvgText
                x={cx}
                y={cy + 4.5}
                fontFamily={BOLD}
                fontSize={13}
                fill={known || isNext ? palette.ink : palette.softInk}
                textAnchor="middle"
              >
                {mark.port}
              </SvgText>
              {known && (
                <SvgText
                  x={mark.pressureInWc < 0 ? axisX + 8 : axisX - 8}
                  y={cy + 6}
                  fontFamily={BOLD}
                  fontSize={17}
                  fill={palette.ink}
                  textAnchor={mark.pressureInWc < 0 ? 'start' : 'end'}
                >
                  {staticText(mark.pressureInWc)}
                </SvgText>
              )}
            </G>
          );
        })}
      </Svg>
      {onPort &&
        ports.map((mark) => {
          const { x: cx, y: cy } = place(mark);
          const value = mark.pressureInWc === undefined ? 'not read' : `${staticWords(mark.pressureInWc)}`;
          return (
            <Pressable
              key={mark.port}
              role="button"
              aria-label={`${ended(`Port ${mark.port}, ${portName(mark.port!)}: ${value}`)} Read it`}
              onPress={() => onPort(mark.port!)}
              style={{
                position: 'absolute',
                left: cx - TOUCH / 2,
                top: cy - TOUCH / 2,
                width: TOUCH,
                height: TOUCH,
                borderRadius: TOUCH / 2,
              }}
            />
          );
        })}
    </View>
  );
}
