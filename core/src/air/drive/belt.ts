import type { BeltSection } from './beltSection';

/** A classical V-belt, by what is printed on it. */
export interface Belt {
  readonly mark: string;
  readonly section: BeltSection;
  readonly insideIn: number;
  readonly pitchIn: number;
  readonly outsideIn: number;
}

/** Pitch less inside length, and outside less inside length, in. Source: belt manufacturers' length conversions, rounded as the trade uses them. */
const PITCH_OVER_INSIDE_IN = { A: 1.3, AX: 1.3, B: 1.8, BX: 1.8 } as const;
const OUTSIDE_OVER_INSIDE_IN = { A: 2, AX: 2, B: 3, BX: 3 } as const;

/**
 * A belt of a section and inside length.
 * @example beltOf('A', 48).pitchIn // 49.3
 */
export const beltOf = (section: BeltSection, insideIn: number): Belt => ({
  mark: `${section}${Number(insideIn.toFixed(1))}`,
  section,
  insideIn,
  pitchIn: insideIn + PITCH_OVER_INSIDE_IN[section],
  outsideIn: insideIn + OUTSIDE_OVER_INSIDE_IN[section],
});

/**
 * The belt of a mark: A48, AX48, B60, BX60 give the inside length in inches; 4L500, 5L630 the outside length in tenths of an
 * inch (4L is A-size, 5L is B-size).
 *
 * @returns undefined when the mark is none of these
 * @example readBeltMark('4L500')?.insideIn // 48
 */
export function readBeltMark(text: string): Belt | undefined {
  const mark = text.trim().toUpperCase().replace(/[\s-]/g, '');
  const classical = /^(AX|BX|A|B)(\d{2,3}(?:\.\d)?)$/.exec(mark);
  if (classical) return beltOf(classical[1] as BeltSection, Number(classical[2]));
  const light = /^([45])L(\d{3,4})$/.exec(mark);
  if (!light) return undefined;
  const section = light[1] === '4' ? 'A' : 'B';
  const outsideIn = Number(light[2]) / 10;
  return { ...beltOf(section, outsideIn - OUTSIDE_OVER_INSIDE_IN[section]), mark };
}
