import type { CallLine } from '@huff/core/call';
import { View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { Txt } from '../../ui/text';

/** Sentences about what was read, each with its mark. */
export function CallLines({ lines }: { readonly lines: readonly Omit<CallLine, 'id'>[] }) {
  return lines.map(({ word, sentence }) => (
    <View key={sentence} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
      <VerdictMark word={word} size={16} />
      <Txt size={15} role={word === 'outside' ? 'alert' : undefined} style={{ flex: 1 }}>
        {sentence}
      </Txt>
    </View>
  ));
}
