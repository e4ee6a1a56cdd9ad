import { ended, fromShown, toolUnitText, toShown, type ToolUnit } from '@huff/core';
import { useCallback, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { TextButton } from '../page';
import { Sheet } from '../sheet';
import { Heading, Txt } from '../text';
import { usePalette } from '../theme';
import { NumberPad } from './NumberPad';
import { numberIn, typedText } from './numberEntry';

/** A number that is asked for: what it is, in which unit, within what. */
export interface AskedNumber {
  readonly label: string;
  readonly unit: ToolUnit;
  readonly min: number;
  readonly max: number;
  /** Zero and below are not taken. */
  readonly above?: boolean;
  readonly hint?: string;
  /** In US units; absent when nothing was typed yet. */
  readonly value?: number | null;
}

interface NumberSheetProps {
  readonly asked?: AskedNumber;
  /** Null when it is cleared: not known. */
  readonly onKeep: (value: number | null) => void;
  readonly onClose: () => void;
  /** A picture of where it is read. */
  readonly picture?: ReactNode;
  readonly keepWords?: string;
  /** Words of the key that clears it: "not known", "usual". */
  readonly sideWords?: string;
  /** Takes back what was typed here before; absent where nothing was. */
  readonly onClear?: () => void;
  /** What more is wrong with a value, in a sentence: it cannot be kept. */
  readonly wrong?: (value: number) => string | undefined;
  /** What is odd about a value that can still be right, as a question: it is kept by whoever means it. */
  readonly ask?: (value: number) => string | undefined;
}

/** "between 0.05 and 5 in. w.c." */
export function rangeWords({ unit, min, max }: Pick<AskedNumber, 'unit' | 'min' | 'max'>): string {
  const text = (value: number) =>
    toShown(value, unit).toLocaleString('en-US', { maximumFractionDigits: 3 }).replace('-', '−');
  return `between ${text(min)} and ${text(max)} ${toolUnitText(unit)}`.trim();
}

/** The big keypad for one number: its name, where it is read, its unit, what is wrong with it. */
export function NumberSheet(props: NumberSheetProps) {
  const { asked, onClose } = props;
  return (
    <Sheet bare open={asked !== undefined} onClose={onClose} title={asked?.label ?? ''}>
      {asked && <Body key={asked.label} {...props} asked={asked} />}
    </Sheet>
  );
}

function Body({
  asked,
  onKeep,
  picture,
  keepWords,
  sideWords = 'not known',
  wrong,
  ask,
  onClear,
}: NumberSheetProps & { readonly asked: AskedNumber }) {
  const palette = usePalette();
  const [text, setText] = useState(() => typedText(asked.value, asked.unit));
  // What stood there is typed over by the first key.
  const [fresh, setFresh] = useState(true);
  const shown = numberIn(text);
  const value = shown === undefined ? undefined : fromShown(shown, asked.unit);
  const out =
    value !== undefined &&
    (value < asked.min - 1e-9 || value > asked.max + 1e-9 || (asked.above === true && value <= asked.min));
  const fault = out ? ended(`Enter ${rangeWords(asked)}`) : value === undefined ? undefined : wrong?.(value);
  const question = fault === undefined && value !== undefined ? ask?.(value) : undefined;
  const isRefused = fault !== undefined;
  const change = useCallback(
    (next: (before: string) => string) => {
      setText((before) => {
        if (!fresh) return next(before);
        const appended = next('');
        return appended === '' ? next(before) : appended;
      });
      setFresh(false);
    },
    [fresh],
  );
  return (
    <View style={{ padding: 16, gap: 10 }}>
      <View style={{ flexDirection: 'row', gap: 14, alignItems: 'center' }}>
        {picture}
        <View style={{ flex: 1 }}>
          <Heading size={19}>{asked.label}</Heading>
          {asked.hint !== undefined && (
            <Txt size={14} color="softInk">
              {asked.hint}
            </Txt>
          )}
        </View>
      </View>
      <View style={{ borderBottomWidth: 2.5, borderColor: palette.ink, flexDirection: 'row', alignItems: 'baseline' }}>
        <View
          role="status"
          aria-label={text === '' ? 'nothing typed' : `${text} ${toolUnitText(asked.unit)}`}
          style={{ flex: 1, minHeight: 62 }}
        >
          <Txt size={48} bold figures color={text === '' ? 'softInk' : 'ink'}>
            {text === '' ? '–' : text.replace('-', '−')}
          </Txt>
        </View>
        <Txt color="softInk">{toolUnitText(asked.unit)}</Txt>
      </View>
      <View role="alert" style={{ minHeight: 22 }}>
        {(fault ?? question) && <Txt size={15}>{fault ?? question}</Txt>}
      </View>
      <NumberPad
        text={text}
        onText={change}
        signed={asked.min < 0}
        goWords={value === undefined ? 'Type it' : isRefused ? 'Check it' : (keepWords ?? 'Save')}
        canGo={value !== undefined && !isRefused}
        onGo={() => value !== undefined && onKeep(value)}
        sideWords={sideWords}
        onSide={() => onKeep(null)}
      />
      {onClear && <TextButton onPress={onClear}>Clear answer</TextButton>}
    </View>
  );
}
