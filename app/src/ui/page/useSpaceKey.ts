import { useEffect } from 'react';

/** What a space bar turns on and off, as on any form; buttons take it by themselves. */
const TURNED = '[role="checkbox"], [role="switch"], [role="radio"]';

/** The space bar presses what is ticked, switched or chosen: everywhere, in one place. */
export function useSpaceKey(): void {
  useEffect(() => {
    if (typeof document === 'undefined') return undefined;
    const onKey = (event: KeyboardEvent) => {
      const at = event.target as HTMLElement | null;
      if (event.key !== ' ' || event.repeat || !at?.matches?.(TURNED)) return;
      // The page must not scroll.
      event.preventDefault();
      at.click();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
}
