import { check, BlowerTableDto, LIMITS, type TableConditionsDto } from '@huff/contract';
import { MOTOR_KINDS, toolText, tonsText, type MotorKind, MOTOR_TEXT } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { Choice } from '../../../ui/form';
import { NumberSheet, type AskedNumber } from '../../../ui/keypad';
import { ActionButton, TextButton } from '../../../ui/page';
import { Sheet } from '../../../ui/sheet';
import { Txt } from '../../../ui/text';
import type { Figures } from './draft';

/** What is said of a table beside its figures. */
export interface TableHead {
  readonly id: string;
  readonly name: string;
  readonly motor: MotorKind;
  readonly tons?: number | null;
  readonly conditions?: TableConditionsDto | null;
}

interface KeepTableSheetProps {
  readonly open: boolean;
  readonly head: TableHead;
  readonly figures: Figures;
  /** Names of the shop's other tables. */
  readonly taken: readonly string[];
  readonly onKeep: (table: BlowerTableDto) => void;
  readonly onClose: () => void;
}

/** Name, motor and the manufacturer's conditions: the last step before a typed table is the shop's. */
export function KeepTableSheet(props: KeepTableSheetProps) {
  return (
    <Sheet open={props.open} onClose={props.onClose} title="Save table">
      {props.open && <Body {...props} />}
    </Sheet>
  );
}

function Body({ head, figures, taken, onKeep }: KeepTableSheetProps) {
  const [name, setName] = useState(head.name);
  const [motor, setMotor] = useState(head.motor);
  const [tons, setTons] = useState(head.tons ?? null);
  const [conditions, setConditions] = useState<TableConditionsDto>(head.conditions ?? {});
  const [asked, setAsked] = useState<'tons' | 'volts' | 'dryFactor'>();
  const said = Object.fromEntries(Object.entries(conditions).filter(([, value]) => value !== null));
  const checked = check(BlowerTableDto, {
    id: head.id,
    name: name.trim(),
    motor,
    tons,
    ...figures,
    ...(Object.keys(said).length > 0 ? { conditions: said } : {}),
  });
  const fault = checked.ok ? undefined : checked.errors[0]?.message;
  const twice = taken.includes(name.trim());
  const keep = () => {
    if (checked.ok) onKeep(JSON.parse(JSON.stringify(checked.value)) as BlowerTableDto);
  };
  const questions: Readonly<Record<'tons' | 'volts' | 'dryFactor', AskedNumber>> = {
    tons: { label: 'Unit tons', unit: 'tons', ...LIMITS.tons, value: tons },
    volts: { label: 'Table volts', unit: 'volts', ...LIMITS.volts, value: conditions.volts },
    dryFactor: {
      label: 'Dry-coil airflow factor',
      unit: 'factor',
      ...LIMITS.correctionFactor,
      value: conditions.dryFactor,
      hint: 'Only if the manufacturer gives a dry-coil factor.',
    },
  };
  return (
    <View style={{ gap: 10 }}>
      <TextInput
        mode="outlined"
        label="Table name"
        accessibilityLabel="Table name"
        value={name}
        onChangeText={setName}
        error={fault !== undefined}
      />
      {twice && (
        <Txt size={15} role="status">
          There is already a table of this name. Enter a different name, or save anyway.
        </Txt>
      )}
      <Choice
        label="Motor"
        options={MOTOR_KINDS.map((kind) => ({ id: kind, text: MOTOR_TEXT[kind] }))}
        chosen={motor}
        onChoose={setMotor}
      />
      <TextButton onPress={() => setAsked('tons')}>{tons ? `${tonsText(tons)} tons` : 'Enter tons'}</TextButton>
      <Txt size={14} color="softInk">
        Table conditions
      </Txt>
      <Choice
        label="Table coil"
        options={[
          { id: 'wet', text: 'wet coil' },
          { id: 'dry', text: 'dry coil' },
        ]}
        chosen={conditions.coil ?? null}
        onChoose={(coil) => setConditions({ ...conditions, coil })}
      />
      <Choice
        label="Table filter"
        options={[
          { id: 'in', text: 'filter in' },
          { id: 'out', text: 'filter out' },
        ]}
        chosen={conditions.filter ?? null}
        onChoose={(filter) => setConditions({ ...conditions, filter })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 }}>
        <TextButton onPress={() => setAsked('volts')}>
          {conditions.volts ? toolText(conditions.volts, 'volts') : 'Table volts'}
        </TextButton>
        <TextButton onPress={() => setAsked('dryFactor')}>
          {conditions.dryFactor ? `dry coil × ${conditions.dryFactor}` : 'Dry-coil factor'}
        </TextButton>
      </View>
      {fault && (
        <HelperText type="error" visible style={{ fontSize: 14 }}>
          {fault}
        </HelperText>
      )}
      <ActionButton onPress={keep} disabled={!checked.ok}>
        {twice ? 'Save anyway' : 'Save table'}
      </ActionButton>
      <NumberSheet
        asked={asked && questions[asked]}
        onKeep={(value) => {
          if (asked === 'tons') setTons(value);
          else if (asked) setConditions({ ...conditions, [asked]: value });
          setAsked(undefined);
        }}
        onClose={() => setAsked(undefined)}
      />
    </View>
  );
}
