import { LIMITS } from '@huff/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { NumberSheet } from '../../../ui/keypad';
import { fromShown, toShown } from '@huff/core';
import { ActionButton } from '../../../ui/page';
import { Sheet } from '../../../ui/sheet';
import { withoutRow, type TableDraft } from './draft';

interface RowSheetProps {
  readonly draft: TableDraft;
  readonly row?: number;
  readonly onDraft: (change: (draft: TableDraft) => TableDraft) => void;
  readonly onClose: () => void;
}

const named = (row: number, name: string) => (draft: TableDraft) => ({
  ...draft,
  rows: draft.rows.map((one, i) => (i === row ? { ...one, name } : one)),
});

/** A row's head: the tap's mark as it stands on the board, or the airflow of a table by RPM. */
export function RowSheet({ draft, row, onDraft, onClose }: RowSheetProps) {
  const take = () => {
    if (row !== undefined && draft.rows.length > 1) onDraft((now) => withoutRow(now, row));
    onClose();
  };
  if (draft.by === 'rpm')
    return (
      <NumberSheet
        asked={
          row === undefined
            ? undefined
            : {
                label: 'Row airflow',
                unit: 'cfm',
                ...LIMITS.flowCfm,
                value: fromShown(Number(draft.rows[row]?.name), 'cfm') || null,
              }
        }
        keepWords="Set"
        sideWords="take out"
        onKeep={(value) => {
          if (value === null || row === undefined) return take();
          onDraft(named(row, String(Number(toShown(value, 'cfm').toPrecision(6)))));
          onClose();
        }}
        onClose={onClose}
      />
    );
  return (
    <Sheet open={row !== undefined} onClose={onClose} title="Tap">
      {row !== undefined && (
        <Named
          key={row}
          name={draft.rows[row]?.name ?? ''}
          taken={draft.rows.filter((_, i) => i !== row).map((one) => one.name)}
          onKeep={(name) => {
            onDraft(named(row, name));
            onClose();
          }}
          onTake={take}
        />
      )}
    </Sheet>
  );
}

interface NamedProps {
  readonly name: string;
  readonly taken: readonly string[];
  readonly onKeep: (name: string) => void;
  readonly onTake: () => void;
}

function Named({ name, taken, onKeep, onTake }: NamedProps) {
  const [text, setText] = useState(name);
  const { min, max } = LIMITS.tapLength;
  const mark = text.trim();
  const fault =
    mark.length < min || mark.length > max
      ? `A name has ${min} to ${max} characters.`
      : taken.includes(mark)
        ? `Another row is named ${mark} already.`
        : undefined;
  return (
    <View style={{ gap: 10 }}>
      <TextInput
        mode="outlined"
        label="Tap name"
        accessibilityLabel="Tap name"
        value={text}
        onChangeText={setText}
        error={fault !== undefined}
      />
      {fault && (
        <HelperText type="error" visible style={{ fontSize: 14 }}>
          {fault}
        </HelperText>
      )}
      <ActionButton onPress={() => onKeep(mark)} disabled={fault !== undefined}>
        Set
      </ActionButton>
      <ActionButton quiet onPress={onTake}>
        Remove row
      </ActionButton>
    </View>
  );
}
