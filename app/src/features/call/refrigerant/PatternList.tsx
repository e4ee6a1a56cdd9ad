import type { Circuit } from '@huff/core/call';
import { View } from 'react-native';
import { Heading, Txt } from '../../../ui/text';
import { usePalette } from '../../../ui/theme';

/** What may explain the gaps, with what speaks for and against each. */
export function PatternList({ circuit }: { readonly circuit: Circuit }) {
  const palette = usePalette();
  const { ranked, settle } = circuit.patterns!;
  return (
    <View style={{ gap: 8 }}>
      <Heading size={17}>Likely causes</Heading>
      {ranked
        .filter(({ share }, i) => i < 4 && share >= 0.03)
        .map(({ pattern, share, evidence }) => (
          <View key={pattern.id} style={{ gap: 3 }}>
            <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 8 }}>
              <Txt size={15} bold style={{ flex: 1 }}>
                {pattern.name}
              </Txt>
              <Txt bold figures>{`${Math.round(100 * share)} %`}</Txt>
            </View>
            <View style={{ height: 7, backgroundColor: palette.trough }}>
              <View style={{ height: 7, width: `${Math.round(100 * share)}%`, backgroundColor: palette.ink }} />
            </View>
            {(['for', 'against'] as const).map((speaks) => {
              const list = evidence.filter((one) => one.speaks === speaks);
              return list.length === 0 ? null : (
                <Txt key={speaks} size={14} color="softInk">
                  {`${speaks === 'for' ? 'For' : 'Against'}: ${list.map(({ name, readF, expectsF }) => `${name} ${Math.round(readF)} (expects ${Math.round(expectsF)})`).join(', ')}`}
                </Txt>
              );
            })}
          </View>
        ))}
      {settle !== undefined && <Txt size={15}>{`To tell the top two apart: ${settle}.`}</Txt>}
    </View>
  );
}
