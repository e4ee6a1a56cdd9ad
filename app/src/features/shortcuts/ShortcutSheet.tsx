import { useState } from 'react';
import { View } from 'react-native';
import { TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { lettersLead, OTHER_KEYS, PLACE_KEYS, setLettersLead } from './keys';

/** What the keyboard does. */
export function ShortcutSheet({ onClose }: { readonly onClose: () => void }) {
  const palette = usePalette();
  const [lead, setLead] = useState(lettersLead);
  const lines = [...OTHER_KEYS, ...PLACE_KEYS.map(({ key, words }) => [key, words] as const)];
  return (
    <Sheet open onClose={onClose} title="Keys">
      <View>
        {lines.map(([keys, words]) => (
          <View
            key={keys}
            style={{ flexDirection: 'row', gap: 16, borderTopWidth: 1, borderColor: palette.line, paddingVertical: 7 }}
          >
            <Txt bold figures style={{ width: 130 }}>
              {keys}
            </Txt>
            <Txt style={{ flex: 1 }}>{words}</Txt>
          </View>
        ))}
        <TextButton
          onPress={() => {
            setLettersLead(!lead);
            setLead(!lead);
          }}
        >
          {lead ? 'Turn shortcuts off' : 'Turn shortcuts on'}
        </TextButton>
      </View>
    </Sheet>
  );
}
