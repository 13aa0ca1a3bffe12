import { useCallback, useLayoutEffect, useRef } from 'react';

/**
 * Returns a stable function that always calls the latest `does`. Use it for callbacks that effects or contexts keep.
 */
export function useLatest<Args extends unknown[], Result>(does: (...args: Args) => Result): (...args: Args) => Result {
  const latest = useRef(does);
  useLayoutEffect(() => {
    latest.current = does;
  });
  return useCallback((...args: Args) => latest.current(...args), []);
}
