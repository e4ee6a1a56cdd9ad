import type { Conditions } from '@huff/core';
import { Pressable, View } from 'react-native';
import { Txt } from '../text';
import { usePalette } from '../theme';

const MINUTES = [undefined, 5, 10, 15, 20, 30] as const;

/** The next of the usual running times; after the longest, unknown again. */
export function nextMinutes(now: number | undefined): number | undefined {
  const at = MINUTES.findIndex((m) => m === now);
  return MINUTES[(at + 1) % MINUTES.length];
}

interface ConditionChipsProps {
  readonly conditions: Conditions;
  readonly onChange: (conditions: Conditions) => void;
}

/** The state of the unit while reading: each chip turns over at a touch. */
export function ConditionChips({ conditions: c, onChange }: ConditionChipsProps) {
  const palette = usePalette();
  const { minutesRunning, ...rest } = c;
  const chips = [
    { text: `door ${c.door}`, usual: c.door === 'on', to: { ...c, door: c.door === 'on' ? 'off' : 'on' } },
    { text: `filter ${c.filter}`, usual: c.filter === 'in', to: { ...c, filter: c.filter === 'in' ? 'out' : 'in' } },
    { text: `coil ${c.coil}`, usual: true, to: { ...c, coil: c.coil === 'wet' ? 'dry' : 'wet' } },
    {
      text: minutesRunning === undefined ? 'ran – min' : `ran ${minutesRunning} min`,
      usual: true,
      to: nextMinutes(minutesRunning) === undefined ? rest : { ...rest, minutesRunning: nextMinutes(minutesRunning) },
    },
  ] as const;
  return (
    <View role="group" aria-label="Conditions" style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {chips.map(({ text, usual, to }) => (
        <Pressable
          key={text.split(' ')[0]}
          role="button"
          aria-label={`${text}: switch`}
          onPress={() => onChange(to)}
          style={{
            minHeight: 48,
            justifyContent: 'center',
            paddingHorizontal: 12,
            borderRadius: 24,
            borderWidth: usual ? 1.2 : 2,
            borderColor: usual ? palette.ink : palette.action,
            backgroundColor: usual ? 'transparent' : palette.outside,
          }}
        >
          <Txt size={15} bold={!usual}>
            {text}
          </Txt>
        </Pressable>
      ))}
    </View>
  );
}
