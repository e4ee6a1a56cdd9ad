import type { Assessment } from '@huff/contract';
import { View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** Why nothing else is judged or advised, and the one thing to do. */
export function StopNotice({ stop }: { readonly stop: NonNullable<Assessment['stop']> }) {
  const palette = usePalette();
  return (
    <View role="alert" style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 12, gap: 4 }}>
      <Txt bold>Stop. {stop.why}</Txt>
      <Txt>{stop.first}</Txt>
    </View>
  );
}
