import { beltOf, driveState, pitchAt, readBeltMark, type BeltDrive } from '../../air/drive';
import { hasSpeed } from '../../air/fan';
import type { System } from '../../air/system';
import { shownText, shownWords, turnsOpenText } from '../../base/words';
import { cannot, defineMove, moved, type Moved } from './move';

/** The fan at what another drive makes of it: its RPM by the sheaves, less the slip that was measured. */
export function onDrive(system: System, drive: BeltDrive): Moved {
  const slip = system.drive ? Math.max(0, driveState(system.drive).slip ?? 0) : 0;
  const rpm = driveState({ ...drive, measuredRpm: undefined }).ratioRpm * (1 - slip);
  const tap = rpm.toFixed(1);
  if (!hasSpeed(system.fan, tap))
    return cannot(
      `${Math.round(rpm)} RPM is ${system.fan.usual ? 'too far from what was measured for the fan laws' : 'not in the blower table'}.`,
      'turnsOpen',
    );
  return moved({ ...system, drive: { ...drive, measuredRpm: undefined }, fan: { ...system.fan, tap } });
}

/** The drive set otherwise: turns of the motor sheave, another sheave, another belt. Found on the Drive bench. */
export const setDrive = defineMove({
  id: 'setDrive',
  name: 'Belt drive',
  done: 'Adjusted the belt drive.',
  touches: 'speed',
  does: 'changesSpeed',
  fields: {
    turnsOpen: { kind: 'number', label: 'Turns open', unit: 'turns', min: 0, max: 10 },
    leastPitchIn: { kind: 'number', label: 'Smallest motor pitch', unit: 'in', min: 1, max: 30 },
    mostPitchIn: { kind: 'number', label: 'Largest motor pitch', unit: 'in', min: 1, max: 30 },
    turns: { kind: 'number', label: 'Motor sheave range', unit: 'turns', min: 0, max: 10 },
    blowerPitchIn: { kind: 'number', label: 'Blower pitch diameter', unit: 'in', min: 2, max: 60 },
    beltInsideIn: { kind: 'number', label: 'Belt inside length', unit: 'in', min: 10, max: 200 },
  },
  cautions: ['lockOut', 'rotating', 'electrician'],
  minutes: 30,
  cost: 0,
  applies: (system) => (system.drive ? 'The blower is belt driven.' : undefined),
  defaults: ({ drive }) => (drive ? driveInputs(drive) : {}),
  says: ({ turnsOpen, turns, blowerPitchIn, leastPitchIn }) =>
    turns > 0
      ? `motor sheave ${turnsOpenText(turnsOpen)}`
      : `sheaves ${shownText(leastPitchIn, 'in')} and ${shownWords(blowerPitchIn, 'in')}`,
  apply(system, v) {
    if (!system.drive) return cannot('No belt drive on record. Enter its sheaves and belt first.');
    if (v.turns > 0 && v.mostPitchIn <= v.leastPitchIn)
      return cannot('An adjustable sheave is larger closed than open.', 'mostPitchIn');
    const grooves = system.drive.motorSheave.grooves;
    const motorSheave =
      v.turns > 0
        ? ({
            kind: 'adjustable',
            leastPitchIn: v.leastPitchIn,
            mostPitchIn: v.mostPitchIn,
            turns: v.turns,
            grooves,
          } as const)
        : ({ kind: 'fixed', pitchIn: v.leastPitchIn, grooves } as const);
    try {
      pitchAt(motorSheave, v.turnsOpen);
    } catch (error) {
      if (error instanceof RangeError) return cannot(error.message, 'turnsOpen');
      throw error;
    }
    const section = readBeltMark(system.drive.beltMark)?.section ?? 'A';
    return onDrive(system, {
      ...system.drive,
      motorSheave,
      turnsOpen: v.turnsOpen,
      blowerSheave: { ...system.drive.blowerSheave, pitchIn: v.blowerPitchIn },
      beltMark: beltOf(section, v.beltInsideIn).mark,
    });
  },
});

/** A drive as the move's inputs. */
export function driveInputs(drive: BeltDrive): Record<string, number> {
  const sheave = drive.motorSheave;
  const adjustable = sheave.kind === 'adjustable';
  return {
    turnsOpen: adjustable ? drive.turnsOpen : 0,
    leastPitchIn: adjustable ? sheave.leastPitchIn : sheave.pitchIn,
    mostPitchIn: adjustable ? sheave.mostPitchIn : sheave.pitchIn,
    turns: adjustable ? sheave.turns : 0,
    blowerPitchIn: drive.blowerSheave.pitchIn,
    beltInsideIn: readBeltMark(drive.beltMark)?.insideIn ?? 48,
  };
}
