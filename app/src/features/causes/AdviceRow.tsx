import type { NextMeasure } from '@huff/core';
import { Pressable, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** One thing that could be read or looked at: its minutes, and what each outcome would mean. */
export function AdviceRow({
  next,
  onMeasure,
}: {
  readonly next: NextMeasure;
  readonly onMeasure: (next: NextMeasure) => void;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${next.words}, ${next.minutes} minutes. ${next.why}`}
      onPress={() => onMeasure(next)}
      style={{ minHeight: 48, paddingVertical: 8, gap: 2, borderTopWidth: 1, borderColor: palette.line }}
    >
      <View style={{ flexDirection: 'row', gap: 10 }}>
        <Txt bold color="action" style={{ flex: 1 }}>
          {next.words.replace(/^Next: ./, (start) => start.slice(-1).toUpperCase())}
        </Txt>
        <Txt size={15} color="softInk" figures>{`${next.minutes} min`}</Txt>
      </View>
      <Txt size={15} color="softInk">
        {next.why}
      </Txt>
    </Pressable>
  );
}
