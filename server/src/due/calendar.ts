import type { DueItem } from '@huff/contract';
import { createEvents, type DateArray, type EventAttributes } from 'ics';

const dayOf = (on: string): DateArray => on.split('-').map(Number) as [number, number, number];

const nextDay = (on: string): DateArray => {
  const date = new Date(`${on}T12:00:00Z`);
  date.setUTCDate(date.getUTCDate() + 1);
  return dayOf(date.toISOString().slice(0, 10));
};

/**
 * What is due as a calendar: a day each, with an id of its own, so that a calendar that reads it again changes and does not double.
 *
 * @param origin where units are opened
 */
export function calendarOf(due: readonly DueItem[], origin: string): string {
  const events = due.map(({ unitId, unit, site, on, kind, why, sigmaDays }): EventAttributes => ({
    uid: `${unitId}-${kind}@huff`,
    title: `${why}: ${unit}`,
    location: site,
    description:
      sigmaDays === undefined
        ? 'Agreed at the last visit.'
        : `By the unit’s own filter drop, give or take ${sigmaDays} days.`,
    url: `${origin}/units/${unitId}`,
    start: dayOf(on),
    end: nextDay(on),
    startInputType: 'utc',
    transp: 'TRANSPARENT',
  }));
  const { value, error } = createEvents(events, { productId: 'huff/due', calName: 'Huff' });
  if (value == null) throw error ?? new Error('no calendar was made');
  return value;
}
