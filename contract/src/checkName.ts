import { splitTitle } from './spine';

/** What a check is called until a unit, a complaint or somebody names it. */
export const QUICK_CHECK = 'Quick check';

const joinTitle = (name: string, site: string | undefined) => (site === undefined ? name : `${site}, ${name}`);

/**
 * What a check is called while nobody named its unit.
 *
 * @param site where it is, if that is known
 * @example quickCheckTitle('Lantern Quay library') // 'Lantern Quay library, Quick check'
 */
export const quickCheckTitle = (site?: string): string => joinTitle(QUICK_CHECK, site);

/**
 * Whether nobody named the unit yet: then the name says nothing to an owner.
 *
 * @example isUnnamed('Quick check: not cooling') // true
 */
export function isUnnamed(title: string): boolean {
  const { name } = splitTitle(title);
  return name === QUICK_CHECK || name.startsWith(`${QUICK_CHECK}: `);
}

/**
 * A quick check named by what it was called for, so that two open ones can be told apart.
 *
 * @example namedByComplaint('Quick check', 'smells hot, smoke or alarm') // 'Quick check: smells hot'
 */
export const namedByComplaint = (title: string, complaintWords: string): string =>
  joinTitle(`${QUICK_CHECK}: ${complaintWords.split(',')[0]}`, splitTitle(title).site);

/** What a visit's title tells its owner: nothing of a name that nobody gave. */
export const ownersTitle = (title: string): string | undefined => (isUnnamed(title) ? splitTitle(title).site : title);
