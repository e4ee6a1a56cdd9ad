import { toolFigure, toolUnitText, type ListField } from '@huff/core';
import { Pressable, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface ListPointsProps {
  readonly field: ListField;
  readonly values: readonly number[];
  /** How many there are to read, where that is known. */
  readonly planned?: number;
  /** What one of them is called. */
  readonly word: string;
  readonly onPoint: (index: number) => void;
}

/** Points read one after the other: each where it stands, the next one waiting. */
export function ListPoints({ field, values, planned, word, onPoint }: ListPointsProps) {
  const palette = usePalette();
  const unit = toolUnitText(field.unit);
  const name = unit === '' ? field.label : `${field.label}, ${unit}`;
  const count = Math.min(field.most, Math.max(values.length + 1, planned ?? 0));
  return (
    <View style={{ gap: 6 }}>
      <Txt size={14} color="softInk">
        {name}: {values.length} of {planned ?? `at least ${field.least}`} read
      </Txt>
      <View role="group" aria-label={name} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
        {Array.from({ length: count }, (_, i) => {
          const value = values[i];
          const isNext = i === values.length;
          return (
            <Pressable
              key={i}
              role="button"
              disabled={i > values.length}
              aria-label={`${name}, ${word.toLowerCase()} ${i + 1}: ${value === undefined ? 'not read' : toolFigure(value, field.unit)}. Type it`}
              onPress={() => onPoint(i)}
              style={{
                minHeight: 48,
                minWidth: 66,
                paddingHorizontal: 6,
                borderRadius: 6,
                borderWidth: isNext ? 2.5 : 1.2,
                borderColor: isNext ? palette.action : palette.line,
                alignItems: 'center',
                justifyContent: 'center',
              }}
            >
              <Txt size={13} color="softInk">
                {i + 1}
              </Txt>
              <Txt bold figures>
                {value === undefined ? '–' : toolFigure(value, field.unit)}
              </Txt>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}
