import type { ReactNode } from 'react';
import { Text as SvgText } from 'react-native-svg';
import { BOLD, REGULAR, usePalette } from '../theme';

const HALO = 4;

interface LabelProps {
  readonly x: number;
  readonly y: number;
  readonly size?: number;
  readonly bold?: boolean;
  readonly color?: string;
  readonly anchor?: 'start' | 'middle' | 'end';
  readonly children: ReactNode;
}

/** Words on the drawing, with a halo of paper so that lines under them do not cross the letters. */
export function Label({ x, y, size = 14, bold = false, color, anchor = 'start', children }: LabelProps) {
  const palette = usePalette();
  return (
    <SvgText
      x={x}
      y={y}
      fontFamily={bold ? BOLD : REGULAR}
      fontSize={size}
      fill={color ?? palette.ink}
      textAnchor={anchor}
      stroke={palette.paper}
      strokeWidth={HALO}
      // the halo lies under the letters
      {...{ paintOrder: 'stroke' }}
    >
      {children}
    </SvgText>
  );
}
