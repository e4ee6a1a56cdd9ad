import type { ReactNode } from 'react';
import { Pressable, View, type ViewStyle } from 'react-native';
import { Txt } from '../text';
import { usePalette } from '../theme';
import { useArrowKeys } from './useArrowKeys';

interface ChoiceOption<Id extends string> {
  readonly id: Id;
  readonly text: string;
  /** Stands beside it, quieter: the term for what is seen. */
  readonly aside?: string;
  readonly picture?: ReactNode;
}

interface ChoiceProps<Id extends string> {
  readonly label: string;
  readonly options: readonly ChoiceOption<Id>[];
  readonly chosen?: Id | null;
  readonly onChoose: (id: Id) => void;
  /** Chips in a row, narrow ones that share one line, pictures beside each other, or rows under each other. */
  readonly as?: 'chips' | 'strip' | 'pictures' | 'rows';
}

const SHAPE: Readonly<Record<NonNullable<ChoiceProps<string>['as']>, ViewStyle>> = {
  chips: { minHeight: 48, minWidth: 52, paddingHorizontal: 14, alignItems: 'center', justifyContent: 'center' },
  // Eight do not stand on one line of a phone: they go on on a second one.
  strip: { flexGrow: 1, flexBasis: 0, minHeight: 48, minWidth: 52, alignItems: 'center', justifyContent: 'center' },
  pictures: { flex: 1, minHeight: 110, padding: 4, alignItems: 'center', justifyContent: 'flex-end' },
  rows: {
    minHeight: 48,
    paddingHorizontal: 14,
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: 8,
  },
};

/** One of a few, all in sight: large enough for a glove. Arrow keys go from one to the next. */
export function Choice<Id extends string>({ label, options, chosen, onChoose, as = 'chips' }: ChoiceProps<Id>) {
  const palette = usePalette();
  const at = options.findIndex(({ id }) => id === chosen);
  // Where nothing can be chosen yet a touch acts at once: arrows then only go from one to the next.
  const group = useArrowKeys((i) => chosen !== undefined && onChoose(options[i]!.id));
  const solid = as === 'chips' || as === 'strip';
  return (
    <View
      ref={group}
      role="radiogroup"
      aria-label={label}
      style={
        as === 'rows'
          ? { gap: 6 }
          : { flexDirection: 'row', flexWrap: as === 'pictures' ? 'nowrap' : 'wrap', gap: as === 'strip' ? 4 : 8 }
      }
    >
      {options.map(({ id, text, aside, picture }, i) => {
        const on = id === chosen;
        return (
          <Pressable
            key={id}
            role="radio"
            aria-checked={on}
            aria-label={aside ? `${text}, ${aside}` : text}
            // Tab reaches the chosen one, or the first.
            tabIndex={i === Math.max(0, at) ? 0 : -1}
            onPress={() => onChoose(id)}
            style={[
              {
                borderRadius: 6,
                borderWidth: on ? 2.5 : 1.2,
                margin: on ? 0 : 1.3,
                borderColor: on ? palette.ink : palette.softInk,
                backgroundColor: on ? (solid ? palette.ink : palette.sheet) : 'transparent',
              },
              SHAPE[as],
            ]}
          >
            {picture}
            <Txt
              size={as === 'pictures' ? 13 : as === 'strip' ? 15 : 16}
              bold={on}
              align={as === 'rows' ? undefined : 'center'}
              style={[on && solid && { color: palette.paper }, as === 'rows' && { flexShrink: 1 }]}
            >
              {text}
            </Txt>
            {aside !== undefined && (
              <Txt size={14} color="softInk">
                {aside}
              </Txt>
            )}
          </Pressable>
        );
      })}
    </View>
  );
}
