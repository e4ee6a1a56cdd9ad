import type { UnitDto } from '@huff/contract';
import { AS_FOUND, flowWords, staticWords, tonsText, withMeasures, type Measures } from '@huff/core';
import { momentsIn } from '../document/moment';
import { rect, text, type Drawing } from '../shapes';
import { qrShapes } from './qr';

/** Sizes of labels that are sold, mm, and how many stand on a sheet across and down. */
export const LABEL_SIZES = [
  { id: 'small', name: '63 × 38 mm', widthMm: 63.5, heightMm: 38.1, across: 3, down: 7 },
  { id: 'medium', name: '99 × 57 mm', widthMm: 99.1, heightMm: 57, across: 2, down: 5 },
  { id: 'large', name: '99 × 93 mm', widthMm: 99.1, heightMm: 93.1, across: 2, down: 3 },
] as const;
export type LabelSize = (typeof LABEL_SIZES)[number];

/** Points a millimetre. */
export const PT_PER_MM = 72 / 25.4;

const said = (value: unknown): string | undefined =>
  typeof value === 'string' && value !== '' ? value : typeof value === 'number' ? String(value) : undefined;

/** What stands on a unit’s label, line by line: only what is known. */
export function labelLines(
  unit: UnitDto,
  zone: string,
  heatKitKw?: number,
): readonly (readonly [name: string, value: string])[] {
  const { setup, proven, tap, tons } = unit;
  const turns = said(setup?.drive?.turnsOpen);
  const chargeLb = said(unit.plate?.chargeLb);
  const { filterWidthIn, filterHeightIn, filterCount } = setup ?? {};
  const lines: (readonly [string, string | undefined])[] = [
    ['Nominal', tons ? `${tonsText(tons)} t` : undefined],
    ['Tap', unit.motor === 'beltDrive' || tap === AS_FOUND ? undefined : (tap ?? undefined)],
    ['Turns open', turns],
    ['Belt', said(setup?.drive?.beltMark)],
    [
      'Filter',
      filterWidthIn && filterHeightIn ? `${filterCount ?? 1} × ${filterWidthIn} × ${filterHeightIn}` : undefined,
    ],
    ['Heat kit', heatKitKw === undefined ? undefined : `${heatKitKw} kW`],
    ['Model', said(unit.plate?.model)],
    [
      'Refrigerant',
      [said(unit.plate?.refrigerant), chargeLb === undefined ? undefined : `${chargeLb} lb`]
        .filter(Boolean)
        .join(', ') || undefined,
    ],
    ['Static', proven ? staticWords(proven.tespInWc) : undefined],
    ['Airflow', proven ? flowWords(proven.flowCfm) : undefined],
    ['Verified', proven ? momentsIn(zone).shortDay(proven.at) : undefined],
  ];
  return lines.flatMap(([name, value]) => (value === undefined ? [] : [[name, value] as const]));
}

/** How wide a letter is to its size, roughly, in the type of a browser that lacks ours as well. */
const LETTER = 0.62;
/** Type that is still read on a sticker, points. */
const LEAST_SIZE = 5.5;

/** As many characters as fit a width at a size of type, roughly. */
const fitting = (words: string, widthPt: number, size: number): string => {
  const most = Math.floor(widthPt / (size * LETTER) + 1e-9);
  return words.length <= most ? words : `${words.slice(0, Math.max(1, most - 1))}…`;
};

/** What a label is made from. */
export interface LabelSource {
  readonly unit: UnitDto;
  readonly site?: string;
  readonly link: string;
  readonly zone: string;
  readonly heatKitKw?: number;
  /** In which units it is written, where many are served; else in those of this screen. */
  readonly measures?: Measures;
}

/** A unit’s label: its name, what was set, and the code that opens its record. Drawn in points. */
export const labelDrawing = (source: LabelSource, size: Pick<LabelSize, 'widthMm' | 'heightMm'>): Drawing =>
  source.measures ? withMeasures(source.measures, () => drawn(source, size)) : drawn(source, size);

function drawn(
  { unit, site, link, zone, heatKitKw }: LabelSource,
  { widthMm, heightMm }: Pick<LabelSize, 'widthMm' | 'heightMm'>,
): Drawing {
  const [width, height] = [widthMm * PT_PER_MM, heightMm * PT_PER_MM];
  const lines = labelLines(unit, zone, heatKitKw);
  const pad = 8;
  const code = Math.min(height - 2 * pad - 22, width * 0.4);
  const name = Math.min(13, height / 9);
  const left = code + pad + 6;
  // Under the site’s name, which may be as long as the label is wide.
  const top = pad + 24 + name;
  const room = height - top;
  const rows = Math.max(1, Math.floor(room / 9));
  const shown = lines.slice(-rows);
  const step = Math.min(Math.max(15, height / 12), room / Math.max(1, shown.length));
  const size = Math.min(Math.max(11, step * 0.72), step * 0.82);
  return {
    width,
    height,
    says: `Label of ${unit.name}: ${lines.map(([what, value]) => `${what} ${value}`).join(', ')}.`,
    shapes: [
      rect({ x: 0.5, y: 0.5, width: width - 1, height: height - 1, corner: 4, fill: 'paper', stroke: 'line' }),
      text(pad, pad + name * 0.8, fitting(unit.name, width - 2 * pad, name), { size: name, bold: true }),
      text(pad, pad + name * 0.8 + 11, fitting(site ?? '', width - 2 * pad, 8), { size: 8, color: 'softInk' }),
      ...qrShapes(link, pad - 4, height - code - 4, code),
      ...shown.flatMap(([what, value], i) => {
        const y = top + i * step;
        const small = Math.min(9, size * 0.9);
        const valueRoom = width - left - pad - what.length * small * LETTER - 3;
        // A figure is set smaller before it is cut.
        const set = Math.max(LEAST_SIZE, Math.min(size, valueRoom / (value.length * LETTER)));
        return [
          text(left, y, what, { size: small, color: 'softInk' }),
          text(width - pad, y, fitting(value, valueRoom, set), { size: set, bold: true, anchor: 'end' }),
        ];
      }),
    ],
  };
}
