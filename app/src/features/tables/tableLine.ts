import type { BlowerTableDto } from '@huff/contract';
import { staticText, tonsText, MOTOR_TEXT } from '@huff/core';

/** "3 t · constant torque · 5 taps · 0.10 to 0.80" */
export function tableLine({
  tons,
  motor,
  taps,
  staticsInWc,
  byRpm,
}: Pick<BlowerTableDto, 'tons' | 'motor' | 'taps' | 'staticsInWc' | 'byRpm'>): string {
  const range = `${staticText(staticsInWc[0] ?? 0)} to ${staticText(staticsInWc.at(-1) ?? 0)}`;
  const many = byRpm
    ? `by RPM, ${byRpm.flowsCfm.length} airflows`
    : taps.length === 1
      ? '1 tap'
      : `${taps.length} taps`;
  return [tons ? `${tonsText(tons)} t` : null, MOTOR_TEXT[motor], many, range].filter(Boolean).join(' · ');
}
