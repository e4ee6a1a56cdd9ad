/** Two and three digits that stand for thousands of Btu/h in a model number. */
const LARGE = [72, 90, 102, 120, 150, 180, 210, 240, 300, 360];
const isSize = (thousands: number) =>
  (thousands >= 18 && thousands <= 60 && thousands % 6 === 0) || LARGE.includes(thousands);

/**
 * Nominal tons a model number may hold, to be offered and never assumed: digits of 018 to 060 that are a multiple of 6, or
 * 072, 090, 102, 120, 150, 180 and so on, in thousands of Btu/h.
 *
 * @param model as on the plate, any letters and signs
 * @returns each possible size once, three-digit ones first
 * @example tonsInModel('XA4-036B') // [3]
 */
export function tonsInModel(model: string): number[] {
  const groups = model.match(/\d+/g) ?? [];
  const sizes: number[] = [];
  for (const length of [3, 2]) {
    for (const group of groups) {
      for (let i = 0; i + length <= group.length; i += 1) {
        const thousands = Number(group.slice(i, i + length));
        if (isSize(thousands)) sizes.push(thousands / 12);
      }
    }
  }
  return [...new Set(sizes)];
}
