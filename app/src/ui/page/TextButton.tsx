import { Pressable } from 'react-native';
import { Txt } from '../text';

interface TextButtonProps {
  readonly onPress: () => void;
  readonly children: string;
}

/** A second way on, in words alone, large enough for gloves. */
export function TextButton({ onPress, children }: TextButtonProps) {
  return (
    <Pressable role="button" onPress={onPress} style={{ minHeight: 48, justifyContent: 'center', flexShrink: 1 }}>
      <Txt bold color="action">
        {children}
      </Txt>
    </Pressable>
  );
}
