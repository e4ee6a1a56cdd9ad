import type { ReactNode } from 'react';
import { Pressable } from 'react-native';
import { Txt } from '../text';
import { usePalette } from '../theme';

interface ActionButtonProps {
  readonly onPress: () => void;
  readonly children: string;
  /** Stands small at the right: how much, why, a key. */
  readonly aside?: ReactNode;
  readonly disabled?: boolean;
  readonly quiet?: boolean;
}

/** The one next action of a page: wide, in reach, with words that say what it does. */
export function ActionButton({ onPress, children, aside, disabled, quiet }: ActionButtonProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      onPress={onPress}
      disabled={disabled}
      aria-disabled={disabled}
      style={({ pressed }) => ({
        minHeight: 56,
        borderRadius: 6,
        paddingHorizontal: 16,
        paddingVertical: 8,
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: 12,
        backgroundColor: quiet ? 'transparent' : palette.action,
        borderWidth: quiet ? 1.5 : 0,
        borderColor: palette.ink,
        opacity: pressed ? 0.85 : 1,
      })}
    >
      <Txt bold size={17} color={quiet ? 'ink' : 'onAction'} style={{ flexShrink: 1 }}>
        {children}
      </Txt>
      {typeof aside === 'string' ? (
        <Txt size={14} color={quiet ? 'softInk' : 'onAction'}>
          {aside}
        </Txt>
      ) : (
        aside
      )}
    </Pressable>
  );
}
