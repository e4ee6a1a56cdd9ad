import type { SetupDto, VisitDto } from '@huff/contract';
import { inputFaults, type FieldSet } from '@huff/core';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';

/** Parts of a unit's setup that one of core's forms fills in. */
export interface SetupForm {
  readonly key: keyof SetupDto & ('motorPlate' | 'speeds');
  readonly title: string;
  readonly says: string;
  readonly set: FieldSet;
}

interface SetupFormSheetProps {
  readonly form?: SetupForm;
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onClose: () => void;
}

/** One part of what predicting needs to know of the unit. */
export function SetupFormSheet(props: SetupFormSheetProps) {
  const { form, onClose } = props;
  return (
    <Sheet open={form !== undefined} onClose={onClose} title={form?.title ?? ''}>
      {form && <Body key={form.key} {...props} form={form} />}
    </Sheet>
  );
}

function Body({ form, visit, onVisit, onClose }: SetupFormSheetProps & { readonly form: SetupForm }) {
  const { set } = form;
  const filled = useFieldForm(set, visit.setup?.[form.key] ?? {}, (raw) => inputFaults(set, raw));
  const keep = () => {
    filled.send();
    if (filled.errors.length > 0) return;
    onVisit({ ...visit, setup: { ...visit.setup, [form.key]: filled.inputs } });
    onClose();
  };
  return (
    <View style={{ gap: 12 }}>
      <Txt size={15} color="softInk">
        {form.says}
      </Txt>
      <ToolForm
        tool={set}
        control={filled.control}
        errors={filled.errors}
        shown={filled.shown}
        onLeave={filled.onLeave}
      />
      <ActionButton onPress={keep}>Save</ActionButton>
    </View>
  );
}
