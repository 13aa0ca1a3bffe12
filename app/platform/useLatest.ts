import { useCallback, useLayoutEffect, useRef } from 'react';

/** A function that stays the same while what it does is what was given last: for those who keep it. */
export function useLatest<Args extends unknown[], Result>(does: (...args: Args) => Result): (...args: Args) => Result {
  const latest = useRef(does);
  useLayoutEffect(() => {
    latest.current = does;
  });
  return useCallback((...args: Args) => latest.current(...args), []);
}
