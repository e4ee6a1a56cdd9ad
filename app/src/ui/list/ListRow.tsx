import { Pressable, View } from 'react-native';
import { Icon } from '../icons';
import { Txt } from '../text';
import { usePalette } from '../theme';

interface ListRowProps {
  readonly name: string;
  /** A second, quieter line. */
  readonly under?: string;
  /** What it is now, at the right. */
  readonly says?: string;
  /** `says` is a figure to be read, not a remark. */
  readonly figure?: boolean;
  /** Heard instead of what is seen. */
  readonly label?: string;
  readonly onPress: () => void;
}

/** A line of a list that opens something: its name, what it is now, and an arrow. */
export function ListRow({ name, under, says, figure = false, label, onPress }: ListRowProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={label ?? [name, says, under].filter(Boolean).join(': ')}
      onPress={onPress}
      style={{
        minHeight: under === undefined ? 50 : 58,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 4,
      }}
    >
      <View style={{ flex: 1 }}>
        <Txt>{name}</Txt>
        {under !== undefined && (
          <Txt size={14} color="softInk" figures>
            {under}
          </Txt>
        )}
      </View>
      {says !== undefined && (
        <Txt size={figure ? 16 : 14} bold={figure} color={figure ? 'ink' : 'softInk'} figures>
          {says}
        </Txt>
      )}
      <Icon name="chevron-right" size={20} color={palette.softInk} />
    </Pressable>
  );
}
