import type { NumberField, ToolFields } from '../../base/forms';
import { type System, scaled, sectionsOf, withStage } from '../../air/system';
import { cannot, moved, type Moved } from './move';

export type DuctSide = 'return' | 'supply';

export const ductOf = (side: DuctSide) => (side === 'return' ? 'returnDuct' : 'supplyDuct');

export const SIDE_FIELD = {
  kind: 'choice',
  label: 'Side',
  options: [
    { id: 'return', text: 'return' },
    { id: 'supply', text: 'supply' },
  ],
} as const satisfies ToolFields[string];

/** How much of a side's duct drop is in the piece that is changed. */
export const shareField = (label: string) =>
  ({ kind: 'number', label, unit: 'percent', min: 5, max: 100 }) as const satisfies NumberField;

/** A side's duct with one piece of it changed: `sharePercent` of its drop becomes `factor` of what it was. */
export function withPiece(system: System, side: DuctSide, sharePercent: number, factor: number): Moved {
  const kind = ductOf(side);
  if (sectionsOf(system, kind).length === 0)
    return cannot(
      `The pressure drop of the ${side} duct is not known separately. Measure the ports at its ends.`,
      'side',
    );
  const share = sharePercent / 100;
  return moved(withStage(system, kind, (r) => scaled(r, 1 - share + share * factor)));
}
