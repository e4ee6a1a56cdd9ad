import type { FieldConflict } from '@huff/contract/spine';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import type { OutboxRow } from '../../data/spine/store';
import { spine } from '../../data/theSpine';
import { ActionButton } from '../../ui/page';
import { momentText, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { WaitingCard } from './WaitingCard';
import { disputeName, twoValues } from './fieldNames';
import { mended } from './mending';

/** One thing that two changed: both values with who and when; a touch on one chooses it. */
export function ConflictCard({ row, of }: { readonly row: OutboxRow; readonly of: string }) {
  const { fields = [], sameName } = row.conflict ?? {};
  return (
    <WaitingCard of={of}>
      {sameName && <SameName row={row} name={sameName.name} />}
      {fields.length > 0 && (
        <Txt size={15}>
          {sameName
            ? 'Or it is one place, with the value you touch.'
            : 'Changed here and elsewhere. Touch the right one.'}
        </Txt>
      )}
      {fields.map((dispute) => (
        <Dispute key={dispute.field} row={row} dispute={dispute} />
      ))}
    </WaitingCard>
  );
}

/** One field that two changed. */
function Dispute({ row, dispute }: { readonly row: OutboxRow; readonly dispute: FieldConflict }) {
  const { field, yours, theirs, by, at } = dispute;
  const name = disputeName(row.operation, field, theirs, yours);
  const [theirText, yourText] = twoValues(theirs, yours);
  const settle = (choice: 'mine' | 'theirs') => void spine().outbox.settle(row, field, choice);
  return (
    <View role="group" aria-label={name} style={{ gap: 6 }}>
      <Txt size={15} color="softInk">
        {name}
      </Txt>
      <View style={{ flexDirection: 'row', gap: 10 }}>
        <Value
          value={theirText}
          under={`${by}, ${momentText(at)} · in use now`}
          label={`Use theirs: ${theirText}, by ${by}`}
          onChoose={() => settle('theirs')}
        />
        <Value
          value={yourText}
          under={`this phone, ${momentText(row.operation.madeAt)}`}
          label={`Use yours: ${yourText}`}
          onChoose={() => settle('mine')}
        />
      </View>
    </View>
  );
}

/** A place of this name was made on another phone: it is the same, or it needs another name. */
function SameName({ row, name }: { readonly row: OutboxRow; readonly name: string }) {
  const [typed, setTyped] = useState('');
  const isNew = typed.trim() !== '' && typed.trim().toLowerCase() !== name.trim().toLowerCase();
  return (
    <View style={{ gap: 8 }}>
      <Txt size={15}>{name} was made on another phone already. Is it the same place?</Txt>
      <ActionButton quiet onPress={() => void spine().outbox.sameSite(row)}>
        Use theirs: same place
      </ActionButton>
      <TextInput mode="outlined" label="New name" accessibilityLabel="New name" value={typed} onChangeText={setTyped} />
      {isNew && (
        <ActionButton
          quiet
          onPress={() => void spine().outbox.sendAgain(row, mended(row.operation, { name: typed.trim() }))}
        >
          Save as separate place
        </ActionButton>
      )}
    </View>
  );
}

interface ValueProps {
  readonly value: string;
  readonly under: string;
  readonly label: string;
  readonly onChoose: () => void;
}

function Value({ value, under, label, onChoose }: ValueProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onChoose}
      style={({ pressed }) => ({
        flex: 1,
        minHeight: 64,
        borderWidth: 1.5,
        borderColor: palette.ink,
        borderRadius: 6,
        padding: 10,
        opacity: pressed ? 0.85 : 1,
      })}
    >
      <Txt size={20} bold figures>
        {value}
      </Txt>
      <Txt size={14} color="softInk">
        {under}
      </Txt>
    </Pressable>
  );
}
