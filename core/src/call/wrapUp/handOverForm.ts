import type { FieldError, FieldSet, RawInputs } from '../../base/forms/tool';
import { inputFaults, soundInputs } from '../../base/forms/solveTool';
import { SIGNATURE_LENGTH, signatureFault } from './signature';

/** What is agreed when a visit is handed over. One fact each time; the last one stands. */
export const HAND_OVER_FORM = {
  fields: {
    ownerName: { kind: 'text', label: 'Name', most: 80, optional: true, hint: 'Person you hand the report to.' },
    signature: { kind: 'text', label: 'Mark', most: SIGNATURE_LENGTH, optional: true },
    returnOn: { kind: 'text', label: 'Next visit', most: 10, optional: true, hint: 'As 2026-12-08.' },
    returnFor: {
      kind: 'text',
      label: 'For',
      most: 120,
      optional: true,
      hint: 'Filter, parts, season, belt after run-in.',
    },
    mailTo: { kind: 'text', label: 'Email report to', most: 200, optional: true, hint: 'As name@place.example.' },
    words: { kind: 'text', label: 'Note for owner', most: 400, optional: true, hint: 'Printed on the owner’s page.' },
  },
} as const satisfies FieldSet;

/** What was agreed at the end of a visit. */
export interface HandOver {
  readonly ownerName?: string;
  readonly signature?: string;
  /** Day of the next visit, as 2026-12-08. */
  readonly returnOn?: string;
  readonly returnFor?: string;
  /** Where the report would go. */
  readonly mailTo?: string;
  readonly words?: string;
}

/** Looks like an address: whether somebody reads it only a mail tells. */
export const MAIL_ADDRESS = /^[^\s@<>",;]+@[^\s@<>",;]+\.[^\s@<>",;]+$/;

const DAY = /^(\d{4})-(\d\d)-(\d\d)$/;

/** Whether a day is one of the calendar. @example isDay('2026-02-30') // false */
export function isDay(text: string): boolean {
  const [, year, month, day] = (DAY.exec(text) ?? []).map(Number);
  if (year === undefined || month === undefined || day === undefined) return false;
  const date = new Date(Date.UTC(year, month - 1, day));
  return year >= 2000 && year < 2200 && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
}

/** What is wrong with it, field by field. */
export function handOverFaults(raw: RawInputs): FieldError[] {
  const errors = inputFaults(HAND_OVER_FORM, raw);
  if (errors.length > 0) return errors;
  const { returnOn, signature, mailTo } = soundInputs(HAND_OVER_FORM, raw);
  if (returnOn !== undefined && !isDay(returnOn))
    return [{ field: 'returnOn', message: 'Enter the day as 2026-12-08: year, month, day.' }];
  if (mailTo !== undefined && !MAIL_ADDRESS.test(mailTo))
    return [{ field: 'mailTo', message: 'Enter the email address as name@place.example.' }];
  const fault = signature === undefined ? undefined : signatureFault(signature);
  return fault === undefined ? [] : [{ field: 'signature', message: fault }];
}

/** A hand-over as it was typed; undefined while something is wrong with it. */
export const handOverOf = (raw: RawInputs): HandOver | undefined =>
  handOverFaults(raw).length > 0 ? undefined : soundInputs(HAND_OVER_FORM, raw);
