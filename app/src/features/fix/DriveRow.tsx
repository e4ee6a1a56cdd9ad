import type { ChosenMove } from '@huff/core';
import { Pressable, View } from 'react-native';
import { Icon } from '../../ui/icons';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** The way to the Drive bench, and what it would be opened for. */
export function DriveRow({
  chosen,
  known,
  onOpen,
}: {
  readonly chosen: readonly ChosenMove[];
  readonly known: boolean;
  readonly onOpen: () => void;
}) {
  const palette = usePalette();
  const set = chosen.some((one) => one.id === 'setDrive');
  return (
    <Pressable
      role="button"
      aria-label="Belt drive: sheaves, belt, motor"
      onPress={onOpen}
      style={{
        minHeight: 64,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 8,
      }}
    >
      <Icon name="fan" size={28} />
      <View style={{ flex: 1 }}>
        <Txt size={17} bold>
          Belt drive
        </Txt>
        <Txt size={14} color="softInk">
          {set
            ? 'Setting chosen: sheaves, belt, tension, motor load'
            : known
              ? 'Turns, sheaves, belt, tension and motor load for your target'
              : 'Enter sheaves and belt to find the speed'}
        </Txt>
      </View>
      <Icon name="chevron-right" />
    </Pressable>
  );
}
