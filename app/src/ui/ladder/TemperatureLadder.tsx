import { shownText, unitText } from '@huff/core';
import { planLadder, type DrawnGap, type DrawnMark } from '@huff/paper/ladder';
import { Pressable, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { VerdictMark, VERDICT_TEXT } from '../marks';
import { Txt } from '../text';
import { REGULAR, usePalette } from '../theme';

interface LadderProps {
  readonly marks: readonly DrawnMark[];
  readonly gaps: readonly DrawnGap[];
  readonly width: number;
  readonly onMark: (id: string) => void;
}

const HEIGHT = 560;

const whole = (value: number, unit: 'degF' | 'deltaF') => shownText(value, unit, 0);

/** One scale of degrees: the outdoor side and the indoor side; what lies between two marks is what the trade goes by. Marks are touched to type them. */
export function TemperatureLadder({ marks, gaps, width, onMark }: LadderProps) {
  const palette = usePalette();
  const { y, ticks, axis, tempOf, sideOf, labelAt, gapAt } = planLadder(marks, gaps, width, HEIGHT);
  return (
    <View style={{ width, height: HEIGHT }}>
      <Svg width={width} height={HEIGHT} style={{ position: 'absolute' }} aria-hidden>
        {ticks.map((tick) => (
          <G key={tick}>
            <Line x1={30} x2={width} y1={y(tick)} y2={y(tick)} stroke={palette.line} strokeWidth={1} />
            <SvgText x={26} y={y(tick) + 4} fontSize={13} fontFamily={REGULAR} fill={palette.softInk} textAnchor="end">
              {whole(tick, 'degF')}
            </SvgText>
          </G>
        ))}
        {(['outdoor', 'indoor'] as const).map((side) => (
          <Line
            key={side}
            x1={axis[side]}
            x2={axis[side]}
            y1={20}
            y2={HEIGHT - 10}
            stroke={palette.ink}
            strokeWidth={2}
          />
        ))}
        {[...gaps]
          .sort((a, b) => b.valueF - a.valueF)
          .map(({ id, upper, lower, word }) => {
            const side = sideOf(upper);
            return (
              <Rect
                key={id}
                x={axis[side] - 5}
                y={Math.min(y(tempOf(upper)), y(tempOf(lower)))}
                width={10}
                height={Math.abs(y(tempOf(lower)) - y(tempOf(upper)))}
                fill={id === 'subcooling' ? palette.suction : id === 'superheat' ? palette.supply : palette.line}
                opacity={word === 'cantSay' ? 0.5 : 1}
              />
            );
          })}
        {gaps.map(({ id, upper, lower }) => {
          const side = sideOf(upper);
          const edge = axis[side] + (id === 'returnMinusDew' ? 24 : 14);
          const inner = edge - 8;
          return (
            <Path
              key={id}
              d={`M${inner} ${y(tempOf(upper))} H${edge} V${y(tempOf(lower))} H${inner}`}
              fill="none"
              stroke={palette.ink}
              strokeWidth={1.3}
            />
          );
        })}
        {marks.map(({ id, side, tempF, usualF }) => (
          <Circle
            key={id}
            cx={axis[side]}
            cy={y(tempF ?? usualF)}
            r={7}
            fill={palette.paper}
            stroke={tempF === undefined ? palette.softInk : palette.ink}
            strokeWidth={2.5}
            strokeDasharray={tempF === undefined ? '3 3' : undefined}
          />
        ))}
      </Svg>
      <Txt size={14} color="softInk" style={{ position: 'absolute', top: 0, left: axis.outdoor - 46 }}>
        outdoor side
      </Txt>
      <Txt size={14} color="softInk" style={{ position: 'absolute', top: 0, left: axis.indoor - 38 }}>
        indoor side
      </Txt>
      <Txt size={13} color="softInk" style={{ position: 'absolute', top: 0, left: 0 }}>
        {unitText('degF')}
      </Txt>
      {marks.map(({ id, name, side, tempF, typed }) => {
        const top = labelAt[side].get(id)! - 24;
        return (
          <Pressable
            key={id}
            role="button"
            aria-label={`${name}, ${tempF === undefined ? 'not read' : `${whole(tempF, 'degF')} degrees`}. Type it`}
            onPress={() => onMark(id)}
            style={{
              position: 'absolute',
              top,
              height: 48,
              width: side === 'outdoor' ? 82 : 74,
              left: side === 'outdoor' ? axis.outdoor - 95 : axis.indoor - 87,
              alignItems: 'flex-end',
              justifyContent: 'center',
            }}
          >
            <Txt size={19} bold figures color={tempF === undefined ? 'action' : 'ink'}>
              {tempF === undefined ? (typed ?? 'type') : whole(tempF, 'degF')}
            </Txt>
            <Txt size={13} color="softInk" style={{ marginTop: -4 }}>
              {name}
            </Txt>
          </Pressable>
        );
      })}
      {gaps.map(({ id, name, valueF, word, asked, upper }) => {
        const side = sideOf(upper);
        const left = axis[side] + (side === 'outdoor' ? 22 : 30);
        return (
          <View
            key={id}
            role="img"
            aria-label={`${name} ${Math.round(valueF)} degrees, ${VERDICT_TEXT[word]}${asked ? `, asked ${asked}` : ''}`}
            style={{
              position: 'absolute',
              top: gapAt[side].get(id)! - 26,
              left,
              width: side === 'outdoor' ? 96 : 94,
            }}
          >
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: 5 }}>
              <Txt size={19} bold figures>
                {whole(valueF, 'deltaF')}
              </Txt>
              <VerdictMark word={word} size={16} />
            </View>
            <Txt size={13} style={{ marginTop: -2 }}>
              {name}
            </Txt>
            {asked !== undefined && (
              <Txt size={13} color="softInk" numberOfLines={2}>
                {asked}
              </Txt>
            )}
          </View>
        );
      })}
    </View>
  );
}
