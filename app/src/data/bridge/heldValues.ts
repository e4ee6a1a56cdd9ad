import type { PlaceId, Sample } from '@huff/core/instruments';

/** A value that was read from a log for a place, until the form that asks for it is saved. */
export interface HeldValue {
  readonly value: number;
  /** The channel of the log. */
  readonly from: string;
  readonly samples: readonly Sample[];
}

const held = new Map<string, Map<PlaceId, HeldValue>>();

/** Keeps a value of a log for a place of a visit; a form that asks for that place begins with it. */
export function holdValue(visitId: string, place: PlaceId, value: HeldValue): void {
  held.set(visitId, new Map([...(held.get(visitId) ?? []), [place, value]]));
}

/** What is held for a place of a visit. */
export const heldValue = (visitId: string, place: PlaceId): HeldValue | undefined => held.get(visitId)?.get(place);

/** A form was saved: what it took is not offered again. */
export function dropHeld(visitId: string, places: readonly PlaceId[]): void {
  for (const place of places) held.get(visitId)?.delete(place);
}
