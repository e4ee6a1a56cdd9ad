import { useCallback, useState } from 'react';

/**
 * A stored value that can be changed: what is shown follows a change at once, without waiting for the store to tell, and
 * falls back to the store as soon as the store has moved.
 *
 * @returns the value to show, and a setter that also stores
 */
export function useAhead<T>(stored: T, store: (value: T) => void): [T, (value: T) => void] {
  const [ahead, setAhead] = useState<{ readonly of: T; readonly value: T }>();
  const change = useCallback(
    (value: T) => {
      setAhead({ of: stored, value });
      store(value);
    },
    [stored, store],
  );
  return [ahead && ahead.of === stored ? ahead.value : stored, change];
}
