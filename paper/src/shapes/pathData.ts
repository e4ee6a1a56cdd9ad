/** Straight lines from point to point as path data. @example polyline([{ x: 0, y: 0 }, { x: 9, y: 4 }]) // 'M0 0L9 4' */
export const polyline = (points: readonly { readonly x: number; readonly y: number }[]): string =>
  points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${short(x)} ${short(y)}`).join('');

/** A length as it is written in path data: two decimals. */
export const short = (length: number): string => String(Number(length.toFixed(2)));
