import { sameValue } from './recordFields';

type Item = Readonly<Record<string, unknown>>;

/** Two versions of one item of a list that were made from one base. */
export interface MergedItem {
  /** Both changes in one; where they differ, what stood first. */
  readonly merged: Item;
  /** The same, where they differ as the second set it. */
  readonly yours: Item;
  /** Entries that both set, each to another value. */
  readonly differ: readonly string[];
}

const isItem = (value: unknown): value is Item => typeof value === 'object' && value !== null && !Array.isArray(value);

/** A count belongs to its time: neither is merged without the other. */
const COUNT = ['counted', 'countedAt'];

const countOf = ({ counted, countedAt }: Item): Item => ({ counted, countedAt });
const timeOf = ({ countedAt }: Item) => (typeof countedAt === 'string' ? Date.parse(countedAt) : -Infinity);

/** Of two counts of a truck the later one counts: it saw what was there last. */
function mergedCount(base: Item, theirs: Item, yours: Item): Item {
  const [before, there, here] = [countOf(base), countOf(theirs), countOf(yours)];
  if (sameValue(here, before)) return there;
  if (sameValue(there, before)) return here;
  return timeOf(yours) > timeOf(theirs) ? here : there;
}

/**
 * Merges an item that two phones changed: each entry that only one of them changed is taken from that one, and of two counts the later
 * one holds.
 *
 * @param base as both knew it; null when neither had it
 * @param theirs as it stands
 * @param yours as the second sets it
 * @returns undefined when one of them took it off the list: then there is nothing to merge
 * @example mergedItem({ cost: 14 }, { cost: 15 }, { cost: 14, counted: 3, countedAt })!.merged // { cost: 15, counted: 3, countedAt }
 */
export function mergedItem(base: unknown, theirs: unknown, yours: unknown): MergedItem | undefined {
  if (!isItem(theirs) || !isItem(yours) || !(base === null || base === undefined || isItem(base))) return undefined;
  const from = base ?? {};
  const merged: Record<string, unknown> = { ...theirs };
  const differ: string[] = [];
  for (const entry of new Set([...Object.keys(theirs), ...Object.keys(yours)])) {
    if (COUNT.includes(entry) || sameValue(theirs[entry], yours[entry]) || sameValue(yours[entry], from[entry]))
      continue;
    if (sameValue(theirs[entry], from[entry])) merged[entry] = yours[entry];
    else differ.push(entry);
  }
  Object.assign(merged, mergedCount(from, theirs, yours));
  return { merged, yours: { ...merged, ...Object.fromEntries(differ.map((entry) => [entry, yours[entry]])) }, differ };
}
