import type { UnitFactsDto } from '@huff/contract';
import { PLATE_FORM, plateFaults, tonsInModel, tonsText } from '@huff/core';
import type { PlateReading } from '@huff/core/photo';
import { useState } from 'react';
import { View } from 'react-native';
import { ActionButton, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { PhotoReadSheet, PlateFound, plateInputs, withPlateFacts } from '../photoReading';
import { takePhoto, type Picture } from '../photos/takePhoto';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';
import { Choice } from '../../ui/form';

interface PlateSheetProps {
  readonly open: boolean;
  readonly unit: UnitFactsDto;
  readonly onUnit: (unit: UnitFactsDto) => void;
  /** Given the photo it is read from, to be kept with the unit. */
  readonly onPhoto?: (picture: Picture) => void;
  readonly onClose: () => void;
}

/** What stands on the nameplate. The model number offers the tons; it never takes them. */
export function PlateSheet(props: PlateSheetProps) {
  return (
    <Sheet open={props.open} onClose={props.onClose} title="The nameplate">
      {props.open && <Body {...props} />}
    </Sheet>
  );
}

function Body({ unit, onUnit, onPhoto, onClose }: PlateSheetProps) {
  const [file, setFile] = useState<File>();
  const [found, setFound] = useState<readonly PlateReading[]>();
  const [fault, setFault] = useState<string>();
  /** What was read and has no field in the form. */
  const [read, setRead] = useState<readonly PlateReading[]>([]);
  const form = useFieldForm(PLATE_FORM, unit.plate ?? {}, plateFaults);
  const model = typeof form.raw.model === 'string' ? form.raw.model : '';
  const offered = tonsInModel(model);
  const keep = (tons = unit.tons) => {
    form.send();
    if (form.errors.length > 0) return;
    const plate = Object.keys(form.inputs).length > 0 ? form.inputs : null;
    onUnit({ ...withPlateFacts(unit, read), plate, tons });
    onClose();
  };
  const use = (fields: readonly PlateReading[]) => {
    form.put(plateInputs(fields));
    setRead(fields);
    setFound(undefined);
  };
  if (found) return <PlateFound fields={found} onUse={use} onLeave={() => setFound(undefined)} />;
  return (
    <View style={{ gap: 12 }}>
      <PhotoReadSheet file={file} kind="plate" onFields={setFound} onClose={() => setFile(undefined)} />
      <TextButton
        onPress={() => {
          setFault(undefined);
          takePhoto((picture, taken) => {
            onPhoto?.(picture);
            setFile(taken);
          }, setFault);
        }}
      >
        Read from a photo
      </TextButton>
      {fault !== undefined && <Txt role="alert">{fault}</Txt>}
      <Txt size={15} color="softInk">
        Enter what you can read. The model number often shows the tons.
      </Txt>
      {offered.length > 0 && (
        <View style={{ gap: 6 }} role="status">
          <Txt size={15}>{offered.length === 1 ? 'The model number suggests:' : 'The model number could mean:'}</Txt>
          <Choice
            label="Suggested tons"
            options={offered.map((tons) => ({ id: String(tons), text: `${tonsText(tons)} t` }))}
            chosen={unit.tons ? String(unit.tons) : null}
            onChoose={(tons) => onUnit({ ...unit, tons: Number(tons) })}
          />
        </View>
      )}
      <ToolForm
        tool={PLATE_FORM}
        control={form.control}
        errors={form.errors}
        shown={form.shown}
        onLeave={form.onLeave}
      />
      <ActionButton onPress={() => keep()}>Save nameplate</ActionButton>
    </View>
  );
}
