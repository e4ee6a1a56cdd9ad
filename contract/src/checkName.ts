/** What a check is called until a unit, a complaint or somebody names it. */
export const QUICK_CHECK = 'Quick check';

/**
 * Whether nobody gave a check a name yet: then its title says nothing to an owner.
 *
 * @example isUnnamed('Quick check: not cooling') // true
 */
export const isUnnamed = (title: string): boolean => title === QUICK_CHECK || title.startsWith(`${QUICK_CHECK}: `);

/** The name of a quick check that was called for something, so that two open ones can be told apart. */
export const checkNameFor = (complaintWords: string): string => `${QUICK_CHECK}: ${complaintWords.split(',')[0]}`;
