import type { Lane, PointStand } from '@huff/core/call';
import type { VerdictWord } from '@huff/core';
import { Pressable, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { VerdictMark } from '../marks';
import { Txt } from '../text';
import { BOLD, DRAWN_TEXT, usePalette } from '../theme';

/** A test point as it is drawn. */
interface WayPoint {
  readonly id: string;
  readonly name: string;
  /** Where the leads go, what it should read. */
  readonly where: string;
  /** What was read, in words. */
  readonly text?: string;
  readonly lane: Lane;
  readonly stand: PointStand;
  /** Points that feed it, by their place in the list. */
  readonly from: readonly number[];
}

interface WayOfPowerProps {
  readonly points: readonly WayPoint[];
  readonly stopsAt?: string;
  /** What does not come further: "power", "the sequence". */
  readonly what: string;
  /** The test that comes next. */
  readonly next?: string;
  readonly onPoint: (id: string) => void;
}

const ROW = 68;
const AXIS = 50;
const RING = 15;

export const STAND_WORD: Record<PointStand, VerdictWord> = {
  good: 'inside',
  edge: 'atTheEdge',
  bad: 'outside',
  implied: 'inside',
  untested: 'cantSay',
};
const isShown = (stand: PointStand) => stand === 'good' || stand === 'edge' || stand === 'implied';

/** The way of power from the disconnect to the wheel: drawn as far as power was shown to come, with the points to test on it. */
export function WayOfPower({ points, stopsAt, what, next, onPoint }: WayOfPowerProps) {
  const palette = usePalette();
  const laneColor = { line: palette.ink, low: palette.supply, self: palette.softInk } as const;
  const y = (i: number) => i * ROW + ROW / 2;
  return (
    <View>
      <Svg width={AXIS + 30} height={points.length * ROW} style={{ position: 'absolute', left: 0, top: 0 }} aria-hidden>
        {points.map(({ id, lane, stand, from }, i) => {
          if (i === 0) return null;
          const drawn = isShown(stand);
          const stops = id === stopsAt;
          const color = drawn ? laneColor[lane] : palette.softInk;
          const far = from.filter((up) => up < i - 1);
          const top = y(i - 1) + RING;
          const bottom = y(i) - RING;
          return (
            <G key={id}>
              <Line
                x1={AXIS}
                x2={AXIS}
                y1={top}
                y2={stops ? top + 12 : bottom}
                stroke={stops ? laneColor[points[i - 1]!.lane] : color}
                strokeWidth={drawn ? (lane === 'line' ? 5 : 4) : 2}
                strokeDasharray={drawn || stops ? undefined : '3 4'}
              />
              {stops && (
                <>
                  <Path
                    d={`M${AXIS - 12} ${top + 15} H${AXIS + 12} M${AXIS - 12} ${top + 21} H${AXIS + 12}`}
                    stroke={palette.action}
                    strokeWidth={2.5}
                  />
                  <Line
                    x1={AXIS}
                    x2={AXIS}
                    y1={top + 25}
                    y2={bottom}
                    stroke={palette.softInk}
                    strokeWidth={2}
                    strokeDasharray="3 4"
                  />
                </>
              )}
              {lane === 'line' &&
                far.map((up) => (
                  <Path
                    key={up}
                    d={`M${AXIS - RING} ${y(up)} H${AXIS - 34} V${y(i)} H${AXIS - RING}`}
                    fill="none"
                    stroke={isShown(points[up]!.stand) ? palette.ink : palette.softInk}
                    strokeWidth={isShown(points[up]!.stand) ? 2.5 : 1.5}
                    strokeDasharray={isShown(points[up]!.stand) ? undefined : '3 4'}
                  />
                ))}
            </G>
          );
        })}
        {points.map(({ id, lane, stand }, i) => (
          <G key={id}>
            <Circle
              cx={AXIS}
              cy={y(i)}
              r={RING}
              fill={id === next ? palette.edge : palette.paper}
              stroke={stand === 'bad' ? palette.action : isShown(stand) ? laneColor[lane] : palette.softInk}
              strokeWidth={stand === 'bad' ? 4 : isShown(stand) ? 3 : 2}
              strokeDasharray={stand === 'untested' ? '3 3' : undefined}
            />
            <SvgText
              x={AXIS}
              y={y(i) + 4.5}
              fontFamily={BOLD}
              fontSize={DRAWN_TEXT}
              fill={palette.ink}
              textAnchor="middle"
            >{`T${i + 1}`}</SvgText>
          </G>
        ))}
      </Svg>
      {points.map(({ id, name, where, text, stand }, i) => (
        <Pressable
          key={id}
          role="button"
          aria-label={`T${i + 1}, ${name}: ${text ?? (stand === 'implied' ? 'shown by what is read after it' : 'not tested')}${id === stopsAt ? `. ${what} stops before this` : ''}`}
          onPress={() => onPoint(id)}
          style={{
            height: ROW,
            marginLeft: AXIS + 32,
            borderTopWidth: i === 0 ? 0 : 1,
            borderColor: palette.line,
            flexDirection: 'row',
            alignItems: 'center',
            gap: 8,
          }}
        >
          <View style={{ flex: 1 }}>
            <Txt bold numberOfLines={1}>
              {name}
            </Txt>
            {id === stopsAt ? (
              <Txt size={DRAWN_TEXT} bold color="action" numberOfLines={1}>
                {what} stops here
              </Txt>
            ) : (
              <Txt size={DRAWN_TEXT} color="softInk" numberOfLines={2}>
                {where}
              </Txt>
            )}
          </View>
          {text === undefined ? (
            <Txt size={DRAWN_TEXT} color="softInk" style={{ maxWidth: 84 }} align="right">
              {stand === 'implied' ? 'shown' : 'not tested'}
            </Txt>
          ) : (
            <Txt
              size={/^[−\d]/.test(text) ? 19 : 16}
              bold
              figures
              style={{ maxWidth: 120 }}
              align="right"
              numberOfLines={2}
            >
              {text}
            </Txt>
          )}
          <VerdictMark word={STAND_WORD[stand]} size={20} />
        </Pressable>
      ))}
    </View>
  );
}
