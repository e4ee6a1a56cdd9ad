import { format } from 'date-fns/format';

type Moment = string | number | Date;

/** A clock of twelve or of twenty-four hours, as this phone has it. */
const hasTwelveHours = (() => {
  let known: boolean | undefined;
  return () => (known ??= new Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12 ?? true);
})();

/** "Nov 29" */
export const dateText = (at: Moment) => format(at, 'MMM d');
/** "Nov 29, 2026" */
export const yearDateText = (at: Moment) => format(at, 'MMM d, yyyy');
/** "Sunday, November 29" */
export const longDateText = (at: Moment) => format(at, 'EEEE, MMMM d');
/** "2:05 PM", or "14:05" on a phone with a clock of twenty-four hours. */
export const clockText = (at: Moment) => format(at, hasTwelveHours() ? 'h:mm a' : 'HH:mm');
/** "Nov 29, 2:05 PM" */
export const momentText = (at: Moment) => `${dateText(at)}, ${clockText(at)}`;
