/** What a pane keeps at least, px. */
export const LEAST_PANE = 260;
/** What the last pane, which takes the rest, keeps at least. */
export const LEAST_REST = 320;

/**
 * Widths of panes within a width, none narrower than it can be: what was asked for where there is room, else less, the last of them first.
 *
 * @param asked of all panes but the last, px
 * @example fitted([400, 500], 1184) // [400, 464]
 */
export function fitted(asked: readonly number[], width: number): readonly number[] {
  const room = Math.max(0, width - LEAST_REST);
  const widths = asked.map((one) => Math.max(LEAST_PANE, Math.round(one)));
  for (let i = widths.length - 1; i >= 0; i -= 1) {
    const over = widths.reduce((sum, one) => sum + one, 0) - room;
    if (over <= 0) break;
    widths[i] = Math.max(LEAST_PANE, widths[i]! - over);
  }
  return widths;
}
