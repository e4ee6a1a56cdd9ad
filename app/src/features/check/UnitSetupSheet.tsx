import { UnitSetup, type VisitDto } from '@huff/contract';
import { LAYOUT_IDS, LAYOUTS } from '@huff/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useEffect } from 'react';
import { Controller, useForm, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { ActionButton, Sheet } from '../../ui/page';
import { Txt } from '../../ui/text';
import { Choice } from './Choice';

interface UnitSetupSheetProps {
  readonly open: boolean;
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onClose: () => void;
}

/** The form's fields hold text as it was typed; the resolver checks it and gives numbers. */
interface SetupText {
  title: string;
  tons: string;
  maxTespInWc: string;
  cfmPerTon: string;
}

const textOf = (value: number | null | undefined) => (value === null || value === undefined ? '' : String(value));

/** Plate, target, air path and title of the unit that is checked. */
export function UnitSetupSheet({ open, visit, onVisit, onClose }: UnitSetupSheetProps) {
  const { control, handleSubmit, reset } = useForm<SetupText, unknown, UnitSetup>({
    resolver: classValidatorResolver(UnitSetup) as never,
    mode: 'onTouched',
  });
  useEffect(() => {
    if (!open) return;
    reset({
      title: visit.title,
      tons: textOf(visit.tons),
      maxTespInWc: textOf(visit.maxTespInWc),
      cfmPerTon: textOf(visit.cfmPerTon),
    });
    // Filled in when it opens; what is typed then stays until it is kept.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [open, reset]);
  const keep = handleSubmit(({ title, tons, maxTespInWc, cfmPerTon }) => {
    onVisit({ ...visit, title, tons, maxTespInWc, cfmPerTon });
    onClose();
  });
  return (
    <Sheet open={open} onClose={onClose} title="The unit">
      <View style={{ gap: 4 }}>
        <Field control={control} name="title" label="Title" />
        <Field control={control} name="tons" label="Nominal tons" numeric />
        <Field
          control={control}
          name="maxTespInWc"
          label="Nameplate maximum static, in. w.c."
          numeric
          hint="Blank when the plate cannot be read: 0.50 is assumed, and said so."
        />
        <Field
          control={control}
          name="cfmPerTon"
          label="Target, CFM a ton"
          numeric
          hint="400 usual, 350 in humid climates, 450 in dry ones."
        />
        <Txt size={14} color="softInk">
          Air path
        </Txt>
        <Choice
          label="Air path"
          options={LAYOUT_IDS.map((id) => ({ id, text: LAYOUTS[id].name }))}
          chosen={visit.layout}
          onChoose={(layout) => onVisit({ ...visit, layout })}
        />
        <View style={{ height: 12 }} />
        <ActionButton onPress={() => void keep()}>Keep these</ActionButton>
      </View>
    </Sheet>
  );
}

interface FieldProps {
  readonly control: Control<SetupText, unknown, UnitSetup>;
  readonly name: keyof SetupText;
  readonly label: string;
  readonly numeric?: boolean;
  readonly hint?: string;
}

function Field({ control, name, label, numeric, hint }: FieldProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState: { error } }) => (
        <View>
          <TextInput
            mode="outlined"
            label={label}
            accessibilityLabel={label}
            value={field.value ?? ''}
            onChangeText={field.onChange}
            onBlur={field.onBlur}
            error={error !== undefined}
            inputMode={numeric ? 'decimal' : 'text'}
            selectTextOnFocus={numeric}
          />
          <HelperText
            type={error ? 'error' : 'info'}
            visible={error !== undefined || hint !== undefined}
            style={{ fontSize: 14 }}
          >
            {error?.message ?? hint ?? ''}
          </HelperText>
        </View>
      )}
    />
  );
}
