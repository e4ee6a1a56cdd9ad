/** Whether the app's own type has every letter of a text. */
export const isOurs = (text: string): boolean =>
  /^[\u0020-\u007e\u00a0-\u00ac\u00ae-\u00ff–—’“”•…−≤≥√∞≈Ωμ]*$/.test(text);
