import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useIsWide } from '../theme';
import { COLUMN_GAP, SIDE_COLUMN } from './PageFoot';

interface ColumnsProps {
  readonly main: ReactNode;
  /** Stands beside on a wide screen, under it on a phone. */
  readonly side?: ReactNode;
}

/** The two columns of a broad page. */
export function Columns({ main, side }: ColumnsProps) {
  const wide = useIsWide();
  return (
    <View style={{ paddingHorizontal: 16, flexDirection: wide ? 'row' : 'column', gap: wide ? COLUMN_GAP : 22 }}>
      <View style={wide ? { flex: 1 } : undefined}>{main}</View>
      {side && <View style={wide ? { width: SIDE_COLUMN } : undefined}>{side}</View>}
    </View>
  );
}
