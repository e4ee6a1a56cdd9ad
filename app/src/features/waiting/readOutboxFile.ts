import { checkOperation } from '@huff/contract/sync';
import type { NewRow } from '../../data/spine/outboxRows';
import type { By } from '../../data/spine/store';

/** What a saved file of changes brings back. */
export type ReadBack =
  | { readonly ok: true; readonly rows: readonly NewRow[]; readonly known: number }
  | { readonly ok: false; readonly why: string };

const NO_SUCH_FILE = 'This is not a file of changes saved by Huff. Choose one named huff-waiting.';

function readOperations(text: string): readonly unknown[] | undefined {
  try {
    const read = JSON.parse(text) as { readonly operations?: unknown } | null;
    return Array.isArray(read?.operations) ? read.operations : undefined;
  } catch {
    return undefined;
  }
}

function makerOf(saved: unknown): { readonly by?: By } {
  const { by } = saved as { readonly by?: Partial<By> | null };
  return typeof by?.id === 'string' && typeof by.name === 'string' ? { by: { id: by.id, name: by.name } } : {};
}

/**
 * The changes of a file that "Save to file" wrote, to be sent from this phone: each under its own id, so that one the server has is not done
 * twice, and under the name of the person who made it.
 *
 * @param known ids of what waits here already
 */
export function readOutboxFile(text: string, known: ReadonlySet<string>): ReadBack {
  const operations = readOperations(text);
  if (!operations) return { ok: false, why: NO_SUCH_FILE };
  const rows: NewRow[] = [];
  let there = 0;
  for (const [i, saved] of operations.entries()) {
    const checked = checkOperation(saved);
    if (!checked.ok)
      return {
        ok: false,
        why: `Change ${i + 1} of this file is damaged: ${checked.errors[0]?.message ?? 'it cannot be read.'} Nothing was loaded.`,
      };
    const { value: operation } = checked;
    if (known.has(operation.id)) there += 1;
    else rows.push({ id: operation.id, operation, state: 'waiting', ...makerOf(saved) });
  }
  return { ok: true, rows, known: there };
}

const changes = (count: number) => (count === 1 ? '1 change' : `${count} changes`);

/** What came of loading a file, in a sentence. */
export function readBackWords({ rows, known }: ReadBack & { readonly ok: true }): string {
  const there = known > 0 ? ` ${changes(known)} of it ${known === 1 ? 'was' : 'were'} on this phone already.` : '';
  return `${changes(rows.length)} loaded from the file.${there}`;
}
