import { activateKeepAwakeAsync, deactivateKeepAwake } from 'expo-keep-awake';
import { useEffect } from 'react';

const TAG = 'build';

/** The screen stays on while someone works by it; where that cannot be had, it does not. */
export function useAwake(): void {
  useEffect(() => {
    const hold = () => {
      // A browser lets go of it whenever the page is left.
      if (document.visibilityState === 'visible') activateKeepAwakeAsync(TAG).catch(() => undefined);
    };
    hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      document.removeEventListener('visibilitychange', hold);
      void Promise.resolve(deactivateKeepAwake(TAG)).catch(() => undefined);
    };
  }, []);
}
