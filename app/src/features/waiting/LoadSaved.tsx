import { useState } from 'react';
import { View } from 'react-native';
import { chooseFile, readFile } from '../../data/chooseFile';
import { useOutboxRows } from '../../data/useOutbox';
import { spine } from '../../data/theSpine';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { readBackWords, readOutboxFile } from './readOutboxFile';

const MOST_BYTES = 200_000_000;

/** Loads what "Save to file" wrote, on this phone or another: it waits here then, and is sent. */
export function LoadSaved() {
  const rows = useOutboxRows();
  const [told, setTold] = useState<{ readonly words: string; readonly isWrong?: true }>();
  const load = async (file: File) => {
    const chosen = await readFile(file, MOST_BYTES, 'That is too large for a file of changes.');
    const read = chosen.ok ? readOutboxFile(chosen.text, new Set(rows.map(({ id }) => id))) : chosen;
    if (!read.ok) return setTold({ words: read.why, isWrong: true });
    await spine().outbox.change({ add: read.rows });
    setTold({ words: readBackWords(read) });
  };
  return (
    <View style={{ gap: 4 }}>
      <TextButton onPress={() => chooseFile((file) => void load(file), '.json,application/json')}>
        Load saved file
      </TextButton>
      {told && <Txt role={told.isWrong ? 'alert' : 'status'}>{told.words}</Txt>}
    </View>
  );
}
