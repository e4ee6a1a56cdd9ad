import { tonsText, type MotorKind } from '@huff/core';
import type { VisitDto } from '@huff/contract';

export const MOTOR_TEXT: Record<MotorKind, string> = {
  psc: 'PSC',
  constantTorque: 'constant torque',
  constantAirflow: 'constant airflow',
  beltDrive: 'belt drive',
};

/** "tap 3"; of a belt drive "823 RPM". */
export function speedText({ motor, tap }: Pick<VisitDto, 'motor' | 'tap'>): string {
  const rpm = motor === 'beltDrive' ? Number(tap) : Number.NaN;
  return Number.isFinite(rpm) && tap ? `${Math.round(rpm)} RPM` : `tap ${tap ?? 'unknown'}`;
}

/** "3 t · constant torque · tap 3 · cooling", with what is known. */
export function unitLine(visit: Pick<VisitDto, 'tons' | 'motor' | 'tap' | 'mode' | 'table'>): string {
  return [
    visit.tons ? `${tonsText(visit.tons)} t` : null,
    visit.table ? MOTOR_TEXT[visit.motor] : null,
    visit.tap ? speedText(visit) : null,
    visit.mode,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** "Lantern Quay library, Reading room" → the unit's name first, since a narrow screen cuts off the end. */
export function splitTitle(title: string): { name: string; site?: string } {
  const at = title.lastIndexOf(', ');
  return at < 0 ? { name: title } : { name: title.slice(at + 2), site: title.slice(0, at) };
}
