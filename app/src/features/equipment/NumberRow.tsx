import type { UnitFactsDto } from '@huff/contract';
import { toolText } from '@huff/core';
import { Pressable } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { UnitNumber } from './unitNumbers';

interface FactRowProps {
  readonly name: string;
  readonly value: string;
  /** Taken, not said: it stands under a dotted line. */
  readonly assumed?: boolean;
  readonly onPress: () => void;
}

/** One thing known of a unit, in a line: a touch changes it. */
export function FactRow({ name, value, assumed, onPress }: FactRowProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${name}: ${value}. Change`}
      onPress={onPress}
      style={{
        minHeight: 52,
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: 12,
        borderTopWidth: 1,
        borderColor: palette.line,
      }}
    >
      <Txt>{name}</Txt>
      <Txt
        bold={!assumed}
        color={assumed ? 'softInk' : 'ink'}
        figures
        align="right"
        style={[{ flexShrink: 1 }, assumed && { textDecorationLine: 'underline', textDecorationStyle: 'dotted' }]}
      >
        {value}
      </Txt>
    </Pressable>
  );
}

interface NumberRowProps {
  readonly number: UnitNumber;
  readonly unit: UnitFactsDto;
  /** What is taken while nobody said it. */
  readonly taken?: string;
  readonly onAsk: (number: UnitNumber) => void;
}

export function NumberRow({ number, unit, taken, onAsk }: NumberRowProps) {
  const value = number.read(unit);
  const known = value !== null && value !== undefined;
  return (
    <FactRow
      name={number.label}
      value={known ? toolText(value, number.unit) : (taken ?? number.unsaid)}
      assumed={!known}
      onPress={() => onAsk(number)}
    />
  );
}
