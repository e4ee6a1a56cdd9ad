import { driveState, type BeltDrive } from '../../air/drive';
import type { Rules } from '../../judge/verdicts';
import type { RawInputs } from '../../base/forms';
import { percentText, shownWords } from '../../base/words';

/** Something a measurement shows to be wrong, beside the verdicts: it is listed with what is seen. */
export interface MeasuredFinding {
  readonly id: 'slip' | 'returnLeak';
  readonly area: 'blower' | 'ducts';
  readonly words: string;
  readonly toDo: string;
}

/** Return air at the unit further off the room than this leaks or is bypassed, °F. @source trade practice */
const LEAKS_FROM_F = 3;

/** Difference between return air at the unit and room air, °F, where it means a leak; undefined where it is none or was not read. */
export function returnOffRoomF(inputs: RawInputs | undefined): number | undefined {
  const [returnF, roomF] = [inputs?.returnF, inputs?.roomF];
  if (typeof returnF !== 'number' || typeof roomF !== 'number') return undefined;
  const off = returnF - roomF;
  return Math.abs(off) > LEAKS_FROM_F ? off : undefined;
}

/** A belt that slips more than the shop allows by the RPM measured, and return air that is not the room's. */
export function measuredFindings(
  drive: BeltDrive | undefined,
  dropInputs: RawInputs | undefined,
  rules: Rules,
): MeasuredFinding[] {
  const found: MeasuredFinding[] = [];
  const slip = drive?.measuredRpm === undefined ? undefined : driveState(drive).slip;
  if (slip !== undefined && slip > rules.slipShare)
    found.push({
      id: 'slip',
      area: 'blower',
      words: `The belt slips ${percentText(slip)} by RPM (max ${percentText(rules.slipShare)}).`,
      toDo: 'Set tension and alignment, replace a glazed belt, then measure RPM again.',
    });
  const off = returnOffRoomF(dropInputs);
  if (off !== undefined)
    found.push({
      id: 'returnLeak',
      area: 'ducts',
      words: `Return air at the unit is ${shownWords(Math.abs(off), 'deltaF', 0)} ${off > 0 ? 'warmer' : 'colder'} than the room: return leak or open bypass.`,
      toDo: 'Close the bypass, find and seal the leak, then measure temperatures again.',
    });
  return found;
}
