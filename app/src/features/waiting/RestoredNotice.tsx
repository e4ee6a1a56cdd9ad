import { useState } from 'react';
import { View } from 'react-native';
import { spine } from '../../data/theSpine';
import { useSyncStatus } from '../../data/useOutbox';
import { ActionButton, TextButton } from '../../ui/page';
import { momentText, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** The server's data was put back to an earlier state: what this phone still has is offered to it. */
export function RestoredNotice() {
  const palette = usePalette();
  const { restoredAt } = useSyncStatus();
  const [isSending, setSending] = useState(false);
  if (restoredAt === undefined) return null;
  const decide = async (sends: boolean) => {
    setSending(true);
    await spine().afterRestore(sends);
    setSending(false);
  };
  return (
    <View role="alert" style={{ backgroundColor: palette.sheet, borderRadius: 6, padding: 12, gap: 8 }}>
      <Txt bold>The server was restored from a backup.</Txt>
      <Txt>
        {`Noticed ${momentText(restoredAt)}. Recent work on this phone may be missing there. Send it again: nothing is doubled.`}
      </Txt>
      <ActionButton disabled={isSending} onPress={() => void decide(true)}>
        {isSending ? 'Sending… please wait' : 'Send again'}
      </ActionButton>
      <TextButton onPress={() => void decide(false)}>Leave the server unchanged</TextButton>
    </View>
  );
}
