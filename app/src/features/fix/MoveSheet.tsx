import { inputFaults, moveOf, type RawInputs } from '@huff/core';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';

interface MoveSheetProps {
  readonly id?: string;
  /** What stands now: typed before, or the usual. */
  readonly inputs: RawInputs;
  readonly onKeep: (id: string, inputs: RawInputs) => void;
  readonly onClose: () => void;
}

/** What a move needs to know. Keeping it ticks the move. */
export function MoveSheet(props: MoveSheetProps) {
  const move = props.id === undefined ? undefined : moveOf(props.id);
  return (
    <Sheet open={move !== undefined} onClose={props.onClose} title={move?.name ?? ''}>
      {move && <Body key={move.id} {...props} id={move.id} />}
    </Sheet>
  );
}

function Body({ id, inputs, onKeep, onClose }: MoveSheetProps & { readonly id: string }) {
  const move = moveOf(id)!;
  const form = useFieldForm(move, inputs, (raw) => inputFaults(move, raw));
  const keep = () => {
    form.send();
    if (form.errors.length > 0) return;
    onKeep(id, form.inputs);
    onClose();
  };
  return (
    <View style={{ gap: 12 }}>
      <Txt size={15} color="softInk">
        Typical values are filled in. Enter what the part says, or what you measured.
      </Txt>
      <ToolForm tool={move} control={form.control} errors={form.errors} shown={form.shown} onLeave={form.onLeave} />
      <ActionButton onPress={keep}>Try these values</ActionButton>
    </View>
  );
}
