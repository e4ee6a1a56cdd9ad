import type { FieldError, FieldSet, RawInputs } from '@huff/core';
import { View } from 'react-native';
import { ActionButton, Sheet } from '../../ui/page';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';

interface ShopSheetProps {
  readonly title: string;
  readonly set: FieldSet;
  readonly begin: RawInputs;
  readonly faultsOf: (raw: RawInputs) => readonly FieldError[];
  readonly onKeep: (raw: RawInputs) => void;
  /** Takes it off the list, or back to the usual. */
  readonly onRemove?: () => void;
  readonly onClose: () => void;
}

/** One thing of the shop's lists, to be changed, kept or taken off. */
export function ShopSheet({ title, set, begin, faultsOf, onKeep, onRemove, onClose }: ShopSheetProps) {
  const form = useFieldForm(set, begin, faultsOf);
  const keep = () => {
    form.send();
    if (form.errors.length === 0) onKeep(form.inputs);
  };
  return (
    <Sheet open onClose={onClose} title={title}>
      <View style={{ gap: 12 }}>
        <ToolForm tool={set} control={form.control} errors={form.errors} shown={form.shown} onLeave={form.onLeave} />
        <ActionButton onPress={keep}>Keep it</ActionButton>
        {onRemove && (
          <ActionButton quiet onPress={onRemove}>
            Take it off the list
          </ActionButton>
        )}
      </View>
    </Sheet>
  );
}
