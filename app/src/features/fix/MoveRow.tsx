import type { ReactNode } from 'react';
import { ended, unitText } from '@huff/core';
import { Pressable, View } from 'react-native';
import { Icon } from '../../ui/icons';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface MoveRowProps {
  readonly name: string;
  /** What exactly, and why it is offered. */
  readonly says: string;
  /** Minutes and money. */
  readonly effort: string;
  readonly delta: { readonly flow: string; readonly statics: string } | { readonly why: string };
  readonly chosen: boolean;
  readonly onToggle: () => void;
  /** Opens what it needs to know; absent when it needs nothing. */
  readonly onOpen?: () => void;
  readonly children?: ReactNode;
}

/** One move: a box to tick, what exactly, what it adds to what is ticked already. */
export function MoveRow({ name, says, effort, delta, chosen, onToggle, onOpen, children }: MoveRowProps) {
  const palette = usePalette();
  const adds = 'why' in delta ? delta.why : `${delta.flow}, ${delta.statics} ${unitText('inWc')}`;
  return (
    <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingVertical: 4 }}>
      <Pressable
        role="checkbox"
        aria-checked={chosen}
        aria-label={`${ended(name)} ${ended(says)} ${ended(adds)} ${effort}`}
        onPress={onToggle}
        style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 52 }}
      >
        <View
          style={{
            width: 28,
            height: 28,
            borderRadius: 5,
            borderWidth: 2,
            borderColor: palette.ink,
            backgroundColor: chosen ? palette.ink : 'transparent',
            alignItems: 'center',
            justifyContent: 'center',
          }}
        >
          {chosen && <Icon name="check" size={20} color={palette.paper} />}
        </View>
        <Txt size={17} bold style={{ flex: 1 }}>
          {name}
        </Txt>
        {'why' in delta ? null : (
          <View style={{ alignItems: 'flex-end' }}>
            <Txt size={16} bold figures>
              {delta.flow}
            </Txt>
            <Txt size={16} bold figures>
              {delta.statics}
            </Txt>
          </View>
        )}
      </Pressable>
      <View style={{ flexDirection: 'row', alignItems: 'center', paddingLeft: 40 }}>
        <View style={{ flex: 1, paddingBottom: 6 }}>
          <Txt size={14} color="softInk" figures>
            {says}
          </Txt>
          <Txt size={14} color="softInk" figures>
            {effort}
          </Txt>
          {'why' in delta && (
            <Txt size={14} color="action">
              {delta.why}
            </Txt>
          )}
        </View>
        {onOpen && (
          <Pressable
            role="button"
            aria-label={`${name}: what it takes`}
            onPress={onOpen}
            style={{ width: 48, height: 48, alignItems: 'flex-end', justifyContent: 'center' }}
          >
            <Icon name="pencil-outline" size={22} color={palette.softInk} />
          </Pressable>
        )}
      </View>
      {children}
    </View>
  );
}
