/** A value as it was typed, and when. */
export interface Entry {
  readonly value: number;
  readonly atMs: number;
}

/** Whether a value that is watched has come to rest. */
export type Steadiness =
  | { readonly kind: 'once' }
  | { readonly kind: 'moving'; readonly by: number }
  | { readonly kind: 'steady'; readonly forMs: number };

/** (J) Two probes of a good thermometer differ by no more, °F. */
const STILL_F = 0.5;
/** (J) Two entries nearer in time say nothing of rest. */
const APART_MS = 45_000;

/**
 * Whether a temperature is steady, from repeated entries with their times: the last stays within half a degree of those of the minute and more
 * before it.
 *
 * @param entries in the order they were typed
 * @example 101.0 at 0 s, 101.3 at 120 s → steady for two minutes
 */
export function steadinessOf(entries: readonly Entry[]): Steadiness {
  const last = entries.at(-1);
  if (!last) return { kind: 'once' };
  let since = last.atMs;
  for (const entry of [...entries].reverse()) {
    if (Math.abs(entry.value - last.value) > STILL_F) break;
    since = entry.atMs;
  }
  if (last.atMs - since >= APART_MS) return { kind: 'steady', forMs: last.atMs - since };
  const before = entries.at(-2);
  if (!before || Math.abs(last.value - before.value) <= STILL_F) return { kind: 'once' };
  return { kind: 'moving', by: last.value - before.value };
}

/** "steady for 2 min", "still moving"; nothing of a single entry. */
export function steadyWords(steadiness: Steadiness): string | undefined {
  if (steadiness.kind === 'moving') return 'still moving';
  if (steadiness.kind === 'once') return undefined;
  const minutes = Math.max(1, Math.round(steadiness.forMs / 60_000));
  return `steady for ${minutes} min`;
}
