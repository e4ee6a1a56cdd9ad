import { LIMITS, type UnitFactsDto, type VisitDto } from '@huff/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { usePhotos } from '../../data/visits';
import { addPicture } from '../photos/addPicture';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { PhotosOf } from '../photos/PhotosOf';
import { KeepAsUnit } from '../units/KeepAsUnit';
import { useMeter } from '../visitState/meter';
import type { NextStep } from '../visitState/nextStep';
import { onTable, withoutTable } from '../visitState/newVisit';
import type { Assessment } from '../visitState/useAssessment';
import { RunsIn } from './RunsIn';
import { EquipmentView } from '../equipment';

interface VisitUnitSheetProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly step?: NextStep;
  /** A plan is decided: the unit is shown as the plan leaves it. */
  readonly isPlanned: boolean;
  readonly onVisit: (visit: VisitDto) => void;
  /** Goes on with the next step. */
  readonly onStep: () => void;
  readonly onClose: () => void;
}

/** The equipment of a visit, with its mode, its title, its photos, and the way to keep it as a unit. Mounted while it is open. */
export function VisitUnitSheet(props: VisitUnitSheetProps) {
  const { visit, assessment, step, isPlanned, onVisit, onStep, onClose } = props;
  const [keeping, setKeeping] = useState(false);
  // A practice unit is no unit of the shop.
  const isPractice = useMeter() !== undefined;
  const measures = step?.kind === 'measure' || step?.kind === 'save';
  const toUnit = () => {
    if (!visit.unitId) return setKeeping(true);
    onClose();
    router.push(`/units/${visit.unitId}`);
  };
  return (
    <>
      <EquipmentView
        open={!keeping}
        onClose={onClose}
        unit={visit}
        onUnit={(unit: UnitFactsDto) => onVisit({ ...visit, ...unit })}
        table={visit.table}
        onTable={(table) => onVisit(table ? onTable(visit, table) : withoutTable(visit))}
        hasFlow={assessment.flow !== undefined && !assessment.flow.usualOnly}
        lead={
          <>
            {isPlanned && (
              <Txt size={15} role="note">
                Shown after your plan. Change the planned speed, drive or filter in Fix.
              </Txt>
            )}
            <RunsIn visit={visit} onVisit={onVisit} />
          </>
        }
        more={!isPractice && <MoreOfVisit visit={visit} onVisit={onVisit} onUnit={toUnit} />}
        photos={!isPractice && <UnitPhotos visitId={visit.id} />}
        onPlatePhoto={isPractice ? undefined : (picture) => addPicture({ visitId: visit.id, item: 'plate' }, picture)}
        go={
          step && measures
            ? {
                words: step.words.replace(/^Next: measure/, 'Measure'),
                aside: visit.table ? undefined : 'no table yet',
                onPress: onStep,
              }
            : { words: 'Back to the drawing', onPress: onClose }
        }
      />
      <KeepAsUnit open={keeping} visit={visit} onVisit={onVisit} onClose={() => setKeeping(false)} />
    </>
  );
}

function MoreOfVisit({
  visit,
  onVisit,
  onUnit,
}: Pick<VisitUnitSheetProps, 'visit' | 'onVisit'> & { readonly onUnit: () => void }) {
  return (
    <View style={{ gap: 8, paddingVertical: 12 }}>
      <TextButton onPress={onUnit}>{visit.unitId ? 'Open unit page' : 'Save as unit'}</TextButton>
      {!visit.unitId && <Title title={visit.title} onTitle={(title) => onVisit({ ...visit, title })} />}
    </View>
  );
}

/** A quick check's own name, while no unit gives it one. */
function Title({ title, onTitle }: { readonly title: string; readonly onTitle: (title: string) => void }) {
  const [text, setText] = useState(title);
  const { max } = LIMITS.titleLength;
  return (
    <TextInput
      mode="outlined"
      label="Check title"
      accessibilityLabel="Check title"
      value={text}
      maxLength={max}
      onChangeText={setText}
      onBlur={() => (text.trim() === '' ? setText(title) : onTitle(text.trim()))}
    />
  );
}

const PHOTOS = [
  ['plate', 'Nameplate'],
  ['door', 'Door diagram'],
  ['ports', 'Test port locations'],
] as const;

/** Photos that belong to the unit: found again on its page. */
function UnitPhotos({ visitId }: { readonly visitId: string }) {
  const taken = usePhotos(visitId);
  return (
    <View style={{ paddingTop: 12, gap: 4 }}>
      {PHOTOS.map(([item, name]) => (
        <View key={item}>
          <Txt size={15} bold>
            {name}
          </Txt>
          <PhotosOf visitId={visitId} item={item} name={name} taken={taken.filter((photo) => photo.item === item)} />
        </View>
      ))}
    </View>
  );
}
