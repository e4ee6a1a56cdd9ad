import { MOTOR_TEXT, tonsText } from '@huff/core/first';
import type { VisitDto } from '@huff/contract';

/** "tap 3"; of a belt drive "823 RPM". */
function speedText({ motor, tap }: Pick<VisitDto, 'motor' | 'tap'>): string {
  const rpm = motor === 'beltDrive' ? Number(tap) : Number.NaN;
  return Number.isFinite(rpm) && tap ? `${Math.round(rpm)} RPM` : `tap ${tap ?? 'unknown'}`;
}

type Lined = Pick<VisitDto, 'tons' | 'motor' | 'tap' | 'mode' | 'table' | 'setup'>;

/** "3 t · constant torque · tap 3 · cooling", with what is known. */
export function unitLine(visit: Lined): string {
  const motorSaid = visit.table || !(visit.setup?.unsaid ?? []).includes('motor');
  const parts = [
    visit.tons ? `${tonsText(visit.tons)} t` : null,
    motorSaid ? MOTOR_TEXT[visit.motor] : null,
    visit.tap ? speedText(visit) : null,
  ].filter(Boolean);
  return [...(parts.length > 0 ? parts : ['equipment not set up']), visit.mode].join(' · ');
}
