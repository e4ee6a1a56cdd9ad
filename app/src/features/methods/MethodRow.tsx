import { ended, toolText, type NumberField } from '@huff/core';
import { View } from 'react-native';
import { ListRow } from '../../ui/list';
import { Txt } from '../../ui/text';

interface MethodRowProps {
  readonly field: NumberField;
  readonly value: unknown;
  /** What is wrong with it, once it was to be kept. */
  readonly error?: string;
  readonly onAsk: () => void;
}

function saysOf({ unit, assumed, optional }: NumberField, value: unknown): string {
  if (typeof value === 'number') return toolText(value, unit);
  if (assumed !== undefined) return `${toolText(assumed, unit)} assumed`;
  return optional ? 'if known' : 'not read';
}

/** A figure of a method that is not read on its drawing. */
export function MethodRow({ field, value, error, onAsk }: MethodRowProps) {
  const says = saysOf(field, value);
  return (
    <View>
      <ListRow
        name={field.label}
        says={says}
        figure={typeof value === 'number'}
        label={`${ended(`${field.label}: ${says}`)} Type it`}
        onPress={onAsk}
      />
      {error !== undefined && (
        <Txt size={14} role="alert">
          {error}
        </Txt>
      )}
    </View>
  );
}
