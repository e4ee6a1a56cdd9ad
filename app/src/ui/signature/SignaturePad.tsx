import { SIGNATURE_SIDE, signaturePath, type Strokes } from '@huff/core/call';
import { useRef, useState } from 'react';
import { View, type GestureResponderEvent, type LayoutChangeEvent } from 'react-native';
import Svg, { Line, Path } from 'react-native-svg';
import { usePalette } from '../theme';

interface SignaturePadProps {
  readonly strokes: Strokes;
  readonly onStrokes: (strokes: Strokes) => void;
  readonly width: number;
  /** In words, for those who hear it. */
  readonly label: string;
}

const SHAPE = 1 / 3;

/** A place to sign with a finger. Whoever cannot types the name instead: nothing of it is needed. */
export function SignaturePad({ strokes, onStrokes, width, label }: SignaturePadProps) {
  const palette = usePalette();
  const height = width * SHAPE;
  const [live, setLive] = useState<readonly (readonly [number, number])[]>([]);
  const points = useRef<[number, number][]>([]);
  const box = useRef({ width, height });
  const place = ({ nativeEvent }: GestureResponderEvent): [number, number] => {
    const within = (at: number, side: number) => Math.min(SIGNATURE_SIDE, Math.max(0, (SIGNATURE_SIDE * at) / side));
    return [within(nativeEvent.locationX, box.current.width), within(nativeEvent.locationY, box.current.height)];
  };
  const draw = (event: GestureResponderEvent) => {
    points.current.push(place(event));
    setLive([...points.current]);
  };
  const lift = () => {
    if (points.current.length > 0) onStrokes([...strokes, points.current]);
    points.current = [];
    setLive([]);
  };
  const all = live.length > 0 ? [...strokes, live] : strokes;
  return (
    <View
      role="img"
      aria-label={label}
      onLayout={({ nativeEvent: { layout } }: LayoutChangeEvent) => {
        box.current = { width: layout.width, height: layout.height };
      }}
      onStartShouldSetResponder={() => true}
      onMoveShouldSetResponder={() => true}
      onResponderTerminationRequest={() => false}
      onResponderGrant={draw}
      onResponderMove={draw}
      onResponderRelease={lift}
      onResponderTerminate={lift}
      style={[
        {
          width,
          height,
          borderWidth: 1.5,
          borderColor: palette.softInk,
          borderRadius: 6,
          backgroundColor: palette.sheet,
        },
        // A finger that signs must not scroll the page.
        { touchAction: 'none', userSelect: 'none' },
      ]}
    >
      <Svg width="100%" height="100%" viewBox={`0 0 ${width} ${height}`} pointerEvents="none" aria-hidden>
        <Line x1={16} x2={width - 16} y1={height * 0.78} y2={height * 0.78} stroke={palette.line} strokeWidth={1} />
        <Path d={signaturePath(all, width, height)} fill="none" stroke={palette.ink} strokeWidth={2.4} />
      </Svg>
    </View>
  );
}
