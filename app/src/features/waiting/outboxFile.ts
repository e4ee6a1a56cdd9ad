import { format } from 'date-fns/format';
import { saveFile } from '../../data/saveFile';
import type { OutboxRow } from '../../data/spine/store';

/** What waits on this phone, as text: every operation as it would be sent, with what was said of it. */
export const outboxText = (rows: readonly OutboxRow[]): string =>
  JSON.stringify(
    {
      about: 'Changes made in Huff on one phone that its server does not have yet, in the order they were made.',
      operations: rows.map(({ operation, state, by, problem, conflict }) => ({
        ...operation,
        state,
        by,
        problem,
        conflict,
      })),
    },
    null,
    2,
  );

/** Hands what waits on this phone over as a file. */
export function saveOutboxFile(rows: readonly OutboxRow[]): void {
  saveFile(`huff-waiting-${format(new Date(), 'yyyy-MM-dd-HHmm')}.json`, 'application/json', outboxText(rows));
}
