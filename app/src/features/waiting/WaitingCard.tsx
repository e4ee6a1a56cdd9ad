import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** One change that needs a person: of what it is, and what can be done. */
export function WaitingCard({ of, children }: { readonly of: string; readonly children: ReactNode }) {
  const palette = usePalette();
  return (
    <View
      style={{
        backgroundColor: palette.sheet,
        borderWidth: 1,
        borderColor: palette.line,
        borderRadius: 6,
        padding: 12,
        gap: 8,
      }}
    >
      <Txt bold>{of}</Txt>
      {children}
    </View>
  );
}
