/** Why a whole unit is replaced rather than a part of it. @source trade practice */
export const REPLACE_REASONS = [
  { id: 'age', text: 'past its usual life' },
  { id: 'cost', text: 'the repair costs half of a new one' },
  { id: 'exchanger', text: 'heat exchanger cracked' },
  { id: 'compressor', text: 'compressor grounded or seized' },
  { id: 'coil', text: 'coil leaks' },
  { id: 'refrigerant', text: 'its refrigerant is no longer sold' },
  { id: 'size', text: 'wrong size for the ducts or the house' },
  { id: 'parts', text: 'parts no longer made' },
] as const;

export type ReplaceReason = (typeof REPLACE_REASONS)[number]['id'];

/** Most that fits the line of a finding with the words before them. */
const MOST_REASONS = 3;

/**
 * The finding that a unit is to be replaced, with its reasons in the order of the list.
 *
 * @param reasons at least one and at most three; more are not named: the line must stay short enough to be read
 * @example replaceFinding(['age', 'coil']).words // 'Replace the unit: past its usual life, coil leaks'
 */
export function replaceFinding(reasons: readonly ReplaceReason[]) {
  const named = REPLACE_REASONS.filter(({ id }) => reasons.includes(id)).slice(0, MOST_REASONS);
  return {
    words: `Replace the unit: ${named.map(({ text }) => text).join(', ')}`,
    concern: reasons.includes('exchanger') ? 'safety' : 'damage',
    toDo: 'A unit sized for this house and these ducts, with static measured before and after',
  } as const;
}
