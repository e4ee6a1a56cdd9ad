import type { LiveValue } from '@huff/core/instruments';

/** Whoever listens to the values of a shop. */
export interface Listener {
  /** @returns false when it cannot take any more just now */
  readonly send: (event: string) => boolean;
  readonly end: () => void;
}

/** So many screens of one shop may listen at once. */
export const MOST_LISTENERS = 50;
/** A listener that takes nothing for so many events in a row is dropped: it would be kept in memory without end. */
const MOST_WAITING = 100;

/** What bridges send, passed on to everybody of the same shop who listens. Nothing is kept. */
export function bridgeHub() {
  const shops = new Map<string, Map<Listener, number>>();
  return {
    /** @returns what ends it; undefined where too many listen already */
    listen(shopId: string, listener: Listener): (() => void) | undefined {
      const all = shops.get(shopId) ?? new Map<Listener, number>();
      if (all.size >= MOST_LISTENERS) return undefined;
      all.set(listener, 0);
      shops.set(shopId, all);
      return () => {
        all.delete(listener);
        if (all.size === 0) shops.delete(shopId);
      };
    },
    tell(shopId: string, values: readonly LiveValue[]): void {
      const all = shops.get(shopId);
      if (!all || values.length === 0) return;
      const event = eventOf(values);
      for (const [listener, waiting] of all) {
        const took = listener.send(event);
        const behind = took ? 0 : waiting + 1;
        all.set(listener, behind);
        if (behind <= MOST_WAITING) continue;
        all.delete(listener);
        listener.end();
      }
    },
    listeners: (shopId: string): number => shops.get(shopId)?.size ?? 0,
  };
}

export type BridgeHub = ReturnType<typeof bridgeHub>;

/** Values as one server-sent event. */
export const eventOf = (values: readonly LiveValue[]): string => `data: ${JSON.stringify(values)}\n\n`;
