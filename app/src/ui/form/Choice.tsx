import { Pressable, View } from 'react-native';
import { Txt } from '../text';
import { usePalette } from '../theme';

interface ChoiceProps<Id extends string> {
  readonly label: string;
  readonly options: readonly { readonly id: Id; readonly text: string }[];
  readonly chosen?: Id | null;
  readonly onChoose: (id: Id) => void;
}

/** One of a few, all in sight: large enough for a glove. */
export function Choice<Id extends string>({ label, options, chosen, onChoose }: ChoiceProps<Id>) {
  const palette = usePalette();
  return (
    <View role="radiogroup" aria-label={label} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {options.map(({ id, text }) => {
        const on = id === chosen;
        return (
          <Pressable
            key={id}
            role="radio"
            aria-checked={on}
            onPress={() => onChoose(id)}
            style={{
              minHeight: 48,
              minWidth: 52,
              paddingHorizontal: 14,
              alignItems: 'center',
              justifyContent: 'center',
              borderRadius: 6,
              borderWidth: 1.5,
              borderColor: on ? palette.ink : palette.line,
              backgroundColor: on ? palette.ink : 'transparent',
            }}
          >
            <Txt bold={on} style={on && { color: palette.paper }}>
              {text}
            </Txt>
          </Pressable>
        );
      })}
    </View>
  );
}
