import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Heading, Txt } from '../text';

interface ListSectionProps {
  readonly title: string;
  /** Words of the action that adds to the list. */
  readonly add?: string;
  readonly onAdd?: () => void;
  readonly children: ReactNode;
}

/** A list under its title, with the action that adds to it. */
export function ListSection({ title, add, onAdd, children }: ListSectionProps) {
  return (
    <View role="group" aria-label={title}>
      <View style={{ flexDirection: 'row', alignItems: 'center', minHeight: 48 }}>
        <Heading size={18} style={{ flex: 1 }}>
          {title}
        </Heading>
        {onAdd && (
          <Pressable role="button" onPress={onAdd} style={{ minHeight: 48, justifyContent: 'center' }}>
            <Txt bold color="action">
              {add}
            </Txt>
          </Pressable>
        )}
      </View>
      {children}
    </View>
  );
}
