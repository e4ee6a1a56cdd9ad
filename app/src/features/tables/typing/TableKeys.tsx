import { memo } from 'react';
import { View } from 'react-native';
import { KeyCap } from '../../../ui/keypad';
import { usePalette } from '../../../ui/theme';

export type TableKey =
  | '0'
  | '1'
  | '2'
  | '3'
  | '4'
  | '5'
  | '6'
  | '7'
  | '8'
  | '9'
  | '.'
  | 'clear'
  | 'blank'
  | 'nextRow'
  | 'static'
  | 'row'
  | 'next';

interface TableKeysProps {
  readonly onKey: (key: TableKey) => void;
  /** Figures below 1: a point in place of one more static. */
  readonly decimals: boolean;
  readonly rowWord: string;
}

interface Cap {
  readonly key: TableKey;
  readonly text?: string;
  readonly label?: string;
}

const rowsOf = (decimals: boolean, rowWord: string): readonly (readonly Cap[])[] => [
  [{ key: '1' }, { key: '2' }, { key: '3' }, { key: 'clear', text: 'clear' }],
  [{ key: '4' }, { key: '5' }, { key: '6' }, { key: 'blank', text: 'blank', label: 'blank: no figure' }],
  [{ key: '7' }, { key: '8' }, { key: '9' }, { key: 'nextRow', text: 'next row' }],
  [
    decimals ? { key: '.', label: 'point' } : { key: 'static', text: '+ static' },
    { key: '0' },
    { key: 'row', text: `+ ${rowWord}` },
    { key: 'next', text: 'next →', label: 'next cell' },
  ],
];

/** The grid's own keypad. Drawn once: a key pressed changes nothing here. */
export const TableKeys = memo(function TableKeys({ onKey, decimals, rowWord }: TableKeysProps) {
  const palette = usePalette();
  return (
    <View style={{ padding: 12, gap: 8, borderTopWidth: 1, borderColor: palette.line, backgroundColor: palette.sheet }}>
      {rowsOf(decimals, rowWord).map((row, i) => (
        <View key={i} style={{ flexDirection: 'row', gap: 8 }}>
          {row.map(({ key, text, label }) => (
            <KeyCap
              key={key}
              label={label ?? text ?? key}
              onPress={() => onKey(key)}
              small={text !== undefined}
              strong={key === 'next' || undefined}
            >
              {text ?? key}
            </KeyCap>
          ))}
        </View>
      ))}
    </View>
  );
});
