import { ended, toolFigure, toolUnitText, type NumberField, type RawInputs, type Tool } from '@huff/core';
import { useState } from 'react';
import { Pressable, View, type ViewStyle } from 'react-native';
import Svg, { Circle, Line, Path, Text as SvgText } from 'react-native-svg';
import { Txt } from '../../ui/text';
import { DRAWN_TEXT, REGULAR, usePalette } from '../../ui/theme';
import { DuctPart } from './DuctParts';
import type { MethodPicture, Spot } from './pictures';
import { steadyWords, type Steadiness } from './steadiness';

interface MethodDrawingProps {
  readonly tool: Tool;
  readonly picture: MethodPicture;
  readonly raw: RawInputs;
  readonly steadiness: (field: string) => Steadiness;
  readonly onSpot: (field: string) => void;
}

const HEAD = 84;
const DUCT_TOP = HEAD + 22;
const DUCT_BOTTOM = DUCT_TOP + 118;
const HEIGHT = DUCT_BOTTOM + 34;
const SPOT_WIDTH = 150;

/** A method on its drawing: the probes stand where they go, and each value is typed at its probe. */
export function MethodDrawing({ tool, picture, raw, steadiness, onSpot }: MethodDrawingProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const tone = { suction: palette.suction, supply: palette.supply, ink: palette.ink };
  const { note } = picture;
  return (
    <View style={{ height: HEIGHT }} onLayout={(e) => setWidth(e.nativeEvent.layout.width)}>
      {width > 0 && (
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Line x1={0} x2={width} y1={DUCT_TOP} y2={DUCT_TOP} stroke={palette.ink} strokeWidth={3} />
          <Line x1={0} x2={width} y1={DUCT_BOTTOM} y2={DUCT_BOTTOM} stroke={palette.ink} strokeWidth={3} />
          {picture.parts.map(({ part, x }) => (
            <DuctPart key={`${part} ${x}`} part={part} x={x * width} top={DUCT_TOP} bottom={DUCT_BOTTOM} />
          ))}
          {note?.lines.map((line, i) => (
            <SvgText
              key={line}
              x={note.x * width}
              y={DUCT_TOP + 62 + 17 * i}
              fontFamily={REGULAR}
              fontSize={DRAWN_TEXT}
              fill={palette.softInk}
            >
              {line}
            </SvgText>
          ))}
          {picture.spots.map(({ field, x, tone: color }) => (
            <Svg key={field}>
              <Line
                x1={x * width}
                x2={x * width}
                y1={HEAD}
                y2={DUCT_TOP}
                stroke={tone[color]}
                strokeWidth={2}
                strokeDasharray="2 4"
              />
              <Line
                x1={x * width}
                x2={x * width}
                y1={DUCT_TOP}
                y2={DUCT_TOP + 30}
                stroke={tone[color]}
                strokeWidth={3}
              />
              <Circle cx={x * width} cy={DUCT_TOP + 33} r={6.5} fill={tone[color]} />
            </Svg>
          ))}
          <Path
            d={`M8 ${DUCT_BOTTOM + 20} h104 m-8 -6 l8 6 l-8 6`}
            fill="none"
            stroke={palette.softInk}
            strokeWidth={1.8}
          />
        </Svg>
      )}
      {picture.spots.map((spot) => (
        <SpotValue
          key={spot.field}
          spot={spot}
          field={tool.fields[spot.field] as NumberField}
          value={raw[spot.field]}
          steadiness={steadiness(spot.field)}
          onPress={() => onSpot(spot.field)}
        />
      ))}
    </View>
  );
}

/** Over its probe; at the ends inside the drawing. */
const across = (x: number): ViewStyle =>
  x < 0.22 ? { left: 0 } : x > 0.78 ? { right: 0 } : { left: `${100 * x}%`, marginLeft: -SPOT_WIDTH / 2 };

interface SpotValueProps {
  readonly spot: Spot;
  readonly field: NumberField;
  readonly value: unknown;
  readonly steadiness: Steadiness;
  readonly onPress: () => void;
}

function SpotValue({ spot, field, value, steadiness, onPress }: SpotValueProps) {
  const palette = usePalette();
  const known = typeof value === 'number';
  const rest = spot.settles && known ? steadyWords(steadiness) : undefined;
  const text = known ? toolFigure(value, field.unit) : '–';
  return (
    <Pressable
      role="button"
      aria-label={`${ended(`${field.label}: ${known ? `${text} ${toolUnitText(field.unit)}` : 'not read'}${rest ? `, ${rest}` : ''}`)} Type it`}
      onPress={onPress}
      style={{
        position: 'absolute',
        top: 0,
        width: SPOT_WIDTH,
        minHeight: HEAD,
        alignItems: 'center',
        ...across(spot.x),
      }}
    >
      <Txt size={DRAWN_TEXT} color="softInk">
        {spot.label}
      </Txt>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 6 }}>
        {spot.settles && known && <Ring steady={steadiness.kind === 'steady'} color={palette[spot.tone]} />}
        <Txt size={30} bold figures color={known ? 'ink' : 'softInk'}>
          {text}
        </Txt>
        <Txt size={DRAWN_TEXT} color="softInk">
          {toolUnitText(field.unit)}
        </Txt>
      </View>
      {rest !== undefined && (
        <Txt size={DRAWN_TEXT} color="softInk">
          {rest}
        </Txt>
      )}
    </Pressable>
  );
}

/** Closes when the value has come to rest. */
function Ring({ steady, color }: { readonly steady: boolean; readonly color: string }) {
  return (
    <Svg width={18} height={18} aria-hidden>
      {steady ? (
        <Circle cx={9} cy={9} r={7} fill="none" stroke={color} strokeWidth={3} />
      ) : (
        <Path d="M9 2 A7 7 0 1 0 16 9" fill="none" stroke={color} strokeWidth={3} />
      )}
    </Svg>
  );
}
