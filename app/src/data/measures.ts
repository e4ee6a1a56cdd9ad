import { setMeasures, US_MEASURES, type Measures } from '@huff/core/first';
import { useSyncExternalStore } from 'react';

const KEY = 'huff.measures';

/** What is kept, as far as it is one of ours. */
function read(): Measures {
  try {
    const text = globalThis.localStorage?.getItem(KEY);
    return text ? { ...US_MEASURES, ...(JSON.parse(text) as Partial<Measures>) } : US_MEASURES;
  } catch {
    return US_MEASURES;
  }
}

let now = read();
setMeasures(now);
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
const current = () => now;

function choose(measures: Measures): void {
  now = measures;
  setMeasures(measures);
  try {
    globalThis.localStorage?.setItem(KEY, JSON.stringify(measures));
  } catch {
    // Without a store it holds until the page is closed.
  }
  for (const listener of listeners) listener();
}

/** What this phone's person reads and types. Everything drawn is drawn anew when it changes (the layout's key). */
export const useMeasures = () => ({ measures: useSyncExternalStore(subscribe, current, current), choose });
