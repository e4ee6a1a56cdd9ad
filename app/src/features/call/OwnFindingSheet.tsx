import { OWN_FINDING_FORM, ownFindingFaults, replaceFinding, type OwnFinding } from '@huff/core/call';
import { useState } from 'react';
import type { RawInputs } from '@huff/core';
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
  const [started, setStarted] = useState<RawInputs>();
  const isNew = writing === 'new';
  return (
    <Sheet
      open={writing !== undefined}
      onClose={() => {
        setStarted(undefined);
        rest.onClose();
      }}
      title={isNew ? 'Add a finding' : 'Change the finding'}
    >
      {isNew && !started && (
        <ReplaceReasons onUse={(reasons) => setStarted({ ...BLANK, ...replaceFinding(reasons) })} />
      )}
      {writing && (
        <Body
          key={isNew ? String(started?.words) : writing.factId}
          writing={writing}
          begin={isNew ? (started ?? BLANK) : { ...writing }}
          {...rest}
          onClose={() => {
            setStarted(undefined);
            rest.onClose();
          }}
        />
      )}
    </Sheet>
  );
}

const BLANK: RawInputs = { concern: 'comfort', area: 'blower' };

function Body({
  writing,
  begin,
  onKeep,
  onTakeBack,
  onClose,
}: OwnFindingSheetProps & { readonly writing: 'new' | OwnFinding; readonly begin: RawInputs }) {
  const form = useFieldForm(OWN_FINDING_FORM, begin, ownFindingFaults);
  const keep = () => {
    form.send();
    if (form.errors.length > 0) return;
    onKeep(form.inputs);
    onClose();
  };
  return (
    <View style={{ gap: 12 }}>
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
