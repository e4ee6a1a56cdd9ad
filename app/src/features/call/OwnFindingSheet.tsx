import { OWN_FINDING_FORM, ownFindingFaults, replaceFinding, type OwnFinding } from '@huff/core/call';
import { View } from 'react-native';
import { ActionButton, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';
import { ReplaceReasons } from './ReplaceReasons';

interface OwnFindingSheetProps {
  /** What is being written: a new one, or one that stands. */
  readonly writing?: 'new' | OwnFinding;
  readonly onKeep: (inputs: Record<string, unknown>) => void;
  /** Takes the one that stands back. */
  readonly onTakeBack: (finding: OwnFinding) => void;
  readonly onClose: () => void;
}

/** A finding in one's own words: what, why it matters, where, what it takes. */
export function OwnFindingSheet({ writing, ...rest }: OwnFindingSheetProps) {
  return (
    <Sheet
      open={writing !== undefined}
      onClose={rest.onClose}
      title={writing === 'new' ? 'Add a finding' : 'Change the finding'}
    >
      {writing && <Body key={writing === 'new' ? 'new' : writing.factId} writing={writing} {...rest} />}
    </Sheet>
  );
}

function Body({
  writing,
  onKeep,
  onTakeBack,
  onClose,
}: OwnFindingSheetProps & { readonly writing: 'new' | OwnFinding }) {
  const begin = writing === 'new' ? { concern: 'comfort', area: 'blower' } : { ...writing };
  const form = useFieldForm(OWN_FINDING_FORM, begin, ownFindingFaults);
  const keep = () => {
    form.send();
    if (form.errors.length > 0) return;
    onKeep(form.inputs);
    onClose();
  };
  return (
    <View style={{ gap: 12 }}>
      {writing === 'new' && <ReplaceReasons onUse={(reasons) => form.put(replaceFinding(reasons))} />}
      <ToolForm
        tool={OWN_FINDING_FORM}
        control={form.control}
        errors={form.errors}
        shown={form.shown}
        onLeave={form.onLeave}
      />
      <ActionButton onPress={keep}>Keep it</ActionButton>
      {writing !== 'new' && (
        <TextButton
          onPress={() => {
            onTakeBack(writing);
            onClose();
          }}
        >
          Remove this finding
        </TextButton>
      )}
    </View>
  );
}
