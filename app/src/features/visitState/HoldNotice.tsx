import type { Assessment } from '@huff/contract';
import { View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** Why nothing is read now, and what comes first. */
export function HoldNotice({ hold }: { readonly hold: NonNullable<Assessment['hold']> }) {
  const palette = usePalette();
  return (
    <View role="alert" style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 12, gap: 4 }}>
      <Txt bold>Hold. {hold.why}</Txt>
      <Txt>{hold.first}</Txt>
    </View>
  );
}
