import { cellFigure } from './figures';
import { stepped } from './head';

/** Names that count on: where all but some follow, the others do too. */
export function namesInOrder(names: readonly string[]): string[] {
  const parts = names.map((name) => /^(.*?)(\d+|[A-Z])$/.exec(name.trim()));
  const keys = parts.map(
    (part, i) => part && `${part[1]}|${/\d/.test(part[2]!) ? Number(part[2]) - i : `@${part[2]!.charCodeAt(0) - i}`}`,
  );
  const counts = new Map<string, number>();
  for (const key of keys) if (key) counts.set(key, (counts.get(key) ?? 0) + 1);
  const [best, count] = [...counts].sort((a, b) => b[1] - a[1])[0] ?? ['', 0];
  if (count < 2 || count < names.length / 2) return [...names];
  const [prefix, from] = best.split('|') as [string, string];
  return names.map((_, i) =>
    from.startsWith('@') ? prefix + String.fromCharCode(Number(from.slice(1)) + i) : `${prefix}${Number(from) + i}`,
  );
}

/** Airflows of a belt drive’s rows: they rise by one step, and one that was misread follows from the others. */
export function airflowsInOrder(names: readonly string[]): string[] {
  const read = names.map((name) => {
    const figure = cellFigure(name);
    return typeof figure === 'object' ? figure.digits : '';
  });
  const steps = stepped(
    read.map((digits) => (digits === '' ? NaN : Number(digits))),
    read.map((_, i) => i),
  );
  if (!steps) return read;
  const follow = read.map((_, i) => String(steps.first + i * steps.step));
  const count = follow.filter((one, i) => one === read[i]).length;
  return count > 1 && count >= read.length / 2 ? follow : read;
}
