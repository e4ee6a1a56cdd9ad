/** How large letters and lines of a drawing are, where it is held in the hand and where it is printed. */
export interface DrawStyle {
  /** Names and figures of scales, px. */
  readonly small: number;
  /** Figures that are read off, px. */
  readonly figure: number;
  /** Widths of lines as a share of those on the screen. */
  readonly line: number;
}

/** Read at arm's length, in the sun. */
export const ON_SCREEN: DrawStyle = { small: 15, figure: 17, line: 1 };

/** Read from a sheet in the hand. */
export const ON_PAPER: DrawStyle = { small: 12, figure: 15, line: 0.8 };
