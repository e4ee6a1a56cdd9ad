import { View } from 'react-native';
import { useBackups } from '../../data/useBackups';
import { ActionButton } from '../../ui/page';
import { Heading, momentText, Txt } from '../../ui/text';

const sizeText = (bytes: number) => `${Math.max(1, Math.round(bytes / 1e6))} MB`;

/** When the last good backup was made, a warning where there is none of late, and one now. */
export function BackupSection() {
  const { state, isUnknown, isMaking, fault, makeNow } = useBackups();
  if (isUnknown)
    return (
      <View style={{ gap: 6 }}>
        <Heading size={19}>Backup</Heading>
        <Txt color="softInk">Backups are made on the server. Try again with a signal.</Txt>
      </View>
    );
  if (!state) return null;
  const { isOn, last, kept, isLacking } = state;
  const failed = fault ?? state.fault ?? undefined;
  return (
    <View style={{ gap: 8 }}>
      <Heading size={19}>Backup</Heading>
      {last && (
        <Txt>{`Last good backup: ${momentText(last.madeAt)}, ${sizeText(last.bytes)}. ${kept} kept, one each night.`}</Txt>
      )}
      {isOn && isLacking && (
        <Txt role="alert" bold>
          {last ? 'No backup for two days. Make one now.' : 'No backup yet. Make one now.'}
        </Txt>
      )}
      {!isOn && <Txt role="alert">Backups are off on this server. Set HUFF_BACKUPS to a folder.</Txt>}
      {failed !== undefined && <Txt role="alert">{failed}</Txt>}
      {isOn && (
        <>
          <ActionButton quiet disabled={isMaking} onPress={() => void makeNow()}>
            {isMaking ? 'Making backup… please wait' : 'Make a backup'}
          </ActionButton>
          <Txt size={15} color="softInk">
            Each backup is read back before it counts. Keep a copy on another disk. To restore one: npm run restore.
          </Txt>
        </>
      )}
    </View>
  );
}
