import { useEffect } from 'react';

/**
 * Keeps the app on the phone, so that it opens without a signal. Not in development: there the files change.
 *
 * @param withoutIt done where nothing is kept: a plain-HTTP address, a private window. Always the same function.
 */
export function useServiceWorker(withoutIt: () => void): void {
  useEffect(() => {
    if (__DEV__ || typeof navigator === 'undefined' || !('serviceWorker' in navigator)) withoutIt();
    else navigator.serviceWorker.register('/sw.js').catch(withoutIt);
  }, [withoutIt]);
}
