import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useIsWide, usePalette } from '../theme';

interface PageFootProps {
  readonly children: ReactNode;
  /** Of a page of two columns: as wide as the first of them. */
  readonly broad?: boolean;
}

/** The width beside the first column of a broad page, px. */
export const SIDE_COLUMN = 360;
/** Between the columns of a broad page, px. */
export const COLUMN_GAP = 40;
/** How wide a page's content gets, with its margins, px. */
export const PAGE_WIDTH = { single: 760, broad: 1120 } as const;

/** What stays in the lowest part of the screen, in reach of the thumb; on a wide screen as wide as what it belongs to. */
export function PageFoot({ children, broad }: PageFootProps) {
  const palette = usePalette();
  const wide = useIsWide();
  return (
    <View style={{ borderTopWidth: 1, borderColor: palette.line }}>
      <View
        style={{
          padding: 16,
          paddingTop: 10,
          gap: 8,
          ...(wide ? { maxWidth: broad ? PAGE_WIDTH.broad - SIDE_COLUMN - COLUMN_GAP : PAGE_WIDTH.single } : {}),
        }}
      >
        {children}
      </View>
    </View>
  );
}
