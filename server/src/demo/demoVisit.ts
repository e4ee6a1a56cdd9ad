import type { ChosenMove, FactKind, PortId } from '@huff/core';

export interface Taken {
  readonly port: PortId;
  readonly value: number;
  readonly door?: 'off';
  readonly coil?: 'dry';
  readonly filter?: 'out';
  /** Corrects the reading with this place in the list. */
  readonly corrects?: number;
}

export interface Plan {
  readonly unit: number;
  readonly daysAgo: number;
  /** Minutes after midnight, UTC. */
  readonly minute: number;
  readonly tap?: string;
  readonly readings: readonly Taken[];
  readonly mode?: 'heating';
  /** What was recorded beside statics, in the order it was taken. */
  readonly facts?: readonly (readonly [FactKind, Record<string, unknown>])[];
  /** What was agreed at the end: a return, so many days from now. */
  readonly agreed?: { readonly inDays: number; readonly returnFor: string; readonly ownerName?: string };
  /** A plan that was decided then, and what was read after it. */
  readonly plan?: {
    readonly moves: readonly ChosenMove[];
    readonly readings: readonly Taken[];
    readonly facts?: readonly (readonly [FactKind, Record<string, unknown>])[];
  };
}

/** What is read, tried or seen at a point. */
export const check = (point: string, read: number | string): readonly [FactKind, Record<string, unknown>] => [
  'check',
  { point, ...(typeof read === 'number' ? { value: read } : { state: read }) },
];
/** What became of a finding. */
export const outcome = (
  finding: string,
  state: string,
  price?: number,
): readonly [FactKind, Record<string, unknown>] => [
  'outcome',
  { finding, state, ...(price === undefined ? {} : { price }) },
];
export const look = (item: string, state: string): readonly [FactKind, Record<string, unknown>] => [
  'look',
  { item, state },
];
