import { memo, useCallback, useEffect } from 'react';
import { Platform, Pressable, View } from 'react-native';
import { Txt } from '../text';
import { usePalette } from '../theme';
import { DigitKeys, EditKeys } from './KeyGrid';
import { keyOf, type Key } from './keypadEntry';
import { typed } from './numberEntry';

interface NumberPadProps {
  readonly text: string;
  /** Given what stood there: keys that follow fast never lose one. */
  readonly onText: (change: (text: string) => string) => void;
  /** Words and action of the key that goes on. */
  readonly goWords: string;
  readonly onGo: () => void;
  readonly canGo: boolean;
  /** Words and action of the key beside the zero: "blank", "clear". */
  readonly sideWords: string;
  readonly onSide: () => void;
  readonly signed?: boolean;
}

/** Big keys for a number, for gloves; a keyboard types into it as well. */
export const NumberPad = memo(function NumberPad(props: NumberPadProps) {
  const { onText, goWords, onGo, canGo, sideWords, onSide, signed = false } = props;
  const palette = usePalette();
  const type = useCallback((key: Key) => onText((text) => typed(text, key)), [onText]);
  useEffect(() => {
    if (Platform.OS !== 'web') return undefined;
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const { target } = event;
      if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return;
      const key = event.key === '-' && signed ? 'sign' : keyOf(event.key);
      const onButton = target instanceof HTMLElement && ['button', 'radio'].includes(target.getAttribute('role') ?? '');
      if (key) type(key);
      else if (event.key === 'Enter' && !onButton && canGo) onGo();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <DigitKeys onKey={type} onSkip={onSide} skipWords={sideWords} />
      <View style={{ flex: 1, gap: 8 }}>
        <EditKeys onKey={type} signed={signed} />
        <Pressable
          role="button"
          disabled={!canGo}
          aria-disabled={!canGo}
          onPress={onGo}
          style={({ pressed }) => ({
            flex: 1,
            minHeight: 60,
            borderRadius: 6,
            padding: 6,
            alignItems: 'center',
            justifyContent: 'center',
            backgroundColor: canGo ? palette.action : palette.trough,
            opacity: pressed ? 0.85 : 1,
          })}
        >
          <Txt bold size={17} align="center" color={canGo ? 'onAction' : 'ink'}>
            {goWords}
          </Txt>
        </Pressable>
      </View>
    </View>
  );
});
