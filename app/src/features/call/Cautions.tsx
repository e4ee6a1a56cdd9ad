import type { CallCaution } from '@huff/core/call';
import { Pressable, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { withCheck } from '../visitState/withCheck';
import { useWholeVisit } from '../visitState/WholeVisit';

interface CautionsProps {
  readonly unread: readonly CallCaution[];
}

/** Cautions where they first matter, together: each is acknowledged once a visit, all with one touch. */
export function Cautions({ unread }: CautionsProps) {
  const { whole, setWhole } = useWholeVisit();
  const palette = usePalette();
  if (unread.length === 0) return null;
  const names = unread.map(({ name }) => name).join(', ');
  const keepRead = () =>
    setWhole(unread.reduce((kept, { id }) => withCheck(kept, { point: `caution-${id}`, state: 'read' }), whole));
  return (
    <View
      role="note"
      aria-label={`Caution: ${names}`}
      style={{
        borderLeftWidth: 5,
        borderColor: palette.action,
        backgroundColor: palette.sheet,
        paddingHorizontal: 12,
        paddingTop: 10,
        gap: 8,
      }}
    >
      {unread.map(({ id, name, words }) => (
        <View key={id}>
          <Txt bold>{name}</Txt>
          <Txt size={15}>{words}</Txt>
        </View>
      ))}
      <Pressable
        role="button"
        aria-label={`${names}: read`}
        onPress={keepRead}
        style={{ minHeight: 48, justifyContent: 'center', alignSelf: 'flex-start', paddingRight: 40 }}
      >
        <Txt bold color="action">
          {unread.length === 1 ? 'Read' : unread.length === 2 ? 'Read both' : `Read all ${unread.length}`}
        </Txt>
      </Pressable>
    </View>
  );
}
