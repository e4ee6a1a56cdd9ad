import type { Layout, PortId } from '@huff/core';
import { View } from 'react-native';
import { Txt } from '../text';
import { usePalette } from '../theme';
import { cabinetGeometry } from './cabinetGeometry';

interface HoseReadoutProps {
  readonly layout: Layout;
  readonly width: number;
  readonly port: PortId;
  /** What the manometer shows, and whether it is steady. */
  readonly text: string;
  readonly state: string;
}

/** The manometer at the end of its hose, over the drawing of the cabinet. */
export function HoseReadout({ layout, width, port, text, state }: HoseReadoutProps) {
  const palette = usePalette();
  const { x, y, ...size } = cabinetGeometry(layout, width).readout;
  return (
    <View
      role="img"
      aria-label={`Manometer at ${port}: ${text}, ${state}`}
      style={{
        position: 'absolute',
        left: x,
        top: y,
        ...size,
        borderRadius: 7,
        borderWidth: 2,
        borderColor: palette.ink,
        backgroundColor: palette.sheet,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      <Txt size={17} bold figures style={{ lineHeight: 20 }}>
        {text}
      </Txt>
      <Txt size={15} color="softInk" style={{ lineHeight: 18 }}>
        {state}
      </Txt>
    </View>
  );
}
