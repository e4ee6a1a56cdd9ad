import { check, LIMITS, UnitDto } from '@huff/contract';
import { typedOf } from '@huff/contract/spine';
import { typedHours } from '@huff/core/call';
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

const LINES = typedOf('unit');
export const lineOf = (unit: UnitDto, field: string): string => {
  const said = unit[field as keyof UnitDto];
  return typeof said === 'string' ? said : '';
};

/** What a unit is called, and what is worth knowing of it. */
export function UnitNameSheet(props: UnitNameSheetProps) {
  return (
    <Sheet open={props.open} onClose={props.onClose} title="Edit details">
      {props.open && <Body {...props} />}
    </Sheet>
  );
}

function Body({ unit, others, onKeep }: UnitNameSheetProps) {
  const [name, setName] = useState(unit.name);
  const [lines, setLines] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(LINES.map(([field]) => [field, lineOf(unit, field)])),
  );
  const [hours, setHours] = useState(unit.neededHours?.replace('-', ' to ') ?? '');
  const [asked, setAsked] = useState(false);
  const next: UnitDto = {
    ...unit,
    name: name.trim(),
    ...Object.fromEntries(Object.entries(lines).map(([field, text]) => [field, text.trim() || null])),
    // What cannot be read as hours is checked as it was typed, and told.
    neededHours: hours.trim() === '' ? null : (typedHours(hours) ?? hours.trim()),
  };
  const checked = check(UnitDto, next);
  const twin = others.some((other) => other.trim().toLowerCase() === next.name.toLowerCase());
  const why = checked.ok
    ? twin
      ? `There is a unit ${next.name} at this site already. Save a second one with this name?`
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
        label="Unit name"
        accessibilityLabel="Unit name"
        value={name}
        maxLength={LIMITS.nameLength.max}
        onChangeText={(text) => {
          setName(text);
          setAsked(false);
        }}
      />
      {LINES.map(([field, label]) => (
        <TextInput
          key={field}
          mode="outlined"
          label={label}
          accessibilityLabel={label}
          value={lines[field]}
          maxLength={LIMITS.noteText.max}
          onChangeText={(text) => setLines((before) => ({ ...before, [field]: text }))}
        />
      ))}
      <TextInput
        mode="outlined"
        label="Hours in use"
        accessibilityLabel="Hours in use"
        value={hours}
        maxLength={LIMITS.nameLength.max}
        onChangeText={setHours}
      />
      {asked && why !== undefined && (
        <Txt role="alert" size={15}>
          {why}
        </Txt>
      )}
      <ActionButton onPress={keep}>{asked && checked.ok && twin ? 'Save anyway' : 'Save'}</ActionButton>
    </View>
  );
}
