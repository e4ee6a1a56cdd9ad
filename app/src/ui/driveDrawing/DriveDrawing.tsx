import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { BOLD, REGULAR, usePalette } from '../theme';
import { beltOutline, driveScale, type DrivePose } from '@huff/paper/drive';

interface DriveDrawingProps {
  readonly now: DrivePose;
  /** As found: drawn dashed behind. */
  readonly asFound?: DrivePose;
  readonly motorWords: string;
  readonly wrapDeg: number;
  readonly height?: number;
}

const inches = (value: number) => `${value.toFixed(2)} in.`;

/** The drive as a sentence, for those who hear it. */
export const driveSentence = ({ now, asFound, wrapDeg }: DriveDrawingProps) =>
  `Blower sheave ${inches(now.blowerIn)}, motor sheave ${inches(now.motorIn)}, centres ${inches(now.centresIn)}, wrap ${Math.round(wrapDeg)} degrees.${
    asFound
      ? ` As found the motor sheave was ${inches(asFound.motorIn)} and the centres ${inches(asFound.centresIn)}.`
      : ''
  }`;

/** Two sheaves and their belt, to scale; as found dashed behind. */
export function DriveDrawing(props: DriveDrawingProps) {
  const { now, asFound, motorWords, wrapDeg, height = 260 } = props;
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const box = { left: 12, right: width - 12, top: 62, bottom: height - 58 };
  const draw = () => {
    const scale = driveScale([now, ...(asFound ? [asFound] : [])], box);
    const blower = scale.blower;
    const motor = { x: blower.x + scale.perInch * now.centresIn, y: blower.y };
    const r = (pitch: number) => (scale.perInch * pitch) / 2;
    const text = { fontFamily: REGULAR, fontSize: 14, fill: palette.softInk } as const;
    const bold = { fontFamily: BOLD, fontSize: 17, fill: palette.ink } as const;
    const spokes = [18, 90, 162, 234, 306].map((deg) => (deg * Math.PI) / 180);
    const dimensionY = height - 26;
    const motorX = Math.min(motor.x, width - 66);
    const changed = asFound && (asFound.motorIn !== now.motorIn || asFound.centresIn !== now.centresIn);
    return (
      <>
        {changed && (
          <G>
            <Path
              d={beltOutline(asFound, blower, scale.perInch)}
              fill="none"
              stroke={palette.softInk}
              strokeWidth={2}
              strokeDasharray="4 5"
            />
            <Circle
              cx={blower.x + scale.perInch * asFound.centresIn}
              cy={blower.y}
              r={r(asFound.motorIn)}
              fill="none"
              stroke={palette.softInk}
              strokeWidth={1.5}
              strokeDasharray="4 5"
            />
          </G>
        )}
        <Circle
          cx={blower.x}
          cy={blower.y}
          r={r(now.blowerIn)}
          fill={palette.sheet}
          stroke={palette.ink}
          strokeWidth={1.5}
        />
        {spokes.map((angle) => (
          <Line
            key={angle}
            x1={blower.x + 9 * Math.cos(angle)}
            y1={blower.y + 9 * Math.sin(angle)}
            x2={blower.x + (r(now.blowerIn) - 4) * Math.cos(angle)}
            y2={blower.y + (r(now.blowerIn) - 4) * Math.sin(angle)}
            stroke={palette.line}
            strokeWidth={5}
          />
        ))}
        <Circle cx={blower.x} cy={blower.y} r={8} fill={palette.ink} />
        <Circle
          cx={motor.x}
          cy={motor.y}
          r={r(now.motorIn)}
          fill={palette.sheet}
          stroke={palette.ink}
          strokeWidth={1.5}
        />
        <Circle cx={motor.x} cy={motor.y} r={5} fill={palette.ink} />
        <Path d={beltOutline(now, blower, scale.perInch)} fill="none" stroke={palette.ink} strokeWidth={4.5} />
        <SvgText x={blower.x} y={16} textAnchor="middle" {...text}>
          blower
        </SvgText>
        <SvgText x={blower.x} y={36} textAnchor="middle" {...bold}>
          {inches(now.blowerIn)}
        </SvgText>
        <Line x1={blower.x} x2={blower.x} y1={42} y2={blower.y - r(now.blowerIn) - 6} stroke={palette.line} />
        <SvgText x={motorX} y={16} textAnchor="middle" {...text}>
          {motorWords}
        </SvgText>
        <SvgText x={motorX} y={36} textAnchor="middle" {...bold}>
          {inches(now.motorIn)}
        </SvgText>
        <Line x1={motor.x} x2={motor.x} y1={42} y2={motor.y - r(now.motorIn) - 6} stroke={palette.line} />
        <SvgText
          x={(blower.x + r(now.blowerIn) + motor.x - r(now.motorIn)) / 2}
          y={blower.y + 5}
          textAnchor="middle"
          {...text}
        >
          wrap {Math.round(wrapDeg)}°
        </SvgText>
        <Line
          x1={blower.x}
          x2={blower.x}
          y1={dimensionY - 7}
          y2={dimensionY + 7}
          stroke={palette.softInk}
          strokeWidth={1.5}
        />
        <Line
          x1={motor.x}
          x2={motor.x}
          y1={dimensionY - 7}
          y2={dimensionY + 7}
          stroke={palette.softInk}
          strokeWidth={1.5}
        />
        <Line x1={blower.x} x2={motor.x} y1={dimensionY} y2={dimensionY} stroke={palette.softInk} strokeWidth={1.5} />
        <SvgText
          x={(blower.x + motor.x) / 2}
          y={dimensionY + 6}
          textAnchor="middle"
          {...bold}
          stroke={palette.paper}
          strokeWidth={12}
          {...{ paintOrder: 'stroke' }}
        >
          {inches(now.centresIn)}
        </SvgText>
      </>
    );
  };
  return (
    <View
      role="img"
      aria-label={driveSentence(props)}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height }}
    >
      {width > 0 && (
        <Svg width={width} height={height} aria-hidden>
          {draw()}
        </Svg>
      )}
    </View>
  );
}
