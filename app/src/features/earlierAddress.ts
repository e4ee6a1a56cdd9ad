/** What places were called before, by what they are called now: links and bookmarks of then still lead there. */
export const EARLIER_NAMES: Readonly<Record<string, string>> = {
  bench: 'calculators',
  shop: 'settings',
  days: 'schedule',
};

/**
 * The address of today for one of an earlier Huff.
 *
 * @returns undefined where it never was one
 * @example addressNow('/bench/traverse') // '/calculators/traverse'
 */
export function addressNow(path: string): string | undefined {
  const [, first = '', ...rest] = path.split('/');
  const now = Object.hasOwn(EARLIER_NAMES, first) ? EARLIER_NAMES[first] : undefined;
  return now === undefined ? undefined : ['', now, ...rest].join('/');
}
