import { useState } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import type { OutboxRow } from '../../data/spine/store';
import { spine } from '../../data/theSpine';
import { ActionButton, TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { WaitingCard } from './WaitingCard';
import { fieldName } from './fieldNames';
import { mendable, mended } from './mending';
import { operationWords } from './operationWords';
import { saveOutboxFile } from './outboxFile';

/** A change that the server would not take: what it is, why, and the ways on: mend it, send it again, keep it in a file, drop it. */
export function RefusedCard({ row, of }: { readonly row: OutboxRow; readonly of: string }) {
  const palette = usePalette();
  const { operation, problem } = row;
  const fields = mendable(operation, problem);
  const [typed, setTyped] = useState(() => Object.fromEntries(fields.map(({ at, text }) => [at, text])));
  const [dropping, setDropping] = useState(false);
  const again = () => void spine().outbox.sendAgain(row, mended(operation, typed));
  return (
    <WaitingCard of={of}>
      {fields.length === 0 && <Txt figures>{operationWords(operation)}</Txt>}
      <View style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 10 }}>
        <Txt>{problem?.detail ?? 'The server gave no reason.'}</Txt>
      </View>
      {fields.map(({ at, field, message }) => (
        <View key={at}>
          <TextInput
            mode="outlined"
            label={fieldName(operation, field)}
            accessibilityLabel={fieldName(operation, field)}
            value={typed[at] ?? ''}
            onChangeText={(text) => setTyped((before) => ({ ...before, [at]: text }))}
          />
          {message !== undefined && message !== problem?.detail && <HelperText type="error">{message}</HelperText>}
        </View>
      ))}
      <ActionButton onPress={again}>{fields.length > 0 ? 'Send as is' : 'Send it again'}</ActionButton>
      <View style={{ flexDirection: 'row', gap: 24 }}>
        <TextButton onPress={() => saveOutboxFile([row])}>Save to file</TextButton>
        {dropping ? (
          <TextButton
            onPress={() => void spine().outbox.drop(row)}
          >{`Delete it: ${operationWords(operation)}`}</TextButton>
        ) : (
          <TextButton onPress={() => setDropping(true)}>Delete it…</TextButton>
        )}
      </View>
    </WaitingCard>
  );
}
