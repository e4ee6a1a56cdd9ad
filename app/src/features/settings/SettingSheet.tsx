import type { ShopDto } from '@huff/contract/fix';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';
import type { Editing } from './editing';

interface ShopSheetProps {
  readonly editing: Editing;
  /** The shop as it is to be from now on. */
  readonly onShop: (shop: ShopDto) => void;
  readonly onClose: () => void;
}

/** One thing of the shop's lists, to be changed, kept or taken off. */
export function SettingSheet({ editing, onShop, onClose }: ShopSheetProps) {
  const { title, set, begin, faultsOf, keep, remove } = editing;
  const form = useFieldForm(set, begin, faultsOf);
  const send = () => {
    form.send();
    if (form.errors.length === 0) onShop(keep(form.inputs));
  };
  return (
    <Sheet open onClose={onClose} title={title}>
      <View style={{ gap: 12 }}>
        <ToolForm tool={set} control={form.control} errors={form.errors} shown={form.shown} onLeave={form.onLeave} />
        <ActionButton onPress={send}>Save</ActionButton>
        {remove && (
          <ActionButton quiet onPress={() => onShop(remove.shop())}>
            {remove.words}
          </ActionButton>
        )}
      </View>
    </Sheet>
  );
}
