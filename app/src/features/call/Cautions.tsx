import type { CallCaution } from '@huff/core/call';
import { Pressable, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** Cautions where they first matter: one after the other, each read and acknowledged once a visit. */
export function Cautions({
  unread,
  onRead,
}: {
  readonly unread: readonly CallCaution[];
  readonly onRead: (id: string) => void;
}) {
  const palette = usePalette();
  const [first] = unread;
  if (!first) return null;
  const { id, name, words } = first;
  return (
    <View
      role="note"
      aria-label={`Caution: ${name}`}
      style={{
        borderLeftWidth: 5,
        borderColor: palette.action,
        backgroundColor: palette.sheet,
        paddingHorizontal: 12,
        paddingTop: 10,
      }}
    >
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 8 }}>
        <Txt bold>{name}</Txt>
        {unread.length > 1 && (
          <Txt size={14} color="softInk">
            {`${unread.length - 1} more`}
          </Txt>
        )}
      </View>
      <Txt size={15}>{words}</Txt>
      <Pressable
        role="button"
        aria-label={`${name}: read`}
        onPress={() => onRead(id)}
        style={{ minHeight: 48, justifyContent: 'center', alignSelf: 'flex-start', paddingRight: 40 }}
      >
        <Txt bold color="action">
          Read
        </Txt>
      </Pressable>
    </View>
  );
}
