import { triageSum, type TriageItem } from '../triage/triage';

/** Minutes of work that one visit to a neglected unit holds (J): more is a second visit, after parts. */
export const VISIT_MINUTES = 240;

/** Bringing a neglected unit back: on time and materials, then at an interval. */
export interface IntoShape {
  readonly minutes: number;
  readonly money: number;
  readonly visits: number;
  readonly intervalMonths: number;
  readonly sentence: string;
}

/**
 * What it takes to bring a neglected unit into shape, from what was found and is open.
 *
 * @param minutesOfRoute what is left of the maintenance itself
 * @param currency sign of the shop’s money
 * @example intoShape([], 80, 6).sentence // 'Into shape: about 1 h 20 min, no parts, one visit on time and materials; then every 6 months.'
 */
export function intoShape(
  triage: readonly TriageItem[],
  minutesOfRoute: number,
  intervalMonths: number,
  currency = '$',
): IntoShape {
  const open = triageSum(triage);
  const minutes = open.minutes + minutesOfRoute;
  const visits = Math.max(1, Math.ceil(minutes / VISIT_MINUTES));
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  const long = [hours > 0 && `${hours} h`, (rest > 0 || hours === 0) && `${rest} min`].filter(Boolean).join(' ');
  const parts = open.money > 0 ? `parts about ${currency}${open.money}` : 'no parts';
  const many = visits === 1 ? 'one visit' : `${visits} visits`;
  return {
    minutes,
    money: open.money,
    visits,
    intervalMonths,
    sentence: `Into shape: about ${long}, ${parts}, ${many} on time and materials; then every ${intervalMonths} months.`,
  };
}
