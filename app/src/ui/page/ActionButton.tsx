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
  // What cannot be done now must not look as if it could.
  const plain = quiet || disabled;
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
        backgroundColor: plain ? 'transparent' : palette.action,
        borderWidth: plain ? 1.5 : 0,
        borderColor: disabled ? palette.line : palette.ink,
        opacity: pressed ? 0.85 : 1,
      })}
    >
      <Txt bold size={17} color={disabled ? 'softInk' : plain ? 'ink' : 'onAction'} style={{ flexShrink: 1 }}>
        {children}
      </Txt>
      {typeof aside === 'string' ? (
        <Txt size={14} color={plain ? 'softInk' : 'onAction'}>
          {aside}
        </Txt>
      ) : (
        aside
      )}
    </Pressable>
  );
}
