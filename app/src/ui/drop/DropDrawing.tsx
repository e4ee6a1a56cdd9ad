import { toolFigure, toolText } from '@huff/core';
import { scaleLinear } from 'd3-scale';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { BOLD, DRAWN_TEXT, REGULAR, usePalette } from '../theme';

interface DropDrawingProps {
  readonly returnF?: number;
  readonly supplyF?: number;
  /** Where the supply should be, °F. */
  readonly band?: { readonly low: number; readonly high: number };
  readonly bandName: string;
  readonly dewPointF?: number;
  readonly width: number;
}

const HEIGHT = 230;
const degrees = (f: number) => toolText(f, 'degF');

/** The air through the coil: temperature down, from return to supply, with the band the supply should end in. */
export function DropDrawing({ returnF, supplyF, band, bandName, dewPointF, width }: DropDrawingProps) {
  const palette = usePalette();
  const known = returnF !== undefined && supplyF !== undefined;
  const temperatures = [
    returnF ?? 75,
    supplyF ?? 55,
    band?.low ?? 52,
    band?.high ?? 58,
    ...(dewPointF === undefined ? [] : [dewPointF]),
  ];
  const y = scaleLinear([Math.max(...temperatures) + 3, Math.min(...temperatures) - 3], [24, HEIGHT - 24]);
  const left = 92;
  const right = width - 92;
  const coilAt = left + (right - left) * 0.42;
  const coilTo = left + (right - left) * 0.58;
  const path = known ? `M${left} ${y(returnF)} H${coilAt} L${coilTo} ${y(supplyF)} H${right}` : '';
  const says = known
    ? `Return ${degrees(returnF)}, supply ${degrees(supplyF)}: a drop of ${toolText(returnF - supplyF, 'deltaF')}.${band ? ` The supply should be ${toolFigure(band.low, 'degF')} to ${toolFigure(band.high, 'degF')}, ${bandName}.` : ''}`
    : 'The temperature drop has not been read.';
  return (
    <View role="img" aria-label={says}>
      <Svg width={width} height={HEIGHT} aria-hidden>
        <G stroke={palette.softInk} strokeWidth={1.5}>
          {[0, 1, 2, 3].map((i) => (
            <Line
              key={i}
              x1={coilAt - 4 + i * ((coilTo - coilAt + 8) / 3)}
              x2={coilAt - 4 + i * ((coilTo - coilAt + 8) / 3)}
              y1={20}
              y2={HEIGHT - 20}
              strokeDasharray="6 5"
            />
          ))}
        </G>
        <SvgText
          x={(coilAt + coilTo) / 2}
          y={14}
          fontFamily={REGULAR}
          fontSize={DRAWN_TEXT}
          fill={palette.softInk}
          textAnchor="middle"
        >
          coil
        </SvgText>
        {band && (
          <>
            <Rect
              x={coilTo}
              y={y(band.high)}
              width={right - coilTo}
              height={Math.max(3, y(band.low) - y(band.high))}
              fill={palette.edge}
            />
            <SvgText
              x={coilTo + 6}
              y={y(band.low) + 17}
              fontFamily={REGULAR}
              fontSize={DRAWN_TEXT}
              fill={palette.softInk}
            >
              {bandName}
            </SvgText>
          </>
        )}
        {dewPointF !== undefined && (
          <>
            <Line
              x1={left}
              x2={coilAt}
              y1={y(dewPointF)}
              y2={y(dewPointF)}
              stroke={palette.supply}
              strokeDasharray="3 4"
            />
            <SvgText x={4} y={y(dewPointF) + 17} fontFamily={REGULAR} fontSize={DRAWN_TEXT} fill={palette.supply}>
              {`dew point ${toolFigure(dewPointF, 'count')}`}
            </SvgText>
          </>
        )}
        {known && (
          <>
            <Path d={path} fill="none" stroke={palette.ink} strokeWidth={3} />
            <Circle cx={left} cy={y(returnF)} r={7} fill={palette.paper} stroke={palette.suction} strokeWidth={3} />
            <Circle cx={right} cy={y(supplyF)} r={7} fill={palette.paper} stroke={palette.supply} strokeWidth={3} />
            <SvgText
              x={left - 14}
              y={y(returnF) + 6}
              fontFamily={BOLD}
              fontSize={20}
              fill={palette.ink}
              textAnchor="end"
            >
              {toolFigure(returnF, 'degF')}
            </SvgText>
            <SvgText x={right + 14} y={y(supplyF) + 6} fontFamily={BOLD} fontSize={20} fill={palette.ink}>
              {toolFigure(supplyF, 'degF')}
            </SvgText>
          </>
        )}
        <SvgText x={4} y={HEIGHT - 6} fontFamily={BOLD} fontSize={DRAWN_TEXT} fill={palette.suction}>
          return
        </SvgText>
        <SvgText
          x={width - 4}
          y={HEIGHT - 6}
          fontFamily={BOLD}
          fontSize={DRAWN_TEXT}
          fill={palette.supply}
          textAnchor="end"
        >
          supply
        </SvgText>
      </Svg>
    </View>
  );
}
