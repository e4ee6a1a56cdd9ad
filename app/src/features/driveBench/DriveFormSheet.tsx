import type { UnitFactsDto } from '@huff/contract';
import {
  BELT_DRIVE_FORM,
  beltDriveFaults,
  beltDriveOf,
  driveState,
  inputFaults,
  MOTOR_PLATE_FORM,
  tapRow,
  type BlowerTable,
} from '@huff/core';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Heading, Txt } from '../../ui/text';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';

interface DriveFormSheetProps {
  readonly open: boolean;
  readonly unit: UnitFactsDto;
  readonly table?: BlowerTable | null;
  readonly onUnit: (unit: UnitFactsDto) => void;
  readonly onClose: () => void;
}

/** The drive as it is fitted, and the motor's plate. */
export function DriveFormSheet(props: DriveFormSheetProps) {
  return (
    <Sheet open={props.open} onClose={props.onClose} title="Installed drive">
      {props.open && <Body {...props} />}
    </Sheet>
  );
}

function Body({ unit, table, onUnit, onClose }: DriveFormSheetProps) {
  const drive = useFieldForm(BELT_DRIVE_FORM, unit.setup?.drive ?? {}, beltDriveFaults);
  const plate = useFieldForm(MOTOR_PLATE_FORM, unit.setup?.motorPlate ?? {}, (raw) =>
    inputFaults(MOTOR_PLATE_FORM, raw),
  );
  const keep = () => {
    drive.send();
    plate.send();
    if (drive.errors.length + plate.errors.length > 0) return;
    const known = beltDriveOf(drive.inputs);
    const tap = known && driveState(known).rpm.toFixed(1);
    // The table is read at what the blower turns: measured, else by the sheaves.
    const runs = tap !== undefined && table && tapRow(table, tap) ? { tap } : {};
    onUnit({ ...unit, ...runs, setup: { ...unit.setup, drive: drive.inputs, motorPlate: plate.inputs } });
    onClose();
  };
  return (
    <View style={{ gap: 12 }}>
      <Txt size={15} color="softInk">
        Lock out before you measure. Use pitch diameters, not outside diameters. Measure center distance with the belt
        tight.
      </Txt>
      <ToolForm
        tool={BELT_DRIVE_FORM}
        control={drive.control}
        errors={drive.errors}
        shown={drive.shown}
        onLeave={drive.onLeave}
      />
      <Heading size={17}>Motor nameplate</Heading>
      <ToolForm
        tool={MOTOR_PLATE_FORM}
        control={plate.control}
        errors={plate.errors}
        shown={plate.shown}
        onLeave={plate.onLeave}
      />
      <ActionButton onPress={keep}>Save drive</ActionButton>
    </View>
  );
}
