import { REPLACE_REASONS, type ReplaceReason } from '@huff/core/call';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from '../../ui/icons';
import { ActionButton, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface ReplaceReasonsProps {
  readonly onUse: (reasons: readonly ReplaceReason[]) => void;
}

/** The reasons to replace the whole unit, to be ticked; they begin the finding, whose words can be changed. */
export function ReplaceReasons({ onUse }: ReplaceReasonsProps) {
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState<ReadonlySet<ReplaceReason>>(new Set());
  const turn = (id: ReplaceReason) =>
    setChosen((before) => new Set(before.has(id) ? [...before].filter((one) => one !== id) : [...before, id]));
  if (!open) return <TextButton onPress={() => setOpen(true)}>Recommend replacing the unit</TextButton>;
  return (
    <View role="group" aria-label="Reasons to replace" style={{ paddingBottom: 12 }}>
      <Heading size={17}>Reasons to replace</Heading>
      {REPLACE_REASONS.map(({ id, text }) => (
        <Pressable
          key={id}
          role="checkbox"
          aria-label={text}
          aria-checked={chosen.has(id)}
          onPress={() => turn(id)}
          style={{ minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: 12 }}
        >
          <View style={{ width: 28, height: 28, borderRadius: 4, borderWidth: 1.5, borderColor: palette.ink }}>
            {chosen.has(id) && <Icon name="check" size={25} />}
          </View>
          <Txt>{text}</Txt>
        </Pressable>
      ))}
      {chosen.size > 0 && (
        <ActionButton
          onPress={() => {
            onUse([...chosen]);
            setOpen(false);
          }}
        >
          Use these reasons
        </ActionButton>
      )}
    </View>
  );
}
