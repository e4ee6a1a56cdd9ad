import type { Claim, Proof } from '@huff/core/fix';
import { View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

const TITLE: Readonly<Record<Claim['found'], string>> = {
  asPromised: 'The untouched stretch agrees',
  notChanged: 'The air has not changed',
  otherwise: 'It did not change as planned',
};

/** What the stretch nobody touched says of the promise, and what the airflow after rests on. */
export function ClaimCheck({ proof }: { readonly proof: Proof }) {
  const palette = usePalette();
  const { claim, flow, contradictions } = proof;
  if (!claim && !flow && contradictions.length === 0) return null;
  const sound = claim?.found === 'asPromised';
  return (
    <View style={{ gap: 8 }}>
      {claim && (
        <View
          role="status"
          style={{
            flexDirection: 'row',
            gap: 10,
            borderRadius: 6,
            padding: sound ? 0 : 12,
            backgroundColor: sound ? 'transparent' : palette.outside,
          }}
        >
          <VerdictMark word={sound ? 'inside' : 'outside'} size={22} />
          <View style={{ flex: 1, gap: 2 }}>
            <Heading size={16}>{TITLE[claim.found]}</Heading>
            <Txt size={15} figures>
              {claim.sentence}
            </Txt>
          </View>
        </View>
      )}
      {flow && (
        <Txt size={14} color="softInk" figures>
          {flow.says}
        </Txt>
      )}
    </View>
  );
}
