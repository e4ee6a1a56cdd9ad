import { pitchAt, readBeltMark, type BeltDrive } from '../../air/drive';
import { inputFaults, soundInputs, type FieldError, type FieldSet, type RawInputs } from '../../base/forms';

/** A belt drive as it is written down: sheaves, belt, the motor base's travel, limits. */
export const BELT_DRIVE_FORM = {
  fields: {
    motorRpm: { kind: 'number', label: 'Motor', unit: 'rpm', min: 300, max: 3600, assumed: 1750 },
    sheave: {
      kind: 'choice',
      label: 'Motor sheave',
      options: [
        { id: 'adjustable', text: 'adjustable' },
        { id: 'fixed', text: 'fixed' },
      ],
    },
    pitchIn: { kind: 'number', label: 'Motor pitch diameter', unit: 'in', min: 1, max: 30 },
    leastPitchIn: { kind: 'number', label: 'Pitch diameter open', unit: 'in', min: 1, max: 30 },
    mostPitchIn: { kind: 'number', label: 'Pitch diameter closed', unit: 'in', min: 1, max: 30 },
    turns: { kind: 'number', label: 'Total turns', unit: 'turns', min: 0.5, max: 10 },
    turnsOpen: { kind: 'number', label: 'Turns open now', unit: 'turns', min: 0, max: 10 },
    grooves: { kind: 'number', label: 'Grooves', unit: 'count', min: 1, max: 2, assumed: 1 },
    blowerPitchIn: { kind: 'number', label: 'Blower pitch diameter', unit: 'in', min: 2, max: 60 },
    beltMark: { kind: 'text', label: 'Belt size', most: 12, hint: 'A48, BX60, 4L500' },
    leastCentresIn: { kind: 'number', label: 'Shortest center distance', unit: 'in', min: 3, max: 120 },
    mostCentresIn: { kind: 'number', label: 'Longest center distance', unit: 'in', min: 3, max: 120 },
    mostBlowerRpm: { kind: 'number', label: 'Max blower RPM', unit: 'rpm', min: 100, max: 5000, optional: true },
    measuredRpm: { kind: 'number', label: 'Blower measured', unit: 'rpm', min: 50, max: 5000, optional: true },
  },
  hides: (raw: RawInputs) =>
    raw.sheave === 'fixed' ? ['leastPitchIn', 'mostPitchIn', 'turns', 'turnsOpen'] : ['pitchIn'],
} as const satisfies FieldSet;

const UNKNOWN_MARK = 'Huff does not know this belt size. Type it like A48, AX48, B60, BX60, 4L500 or 5L630.';

/** Nothing but the belt's mark was typed: a spare is bought by it, and nothing is worked out. */
const isMarkAlone = (raw: RawInputs): boolean =>
  typeof raw.beltMark === 'string' &&
  raw.beltMark.trim() !== '' &&
  Object.entries(BELT_DRIVE_FORM.fields).every(
    ([id, field]) =>
      field.kind !== 'number' || 'assumed' in field || raw[id] === undefined || raw[id] === null || raw[id] === '',
  );

/** What is wrong with a drive as typed, by field; empty when it can be worked out, or when the belt's mark alone is known. */
export function beltDriveFaults(raw: RawInputs): FieldError[] {
  if (isMarkAlone(raw)) return readBeltMark(String(raw.beltMark)) ? [] : [{ field: 'beltMark', message: UNKNOWN_MARK }];
  const faults = inputFaults(BELT_DRIVE_FORM, raw);
  if (faults.length > 0) return faults;
  const v = soundInputs(BELT_DRIVE_FORM, raw);
  const adjustable = v.sheave !== 'fixed';
  if (adjustable && v.mostPitchIn <= v.leastPitchIn)
    return [{ field: 'mostPitchIn', message: 'Closed, the sheave must be larger than open.' }];
  if (adjustable && v.turnsOpen > v.turns)
    return [
      {
        field: 'turnsOpen',
        message: `The sheave turns from 0 to ${v.turns}. Past that, the belt rides on the bottom of the groove.`,
      },
    ];
  if (v.mostCentresIn <= v.leastCentresIn)
    return [{ field: 'mostCentresIn', message: 'The longest center distance must be more than the shortest.' }];
  if (!readBeltMark(v.beltMark)) return [{ field: 'beltMark', message: UNKNOWN_MARK }];
  return [];
}

/** The drive behind what was typed; undefined while something is wrong with it. */
export function beltDriveOf(raw: RawInputs): BeltDrive | undefined {
  if (isMarkAlone(raw) || beltDriveFaults(raw).length > 0) return undefined;
  const v = soundInputs(BELT_DRIVE_FORM, raw);
  const motorSheave: BeltDrive['motorSheave'] =
    v.sheave === 'fixed'
      ? { kind: 'fixed', pitchIn: v.pitchIn, grooves: v.grooves }
      : {
          kind: 'adjustable',
          leastPitchIn: v.leastPitchIn,
          mostPitchIn: v.mostPitchIn,
          turns: v.turns,
          grooves: v.grooves,
        };
  return {
    motorRpm: v.motorRpm,
    motorSheave,
    turnsOpen: v.sheave === 'fixed' ? 0 : v.turnsOpen,
    blowerSheave: { kind: 'fixed', pitchIn: v.blowerPitchIn, grooves: v.grooves },
    beltMark: v.beltMark,
    leastCentresIn: v.leastCentresIn,
    mostCentresIn: v.mostCentresIn,
    mostBlowerRpm: v.mostBlowerRpm,
    measuredRpm: v.measuredRpm,
  };
}

/** A drive as it would be typed. */
export function beltDriveInputs(drive: BeltDrive): Record<string, unknown> {
  const { motorSheave: s } = drive;
  return {
    motorRpm: drive.motorRpm,
    sheave: s.kind,
    ...(s.kind === 'fixed'
      ? { pitchIn: pitchAt(s, 0) }
      : { leastPitchIn: s.leastPitchIn, mostPitchIn: s.mostPitchIn, turns: s.turns, turnsOpen: drive.turnsOpen }),
    grooves: s.grooves,
    blowerPitchIn: drive.blowerSheave.pitchIn,
    beltMark: drive.beltMark,
    leastCentresIn: drive.leastCentresIn,
    mostCentresIn: drive.mostCentresIn,
    ...(drive.mostBlowerRpm === undefined ? {} : { mostBlowerRpm: drive.mostBlowerRpm }),
    ...(drive.measuredRpm === undefined ? {} : { measuredRpm: drive.measuredRpm }),
  };
}
