import { View } from 'react-native';
import { useOutboxRows, useSyncStatus } from '../../data/useOutbox';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { saveOutboxFile } from './outboxFile';

/** What is wrong with this phone's storage, and the way to keep what is on the screen all the same. */
export function StorageNotice() {
  const palette = usePalette();
  const { fault } = useSyncStatus();
  const rows = useOutboxRows();
  if (fault === undefined) return null;
  return (
    <View role="alert" style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 12, gap: 4 }}>
      <Txt>{fault}</Txt>
      {rows.length > 0 && <TextButton onPress={() => saveOutboxFile(rows)}>Save to file</TextButton>}
    </View>
  );
}
