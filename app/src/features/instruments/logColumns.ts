import { LOG_PARTS, type LogColumns, type LogHead } from '@huff/contract/csv';

const KEY = 'huff.logColumns';

/** Logs with the same heads are of the same instrument. */
const nameOf = ({ heads }: Pick<LogHead, 'heads'>) => heads.join('\t');

function kept(): Record<string, LogColumns> {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, LogColumns>;
  } catch {
    // A phone that keeps nothing asks each time.
    return {};
  }
}

const isWhole = (columns: Partial<LogColumns> | undefined, { heads }: LogHead): columns is LogColumns =>
  columns !== undefined && LOG_PARTS.every((part) => heads.includes(columns[part] ?? ''));

/** Which column holds what, as it was said for a log with these heads before. */
export function rememberedColumns(head: LogHead): LogColumns | undefined {
  const columns = kept()[nameOf(head)];
  return isWhole(columns, head) ? columns : undefined;
}

/** Keeps which column holds what for the next log with these heads. */
export function rememberColumns(head: LogHead, columns: LogColumns): void {
  try {
    localStorage.setItem(KEY, JSON.stringify({ ...kept(), [nameOf(head)]: columns }));
  } catch {
    // Asked again next time.
  }
}
