import type { PlateReading } from '@huff/core/photo';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { Choice } from '../../ui/form';
import { ActionButton, TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { CutOut } from './CutOut';
import { isKept, readingText } from './plateInputs';

interface PlateFoundProps {
  readonly fields: readonly PlateReading[];
  readonly onUse: (fields: readonly PlateReading[]) => void;
  readonly onLeave: () => void;
}

const CUT_HEIGHT = 56;

/** What was read from a nameplate: doubtful fields first, each beside the part of the photo it was read from. */
export function PlateFound({ fields, onUse, onLeave }: PlateFoundProps) {
  const [values, setValues] = useState(() => new Map(fields.map(({ id, value }) => [id, value])));
  const [checked, setChecked] = useState<ReadonlySet<string>>(new Set());
  const kept = fields.filter(isKept);
  const open = kept.filter(({ id, isDoubted }) => isDoubted && !checked.has(id) && values.has(id));
  const inOrder = [...kept].sort((a, b) => Number(b.isDoubted) - Number(a.isDoubted));
  const others = fields.filter((field) => !isKept(field));
  const put = (id: PlateReading['id'], value: string | undefined) => {
    const next = new Map(values);
    if (value === undefined) next.delete(id);
    else next.set(id, value);
    setValues(next);
  };
  const use = () =>
    onUse(
      kept.flatMap((field) => {
        const value = values.get(field.id)?.trim();
        return value ? [{ ...field, value }] : [];
      }),
    );
  return (
    <View style={{ gap: 14 }}>
      {inOrder.map((field) => (
        <FieldFound
          key={field.id}
          field={field}
          value={values.get(field.id)}
          isOpen={open.includes(field)}
          onValue={(value) => put(field.id, value)}
          onChecked={() => setChecked(new Set([...checked, field.id]))}
        />
      ))}
      {others.length > 0 && (
        <Txt size={15} color="softInk" figures>
          {`Also on it: ${others.map((field) => `${field.name.toLowerCase()} ${readingText(field)}`).join(', ')}.`}
        </Txt>
      )}
      <ActionButton
        onPress={use}
        disabled={open.length > 0 || values.size === 0}
        aside={open.length > 0 ? `${open.length} to check` : undefined}
      >
        Use these figures
      </ActionButton>
      <TextButton onPress={onLeave}>Type it instead</TextButton>
    </View>
  );
}

interface FieldFoundProps {
  readonly field: PlateReading;
  /** Absent for a field that was left out. */
  readonly value?: string;
  readonly isOpen: boolean;
  readonly onValue: (value: string | undefined) => void;
  readonly onChecked: () => void;
}

function FieldFound({ field, value, isOpen, onValue, onChecked }: FieldFoundProps) {
  const palette = usePalette();
  const { name, box, others, id } = field;
  return (
    <View
      style={{
        gap: 6,
        padding: isOpen ? 10 : 0,
        borderRadius: 6,
        borderWidth: isOpen ? 2 : 0,
        borderColor: palette.action,
      }}
    >
      <CutOut box={box} label={`Photo of ${name.toLowerCase()}`} height={CUT_HEIGHT} />
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        {id === 'phases' ? (
          <Txt bold style={{ flex: 1 }}>{`${name}: ${readingText({ id, value: value ?? field.value })}`}</Txt>
        ) : (
          <TextInput
            mode="outlined"
            dense
            style={{ flex: 1 }}
            label={name}
            accessibilityLabel={name}
            value={value ?? ''}
            onChangeText={onValue}
          />
        )}
        <TextButton onPress={() => onValue(value === undefined ? field.value : undefined)}>
          {value === undefined ? 'Put back' : 'Leave out'}
        </TextButton>
      </View>
      {isOpen && others.length > 0 && (
        <Choice
          label={`${name}, printed`}
          options={[...new Set([field.value, ...others])].map((one) => ({ id: one, text: one }))}
          chosen={value}
          onChoose={onValue}
        />
      )}
      {isOpen && <TextButton onPress={onChecked}>Confirm</TextButton>}
    </View>
  );
}
