import { inputFaults } from '@huff/core';
import { LADDER_FORM } from '@huff/core/call';
import { View } from 'react-native';
import { ActionButton } from '../../../ui/page';
import { Sheet } from '../../../ui/sheet';
import { ToolForm } from '../../tool/ToolForm';
import { useFieldForm } from '../../tool/useFieldForm';

/** All fields of the ladder in a form: plate, chart, drier, distributor, amps, charge weighed. */
export function MoreSheet({
  open,
  own,
  onKeep,
  onClose,
}: {
  readonly open: boolean;
  readonly own: Record<string, unknown>;
  readonly onKeep: (changed: Record<string, unknown>) => void;
  readonly onClose: () => void;
}) {
  return (
    <Sheet open={open} onClose={onClose} title="Plate, chart and more">
      <MoreForm own={own} onKeep={onKeep} onClose={onClose} />
    </Sheet>
  );
}

function MoreForm({ own, onKeep, onClose }: Omit<Parameters<typeof MoreSheet>[0], 'open'>) {
  const form = useFieldForm(LADDER_FORM, own, (raw) => inputFaults(LADDER_FORM, raw));
  const keep = () => {
    form.send();
    if (form.errors.length > 0) return;
    onKeep(form.inputs);
    onClose();
  };
  const { control, errors, shown, onLeave } = form;
  return (
    <View style={{ gap: 14 }}>
      <ToolForm
        tool={LADDER_FORM}
        control={control}
        errors={errors}
        shown={shown}
        onLeave={onLeave}
        known={['circuit']}
      />
      <ActionButton onPress={keep}>Keep it</ActionButton>
    </View>
  );
}
