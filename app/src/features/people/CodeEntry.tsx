import type { SessionState } from '@huff/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { tell } from '../../data/ask';
import { ActionButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { useAtDoor } from './useAtDoor';

interface CodeEntryProps {
  /** As a scanned link brought it. */
  readonly begin?: string;
  readonly onIn: (state: SessionState) => void;
}

/** Comes in by a code that somebody who is in made. */
export function CodeEntry({ begin = '', onIn }: CodeEntryProps) {
  const [code, setCode] = useState(begin);
  const { isBusy, why, attempt } = useAtDoor();
  const comeIn = () => void attempt(() => tell('POST', '/api/session/code', { code }), onIn);
  return (
    <View style={{ gap: 10 }}>
      <TextInput
        mode="outlined"
        label="Code"
        accessibilityLabel="Code"
        placeholder="K7QM-2XPR-9DTW"
        value={code}
        onChangeText={setCode}
        autoCapitalize="characters"
        autoCorrect={false}
        onSubmitEditing={comeIn}
      />
      {why !== undefined && <Txt role="alert">{why}</Txt>}
      <ActionButton disabled={isBusy || code.trim() === ''} onPress={comeIn}>
        {isBusy ? 'Checking code…' : 'Use this code'}
      </ActionButton>
    </View>
  );
}
