/** The middle of a list, or the mean of the two middle ones. @throws RangeError for an empty list @example median([3, 1, 2]) // 2 */
export function median(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('An empty list has no median.');
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}
