import type { DueItem } from '@huff/contract';
import { createEvents, type DateArray, type EventAttributes } from 'ics';

const dayOf = (on: string): DateArray => on.split('-').map(Number) as [number, number, number];

const nextDay = (on: string): DateArray => {
  const date = new Date(`${on}T12:00:00Z`);
  date.setUTCDate(date.getUTCDate() + 1);
  return dayOf(date.toISOString().slice(0, 10));
};

const SAYS: Readonly<Record<DueItem['kind'], (sigmaDays?: number) => string>> = {
  return: () => 'Agreed at the last visit.',
  filter: (sigmaDays) => `From this unit’s filter pressure drop, ± ${sigmaDays ?? 0} days.`,
  season: () => 'From the time since its last maintenance.',
};

/** A stop with where it goes. */
export interface PlannedStop {
  readonly id: string;
  readonly day: string;
  readonly why: string;
  readonly person?: string | null;
  readonly site: string;
  readonly address?: string | null;
  readonly unitId?: string | null;
  readonly unit?: string;
}

/**
 * What is planned and due as a calendar: a day each, with an id of its own, so that a calendar that reads it again changes and does not double.
 *
 * @param origin where units are opened
 */
export function calendarOf(due: readonly DueItem[], stops: readonly PlannedStop[], origin: string): string {
  const planned = stops.map(({ id, day, why, person, site, address, unitId, unit }): EventAttributes => ({
    uid: `${id}@huff`,
    title: `${unit ?? site}: ${why}`,
    location: [site, address].filter(Boolean).join(', '),
    description: person ? `For ${person}.` : 'Not assigned.',
    url: unitId ? `${origin}/units/${unitId}` : `${origin}/schedule`,
    start: dayOf(day),
    end: nextDay(day),
    startInputType: 'utc',
  }));
  const events = due.map(({ unitId, unit, site, on, kind, why, sigmaDays }): EventAttributes => ({
    uid: `${unitId}-${kind}@huff`,
    title: `${why}: ${unit}`,
    location: site,
    description: SAYS[kind](sigmaDays),
    url: `${origin}/units/${unitId}`,
    start: dayOf(on),
    end: nextDay(on),
    startInputType: 'utc',
    transp: 'TRANSPARENT',
  }));
  const { value, error } = createEvents([...planned, ...events], { productId: 'huff/due', calName: 'Huff' });
  if (value == null) throw error ?? new Error('no calendar was made');
  return value;
}
