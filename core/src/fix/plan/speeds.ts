import { driveOptions, isAtEnd, type DriveParts } from '../driveBench';
import { driveInputs, onDrive, type ChosenMove, type MoveFigures, effortOf } from '../moves';
import { fanRpm, fanSpeeds, hasSpeed, type Fan } from '../../air/fan';
import { onTap, type System } from '../../air/system';

/** A speed the blower could run at: as it is, on another tap, at another setting of its drive. */
export interface SpeedOption {
  /** undefined: the speed stays. */
  readonly chosen?: ChosenMove;
  readonly fan: Fan;
  readonly minutes: number;
  readonly cost: number;
  /** It leaves nothing to adjust by: a sheave at an end of its range. */
  readonly atEnd: boolean;
  readonly system: System;
}

/** Every speed of a system: the taps of its table, or the settings of its drive that a belt fits and the blower may turn. */
export function speedOptions(system: System, parts: DriveParts, figures: MoveFigures): SpeedOption[] {
  const stays: SpeedOption = { fan: system.fan, minutes: 0, cost: 0, atEnd: false, system };
  const { drive, fan } = system;
  if (drive) {
    const most = drive.mostBlowerRpm ?? Infinity;
    const set = driveOptions(drive, parts).flatMap((option): SpeedOption[] => {
      if (option.rank === 'asFound') return [];
      const done = onDrive(system, option.drive);
      if (!done.ok || (fanRpm(done.system.fan, done.system.fan.tap) ?? 0) > most) return [];
      return [
        {
          chosen: { id: 'setDrive', inputs: driveInputs(option.drive) },
          fan: done.system.fan,
          system: done.system,
          minutes: option.minutes,
          cost: option.cost,
          atEnd: isAtEnd(option.drive),
        },
      ];
    });
    return [stays, ...set];
  }
  const effort = effortOf(['changeTap'], figures);
  return [
    stays,
    ...fanSpeeds(fan)
      .filter((tap) => tap !== fan.tap && hasSpeed(fan, tap))
      .map((tap) => ({
        chosen: { id: 'changeTap', inputs: { tap } },
        fan: { ...fan, tap },
        system: onTap(system, tap),
        atEnd: false,
        ...effort,
      })),
  ];
}
