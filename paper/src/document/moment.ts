/** Moments as the people of a place read them. @param zone as "Europe/Rome"; UTC where it is none that is known */
export function momentsIn(zone: string) {
  const format = (options: Intl.DateTimeFormatOptions) => {
    try {
      return new Intl.DateTimeFormat('en-GB', { ...options, timeZone: zone });
    } catch {
      return new Intl.DateTimeFormat('en-GB', { ...options, timeZone: 'UTC' });
    }
  };
  const [day, short, clock] = [
    format({ day: 'numeric', month: 'long', year: 'numeric' }),
    format({ day: 'numeric', month: 'short', year: 'numeric' }),
    format({ hour: '2-digit', minute: '2-digit', hour12: false }),
  ];
  const of = (formatter: Intl.DateTimeFormat) => (at: string | number) => {
    const ms = typeof at === 'number' ? at : Date.parse(at);
    return Number.isNaN(ms) ? '' : formatter.format(ms);
  };
  return { day: of(day), shortDay: of(short), clock: of(clock) };
}
/** A day without a time: "8 December 2026". @param day as 2026-12-08 */
export const dayText = (day: string): string => momentsIn('UTC').day(`${day}T12:00:00Z`);
