import { Link } from 'expo-router';
import { View } from 'react-native';
import { useSyncStatus, useWaiting } from '../../data/useOutbox';
import { Txt } from '../../ui/text';
import { syncWords } from '../waiting/syncWords';

/** The quiet line that says how it stands with the server; it leads to what waits. Silent when all is well. */
export function SyncLine() {
  const { phase } = useSyncStatus();
  const { waiting, apart, others } = useWaiting();
  const words = syncWords(phase, waiting, apart.length, others);
  if (words === undefined) return null;
  if (phase === 'signIn')
    return (
      <View role="status">
        <Link href="/sign-in" style={{ paddingVertical: 12 }}>
          <Txt size={15} color="action" bold>
            {words} ›
          </Txt>
        </Link>
      </View>
    );
  if (waiting + apart.length + others.size === 0)
    return (
      <Txt role="status" size={15} color="softInk">
        {words}
      </Txt>
    );
  return (
    <View role="status">
      <Link href="/waiting" style={{ paddingVertical: 12 }}>
        <Txt size={15} color={apart.length > 0 ? 'action' : 'softInk'} bold={apart.length > 0}>
          {words} ›
        </Txt>
      </Link>
    </View>
  );
}
