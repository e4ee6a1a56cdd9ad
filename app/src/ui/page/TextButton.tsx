import { Pressable } from 'react-native';
import { Txt } from '../text';

interface TextButtonProps {
  readonly onPress: () => void;
  readonly children: string;
  /** Ink on a tint; else the colour of what can be pressed. */
  readonly color?: 'ink' | 'action';
}

/** A second way on, in words alone, large enough for gloves. */
export function TextButton({ onPress, children, color = 'action' }: TextButtonProps) {
  return (
    <Pressable
      role="button"
      onPress={onPress}
      style={{ minHeight: 48, minWidth: 48, justifyContent: 'center', flexShrink: 1 }}
    >
      <Txt bold color={color}>
        {children}
      </Txt>
    </Pressable>
  );
}
