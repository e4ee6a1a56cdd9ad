import { check, LIMITS, UnitDto } from '@huff/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';

interface UnitNameSheetProps {
  readonly open: boolean;
  readonly unit: UnitDto;
  /** Names of the other units at its site. */
  readonly others: readonly string[];
  readonly onKeep: (unit: UnitDto) => void;
  readonly onClose: () => void;
}

/** What a unit is called, and what is worth knowing of it. */
export function UnitNameSheet(props: UnitNameSheetProps) {
  return (
    <Sheet open={props.open} onClose={props.onClose} title="Name and notes">
      {props.open && <Body {...props} />}
    </Sheet>
  );
}

function Body({ unit, others, onKeep }: UnitNameSheetProps) {
  const [name, setName] = useState(unit.name);
  const [notes, setNotes] = useState(unit.notes ?? '');
  const [asked, setAsked] = useState(false);
  const next: UnitDto = { ...unit, name: name.trim(), notes: notes.trim() === '' ? null : notes.trim() };
  const checked = check(UnitDto, next);
  const twin = others.some((other) => other.trim().toLowerCase() === next.name.toLowerCase());
  const why = checked.ok
    ? twin
      ? `There is a unit ${next.name} at this site already. Keep a second of this name?`
      : undefined
    : checked.errors[0]?.message;
  const keep = () => {
    if (!checked.ok || (twin && !asked)) return setAsked(true);
    onKeep(next);
  };
  return (
    <View style={{ gap: 10 }}>
      <TextInput
        mode="outlined"
        label="Name of the unit"
        accessibilityLabel="Name of the unit"
        value={name}
        maxLength={LIMITS.nameLength.max}
        onChangeText={(text) => {
          setName(text);
          setAsked(false);
        }}
      />
      <TextInput
        mode="outlined"
        label="Notes"
        accessibilityLabel="Notes"
        value={notes}
        maxLength={LIMITS.noteText.max}
        onChangeText={setNotes}
      />
      {asked && why !== undefined && (
        <Txt role="alert" size={15}>
          {why}
        </Txt>
      )}
      <ActionButton onPress={keep}>{asked && checked.ok && twin ? 'Keep it all the same' : 'Keep'}</ActionButton>
    </View>
  );
}
