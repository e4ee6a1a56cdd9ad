import type { FactDto } from '@huff/contract';
import { leftOf, type PartTaken, type StockedPart } from '@huff/core/call';
import { byServer } from './serverClock';
import type { OutboxRow } from './spine/store';
import { takingsOf, type StockLine } from './takings';

/** The times of counts among what is on its way: by this phone's clock still. */
const countTimes = (rows: readonly OutboxRow[]): ReadonlySet<unknown> =>
  new Set(
    rows.flatMap(({ operation }) =>
      operation.kind === 'patch' && operation.of === 'shop'
        ? Object.values(operation.fields).map((item) => (item as { readonly countedAt?: unknown } | null)?.countedAt)
        : [],
    ),
  );

interface Here {
  /** The shop's parts as this phone has them, its own counts among them. */
  readonly parts: readonly StockedPart[];
  /** What the server said last; undefined while it never did. */
  readonly told: readonly StockLine[] | undefined;
  /** What is on its way. */
  readonly rows: readonly OutboxRow[];
  /** What was sent already and is corrected by what is on its way, by id. */
  readonly corrected: ReadonlyMap<string, FactDto>;
  /** How far this phone's clock is off, ms to add. */
  readonly offsetMs: number;
}

/** What is left on the truck, with what this phone counted and took while the server does not know of it. */
export function stockHere({ parts, told, rows, corrected, offsetMs }: Here): readonly StockLine[] {
  const takings = takingsOf(rows);
  const own = new Map(takings.map(({ fact }) => [fact.id, fact]));
  const taken = takings.flatMap(({ fact: { inputs, takenAt, replacesId } }): PartTaken[] => {
    const at = byServer(takenAt, offsetMs);
    const before = replacesId ? (own.get(replacesId) ?? corrected.get(replacesId)) : undefined;
    const part = (of: FactDto['inputs'], sign: number): PartTaken => ({
      key: String(of.key),
      count: sign * Number(of.count),
      takenAt: at,
    });
    return before ? [part(inputs, 1), part(before.inputs, -1)] : [part(inputs, 1)];
  });
  const times = countTimes(rows);
  return parts.map((part): StockLine => {
    const { key, count } = part;
    const line = told?.find((one) => one.key === key);
    const from =
      count && times.has(count.countedAt)
        ? { ...count, countedAt: byServer(count.countedAt, offsetMs) }
        : line?.left !== undefined && line.count && line.count.countedAt === count?.countedAt
          ? { counted: line.left, countedAt: line.count.countedAt }
          : count;
    const left = leftOf(
      from,
      taken.filter((one) => one.key === key),
    );
    return { ...part, ...(left === undefined ? {} : { left }) };
  });
}
