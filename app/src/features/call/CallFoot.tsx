import type { ReactNode } from 'react';
import { View } from 'react-native';
import { usePalette } from '../../ui/theme';

/** The lowest third: what is known, and the one thing to do next. */
export function CallFoot({ children }: { readonly children: ReactNode }) {
  const palette = usePalette();
  return (
    <View
      style={{
        paddingHorizontal: 16,
        paddingTop: 10,
        paddingBottom: 12,
        gap: 10,
        borderTopWidth: 1.5,
        borderColor: palette.ink,
        backgroundColor: palette.paper,
      }}
    >
      {children}
    </View>
  );
}
