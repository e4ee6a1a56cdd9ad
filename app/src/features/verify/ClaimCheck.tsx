import type { Proof } from '@huff/core/fix';
import { View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { CLAIM_TITLE } from './claimText';

/** What the section nobody touched says of the promise, and what the airflow after rests on. */
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
            {sound && <Heading size={16}>{CLAIM_TITLE.asPromised}</Heading>}
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
