/** Keys that lead somewhere from any page, while nothing is being typed. */
export const PLACE_KEYS: readonly { readonly key: string; readonly href: string; readonly words: string }[] = [
  { key: 't', href: '/', words: 'Today' },
  { key: 'd', href: '/schedule', words: 'Schedule: planned jobs and truck load' },
  { key: 's', href: '/sites', words: 'Sites' },
  { key: 'b', href: '/calculators', words: 'Calculators' },
  { key: 'o', href: '/settings', words: 'Settings' },
  { key: 'n', href: '/quick', words: 'Quick check: continue or start' },
];

/** Keys that work where they are named. */
export const OTHER_KEYS: readonly (readonly [keys: string, words: string])[] = [
  ['?', 'This list'],
  ['/', 'Find: a site, unit, part, finding'],
  ['Escape', 'Close a sheet'],
  ['Tab, Shift Tab', 'Next item, previous item'],
  ['← →', 'Among choices; on a roof, from check to check'],
  ['↑ ↓', 'On a roof, from unit to unit; in lists of choices'],
  ['Enter', 'Open or save; on the keypad, next reading'],
];

/** A key is a shortcut only where it is not typed into something, and no sheet is open. */
export function isFree(target: EventTarget | null): boolean {
  const element = target as { closest?: (selector: string) => unknown } | null;
  return !element?.closest?.('input, textarea, select, [contenteditable], [role="dialog"], [role="application"]');
}

const KEPT = 'huff.letters';

/** Whether letters lead to places. Whoever speaks to the machine, or touches keys by chance, switches them off. */
export const lettersLead = (): boolean => globalThis.localStorage?.getItem(KEPT) !== 'off';
export const setLettersLead = (on: boolean): void => globalThis.localStorage?.setItem(KEPT, on ? 'on' : 'off');
