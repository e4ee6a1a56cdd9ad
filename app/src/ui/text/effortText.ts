const WHOLE = new Intl.NumberFormat('en-US', { maximumFractionDigits: 0 });
const CENTS = new Intl.NumberFormat('en-US', { minimumFractionDigits: 2, maximumFractionDigits: 2 });

/** "12 min", "3 h", "3 h 20" */
export function minutesText(minutes: number): string {
  if (minutes < 90) return `${Math.round(minutes)} min`;
  const hours = Math.floor(minutes / 60);
  const rest = Math.round(minutes - 60 * hours);
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}

/** "$38" */
export const moneyText = (amount: number, currency: string) =>
  `${amount < 0 ? '−' : ''}${currency}${Math.abs(amount) < 10 && amount % 1 !== 0 ? CENTS.format(Math.abs(amount)) : WHOLE.format(Math.abs(amount))}`;
