import { percentText } from '@huff/core';
import { Pressable, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface CauseBarProps {
  readonly name: string;
  /** 0 to 1 */
  readonly share: number;
  /** A group is drawn larger than its members. */
  readonly isGroup?: boolean;
  /** It is listed under its group. */
  readonly isMember?: boolean;
  readonly isOpen?: boolean;
  readonly isChosen?: boolean;
  readonly onPress?: () => void;
}

/** A cause, or a group of them, with how likely it is. */
export function CauseBar({
  name,
  share,
  isGroup = false,
  isMember = false,
  isOpen,
  isChosen = false,
  onPress,
}: CauseBarProps) {
  const palette = usePalette();
  const percent = share > 0 && share < 0.01 ? '< 1 %' : percentText(share);
  return (
    <Pressable
      role={onPress ? 'button' : undefined}
      aria-label={`${name}, ${percent}`}
      aria-expanded={isOpen}
      aria-pressed={isGroup ? undefined : isChosen}
      disabled={!onPress}
      onPress={onPress}
      style={{
        minHeight: onPress ? 48 : 40,
        justifyContent: 'center',
        gap: 5,
        paddingLeft: isMember ? 14 : 0,
        paddingVertical: 6,
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10 }}>
        <Txt size={isGroup ? 18 : 16} bold={isGroup || isChosen} style={{ flex: 1 }}>
          {name}
        </Txt>
        <Txt size={isGroup ? 20 : 17} bold={isGroup || isChosen} figures>
          {percent}
        </Txt>
      </View>
      <View style={{ height: isGroup ? 8 : 6, backgroundColor: palette.trough }}>
        <View
          style={{
            height: isGroup ? 8 : 6,
            width: `${Math.max(0.5, 100 * share)}%`,
            backgroundColor: isGroup || isChosen ? palette.ink : palette.softInk,
          }}
        />
      </View>
    </Pressable>
  );
}
