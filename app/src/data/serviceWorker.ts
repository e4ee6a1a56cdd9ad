import { useEffect } from 'react';

/** Keeps the app on the phone, so that it opens without a signal. Not in development: there the files change. */
export function useServiceWorker(): void {
  useEffect(() => {
    if (__DEV__ || typeof navigator === 'undefined' || !('serviceWorker' in navigator)) return;
    navigator.serviceWorker.register('/sw.js').catch(() => {
      // Refused (a plain-HTTP address, a private window): the app works, with a signal.
    });
  }, []);
}
