import type { StationId } from '../visitState/station';

const KEY = 'huff.places';
/** So many visits are remembered, the last ones. */
const MOST = 30;

function places(): [string, StationId][] {
  try {
    const kept = JSON.parse(globalThis.localStorage?.getItem(KEY) ?? '[]') as unknown;
    return Array.isArray(kept) ? (kept as [string, StationId][]) : [];
  } catch {
    return [];
  }
}

/** The step a visit was left at; undefined where it was not opened here lately. */
export const lastPlace = (visitId: string): StationId | undefined => places().find(([id]) => id === visitId)?.[1];

/** Remembers the step of a visit, so that going to another unit and back loses no one's place. */
export function keepPlace(visitId: string, station: StationId): void {
  const others = places().filter(([id]) => id !== visitId);
  try {
    globalThis.localStorage?.setItem(KEY, JSON.stringify([[visitId, station], ...others].slice(0, MOST)));
  } catch {
    // A full or closed store costs only the place.
  }
}
