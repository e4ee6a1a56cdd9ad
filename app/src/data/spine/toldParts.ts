import type { FactDto, PhotoDto, ReadingDto } from '@huff/contract';
import type { ToldPart } from './store';

/** What was added to a visit, as the store keeps it: one row each. */
export const toldParts = (
  visitId: string,
  added: {
    readonly readings: readonly ReadingDto[];
    readonly facts?: readonly FactDto[];
    readonly photos?: readonly PhotoDto[];
  },
): ToldPart[] => [
  ...added.readings.map((record): ToldPart => ({ visitId, id: record.id, of: 'reading', record })),
  ...(added.facts ?? []).map((record): ToldPart => ({ visitId, id: record.id, of: 'fact', record })),
  ...(added.photos ?? []).map((record): ToldPart => ({ visitId, id: record.id, of: 'photo', record })),
];
