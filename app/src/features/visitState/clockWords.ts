const UNITS: readonly (readonly [ms: number, one: string, many: string])[] = [
  [86_400_000, 'day', 'days'],
  [3_600_000, 'hour', 'hours'],
  [60_000, 'minute', 'minutes'],
];

/** "the phone’s clock was 1 day ahead"; nothing of a clock that was right. @param offsetMs what has to be added to its time */
export function clockWords(offsetMs: number | undefined): string | undefined {
  const away = Math.abs(offsetMs ?? 0);
  // A request takes its time: a clock a day ahead measures a little less.
  const unit = UNITS.find(([ms]) => away >= 0.97 * ms);
  if (!unit) return undefined;
  const [ms, one, many] = unit;
  const n = Math.round(away / ms);
  return `the phone’s clock was ${n} ${n === 1 ? one : many} ${offsetMs! < 0 ? 'ahead' : 'behind'}`;
}
