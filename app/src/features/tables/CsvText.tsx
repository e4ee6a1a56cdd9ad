import { useState } from 'react';
import { View } from 'react-native';
import { Button, TextInput } from 'react-native-paper';
import { Heading, Txt } from '../../ui/text';

const EXAMPLE = 'tap,0.10,0.20,0.30\nlow,820,805,785\nhigh,1210,1175,';

interface CsvTextProps {
  /** What was last read; a new text needs a new `key`. */
  readonly text: string;
  readonly faulty: boolean;
  readonly onRead: (text: string) => void;
}

/** The file's text, to paste or to mend: what was chosen stays here until it reads well. */
export function CsvText({ text, faulty, onRead }: CsvTextProps) {
  const [typed, setTyped] = useState(text);
  return (
    <View style={{ gap: 8 }}>
      <Heading size={16}>{faulty ? 'Correct it here' : 'Or paste it'}</Heading>
      <Txt size={14} color="softInk">
        Start one row with “tap” and put the statics to its right. Add one row per tap below. Leave a cell blank where
        the manufacturer gives none.
      </Txt>
      <TextInput
        mode="outlined"
        multiline
        numberOfLines={7}
        placeholder={EXAMPLE}
        accessibilityLabel="Table text"
        value={typed}
        onChangeText={setTyped}
        contentStyle={{ fontVariant: ['tabular-nums'], minHeight: 150 }}
      />
      <Button mode="outlined" onPress={() => onRead(typed)} disabled={typed === ''} contentStyle={{ minHeight: 48 }}>
        Read text
      </Button>
    </View>
  );
}
