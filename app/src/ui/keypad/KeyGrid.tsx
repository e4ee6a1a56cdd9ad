import { memo, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from '../icons';
import { Txt } from '../text';
import { usePalette } from '../theme';
import type { Key } from './keypadEntry';

const ROWS: readonly (readonly Key[])[] = [
  ['1', '2', '3'],
  ['4', '5', '6'],
  ['7', '8', '9'],
  ['.', '0'],
];

interface DigitKeysProps {
  readonly onKey: (key: Key) => void;
  readonly onSkip: () => void;
  readonly skipWords: string;
}

/** The ten digits, the point, and the way past a reading that cannot be had. Drawn once: a key pressed changes nothing here. */
export const DigitKeys = memo(function DigitKeys({ onKey, onSkip, skipWords }: DigitKeysProps) {
  return (
    <View style={{ flex: 3, gap: 8 }}>
      {ROWS.map((row) => (
        <View key={row.join('')} style={{ flexDirection: 'row', gap: 8 }}>
          {row.map((key) => (
            <KeyCap key={key} label={key === '.' ? 'point' : key} onPress={() => onKey(key)}>
              {key}
            </KeyCap>
          ))}
          {row.length === 2 && (
            <KeyCap label={`${skipWords} this`} onPress={onSkip} small>
              {skipWords}
            </KeyCap>
          )}
        </View>
      ))}
    </View>
  );
});

/** Delete and, where a value may have either sign, its change. */
export const EditKeys = memo(function EditKeys({
  onKey,
  signed,
}: {
  readonly onKey: (key: Key) => void;
  readonly signed: boolean;
}) {
  return (
    <>
      <KeyCap label="delete" onPress={() => onKey('back')}>
        <Icon name="backspace-outline" />
      </KeyCap>
      {signed && (
        <KeyCap label="change the sign" onPress={() => onKey('sign')}>
          ±
        </KeyCap>
      )}
    </>
  );
});

interface KeyCapProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly small?: boolean;
  /** The key that goes on. */
  readonly strong?: boolean;
  readonly children: ReactNode;
}

/** One key, large enough for a glove. */
export function KeyCap({ label, onPress, small, strong, children }: KeyCapProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      style={({ pressed }) => ({
        flex: 1,
        minHeight: 60,
        borderRadius: 6,
        borderWidth: 1,
        borderColor: strong ? palette.action : palette.line,
        alignItems: 'center',
        justifyContent: 'center',
        backgroundColor: strong ? palette.action : pressed ? palette.trough : palette.paper,
      })}
    >
      {typeof children === 'string' ? (
        <Txt
          size={strong ? 17 : small ? 15 : 24}
          bold={strong ?? !small}
          align="center"
          color={strong ? 'onAction' : 'ink'}
        >
          {children}
        </Txt>
      ) : (
        children
      )}
    </Pressable>
  );
}
