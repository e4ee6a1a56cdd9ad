import type { BridgeStore } from './bridgeStore';

/** Events a stream of values has; a browser’s EventSource begins again by itself when it is cut. */
type Source = Pick<EventSource, 'close' | 'readyState'> & {
  onopen: (() => void) | null;
  onerror: (() => void) | null;
  onmessage: ((event: { readonly data: string }) => void) | null;
};

/** One event holds one value or several. @returns undefined for what is no JSON */
function valuesIn(data: string): readonly unknown[] | undefined {
  try {
    const sent = JSON.parse(data) as unknown;
    return Array.isArray(sent) ? (sent as unknown[]) : [sent];
  } catch {
    return undefined;
  }
}

/** A browser’s EventSource tries again by itself, unless it was refused: then it stays closed. */
const CLOSED = 2;
/** Between two tries of our own, ms. */
const AGAIN_MS = 3_000;

/**
 * Listens to an open stream of values until it is ended; one that is cut or refused is opened again. What is no value is refused one by one
 * and harms nothing.
 *
 * @returns what ends it
 */
export function listenToStream(
  address: string,
  store: Pick<BridgeStore, 'take' | 'lost' | 'found'>,
  open: (address: string) => Source = (at) => new EventSource(at) as unknown as Source,
): () => void {
  let source: Source;
  let again: ReturnType<typeof setTimeout> | undefined;
  const begin = () => {
    source = open(address);
    source.onopen = () => store.found();
    source.onmessage = ({ data }) => store.take(valuesIn(data) ?? [undefined]);
    source.onerror = () => {
      store.lost();
      if (source.readyState === CLOSED) again = setTimeout(begin, AGAIN_MS);
    };
  };
  begin();
  return () => {
    clearTimeout(again);
    source.close();
  };
}
