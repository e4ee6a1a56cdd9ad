import type { VisitDto } from '@huff/contract';
import { Link } from 'expo-router';
import { View } from 'react-native';
import type { Kept } from '../../data/records';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** How far a visit has come, while the server does not have all of it. */
export function VisitNotice({ kept: { sending, why } }: { readonly kept: Kept<VisitDto> }) {
  const palette = usePalette();
  if (sending === 'sent') return null;
  const words = {
    waiting: 'Saved on this phone, not synced yet.',
    refused: `Saved on this phone, but the server refused it: ${why ?? 'no reason given.'}`,
    conflict: 'Someone else changed the same thing. Theirs is used until you choose.',
  }[sending];
  return (
    <View
      role="status"
      style={{ backgroundColor: sending === 'waiting' ? palette.edge : palette.outside, padding: 12, borderRadius: 6 }}
    >
      <Txt>{words}</Txt>
      {sending !== 'waiting' && (
        <Link href="/waiting" style={{ paddingTop: 10, paddingBottom: 6 }}>
          <Txt bold color="action">
            {sending === 'refused' ? 'Fix it' : 'See both'}
          </Txt>
        </Link>
      )}
    </View>
  );
}
