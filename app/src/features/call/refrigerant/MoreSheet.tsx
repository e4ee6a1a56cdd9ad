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
    <Sheet open={open} onClose={onClose} title="Nameplate, chart, more">
      <MoreForm own={own} onKeep={onKeep} onClose={onClose} />
    </Sheet>
  );
}

function MoreForm({ own, onKeep, onClose }: Omit<Parameters<typeof MoreSheet>[0], 'open'>) {
  const form = useFieldForm(LADDER_FORM, own, (raw) => inputFaults(LADDER_FORM, raw));
  // None is assumed: it is asked with the first gauge, and a form's first choice is not an answer.
  const isSaid = own.refrigerant !== undefined;
  const keep = () => {
    form.send();
    if (form.errors.length > 0) return;
    const { refrigerant, ...others } = form.inputs;
    onKeep(isSaid ? { ...others, refrigerant } : others);
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
        known={isSaid ? ['circuit'] : ['circuit', 'refrigerant']}
      />
      <ActionButton onPress={keep}>Save</ActionButton>
    </View>
  );
}
