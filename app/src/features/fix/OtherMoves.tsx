import type { VisitDto } from '@huff/contract';
import { MOVES } from '@huff/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from '../../ui/icons';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** Every move that nothing here asks for, folded away: any may be weighed. */
export function OtherMoves({
  offered,
  motor,
  onOpen,
}: {
  readonly offered: readonly string[];
  readonly motor: VisitDto['motor'];
  readonly onOpen: (id: string) => void;
}) {
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const hidden = new Set([
    'changeTap',
    'setDrive',
    ...offered,
    ...(motor === 'beltDrive' ? ['otherMotor'] : ['newBelt', 'largerMotor']),
  ]);
  const others = MOVES.filter((move) => !hidden.has(move.id));
  return (
    <View style={{ borderTopWidth: 1, borderBottomWidth: 1, borderColor: palette.line }}>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        style={{ minHeight: 52, flexDirection: 'row', alignItems: 'center' }}
      >
        <Txt bold color="action" style={{ flex: 1 }}>
          Other fixes
        </Txt>
        <Txt size={14} color="softInk">
          {others.length} not indicated
        </Txt>
        <Icon name={open ? 'chevron-down' : 'chevron-right'} color={palette.softInk} />
      </Pressable>
      {open &&
        others.map((move) => (
          <Pressable
            key={move.id}
            role="button"
            aria-label={`Try ${move.name}`}
            onPress={() => onOpen(move.id)}
            style={{ minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: 10 }}
          >
            <Icon name="plus" size={20} color={palette.softInk} />
            <Txt style={{ flex: 1 }}>{move.name}</Txt>
          </Pressable>
        ))}
    </View>
  );
}
