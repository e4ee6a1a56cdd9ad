import { OWN_FINDING_FORM, ownFindingFaults, ownFindingItem, replaceFinding, type OwnFinding } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { usePhotos } from '../../data/visits';
import { ActionButton, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { PhotosOf } from '../photos/PhotosOf';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';
import { takenBack, withOwnFinding } from '../visitState/newFact';
import { ReplaceReasons } from './ReplaceReasons';
import { useWholeVisit, type Whole } from '../visitState/WholeVisit';

interface OwnFindingSheetProps {
  /** What is being written: a new one, or one that stands. */
  readonly writing?: 'new' | OwnFinding;
  readonly onClose: () => void;
}

/** A finding in one's own words: what, why it matters, where, what it takes, with photos. */
export function OwnFindingSheet({ writing, ...rest }: OwnFindingSheetProps) {
  // A sheet is drawn outside of the visit: what is in it is handed the visit.
  const visit = useWholeVisit();
  return (
    <Sheet
      open={writing !== undefined}
      onClose={rest.onClose}
      title={writing === 'new' ? 'Add a finding' : 'Change the finding'}
    >
      {writing && <Body key={writing === 'new' ? 'new' : writing.factId} writing={writing} {...visit} {...rest} />}
    </Sheet>
  );
}

function Body({
  whole,
  setWhole,
  writing,
  onClose,
}: Whole & OwnFindingSheetProps & { readonly writing: 'new' | OwnFinding }) {
  const begin = writing === 'new' ? { concern: 'comfort', area: 'blower' } : { ...writing };
  const form = useFieldForm(OWN_FINDING_FORM, begin, ownFindingFaults);
  // A new one has its id before it is kept, so that it can be photographed first.
  const [id] = useState(() => (writing === 'new' ? uuid() : writing.id));
  const photos = usePhotos(whole.id);
  const item = ownFindingItem(id);
  const keep = () => {
    form.send();
    if (form.errors.length > 0) return;
    setWhole(
      withOwnFinding(whole, form.inputs, new Date(), writing === 'new' ? { id } : { correctsId: writing.factId }),
    );
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
      <PhotosOf visitId={whole.id} item={item} name="the finding" taken={photos.filter((one) => one.item === item)} />
      <ActionButton onPress={keep}>Save</ActionButton>
      {writing !== 'new' && (
        <TextButton
          onPress={() => {
            setWhole(takenBack(whole, [writing.factId], new Date()));
            onClose();
          }}
        >
          Remove this finding
        </TextButton>
      )}
    </View>
  );
}
