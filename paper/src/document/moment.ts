/** Moments as the people of a place read them. @param zone as "Europe/Rome"; UTC where it is none that is known */
export function momentsIn(zone: string) {
  const format = (options: Intl.DateTimeFormatOptions) => {
    try {
      return new Intl.DateTimeFormat('en-US', { ...options, timeZone: zone });
    } catch {
      return new Intl.DateTimeFormat('en-US', { ...options, timeZone: 'UTC' });
    }
  };
  const [day, short, clock] = [
    format({ day: 'numeric', month: 'long', year: 'numeric' }),
    format({ day: 'numeric', month: 'numeric', year: 'numeric' }),
    format({ hour: 'numeric', minute: '2-digit' }),
  ];
  const of = (formatter: Intl.DateTimeFormat) => (at: string | number) => {
    const ms = typeof at === 'number' ? at : Date.parse(at);
    // The narrow space before AM is not in every typeface.
    return Number.isNaN(ms) ? '' : formatter.format(ms).replace(/\u202f/g, ' ');
  };
  return { day: of(day), shortDay: of(short), clock: of(clock) };
}
/** A day without a time: "December 8, 2026". @param day as 2026-12-08 */
export const dayText = (day: string): string => momentsIn('UTC').day(`${day}T12:00:00Z`);
