const CLOCK = /^(\d{1,2})(?::?([0-5]\d))?$/;
const DAY_MIN = 24 * 60;

/** "08:00-17:00": the hours of a day in which the customer needs a unit, local time. They may pass midnight. */
export const NEEDED_HOURS = /^([01]\d|2[0-3]):[0-5]\d-([01]\d|2[0-3]):[0-5]\d$/;

const minuteOf = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));

function clockFrom(text: string): string | undefined {
  const [, hour, minute = '00'] = CLOCK.exec(text.trim()) ?? [];
  return hour === undefined || Number(hour) > 23 ? undefined : `${hour.padStart(2, '0')}:${minute}`;
}

/**
 * Hours as a person types them.
 *
 * @returns undefined where no hours can be read from it
 * @example typedHours('8 to 17:30') // '08:00-17:30'
 */
export function typedHours(text: string): string | undefined {
  const [from, to, ...more] = text.split(/\s*(?:-|–|to)\s*/i).map(clockFrom);
  return from && to && from !== to && more.length === 0 ? `${from}-${to}` : undefined;
}

/** How a unit's hours stand at a time of day. */
export interface HoursNow {
  /** The customer needs it now: it cannot be shut off. */
  readonly isInUse: boolean;
  /** When that changes, "17:00". */
  readonly until: string;
  /** Minutes to then. */
  readonly inMinutes: number;
}

/**
 * Whether the customer needs a unit now, and until when that holds.
 *
 * @param hours as `NEEDED_HOURS` has them
 * @param minuteOfDay local minutes since midnight, 0 to 1439
 * @returns undefined for hours that cannot be read
 * @example hoursNow('08:00-17:00', 7 * 60) // { isInUse: false, until: '08:00', inMinutes: 60 }
 */
export function hoursNow(hours: string, minuteOfDay: number): HoursNow | undefined {
  if (!NEEDED_HOURS.test(hours)) return undefined;
  const [from = '', to = ''] = hours.split('-');
  const since = (clock: string) => (minuteOfDay - minuteOf(clock) + DAY_MIN) % DAY_MIN;
  const isInUse = since(from) < (minuteOf(to) - minuteOf(from) + DAY_MIN) % DAY_MIN;
  const until = isInUse ? to : from;
  return { isInUse, until, inMinutes: DAY_MIN - since(until) };
}
