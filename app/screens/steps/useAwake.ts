import { activateKeepAwakeAsync, deactivateKeepAwake } from 'expo-keep-awake';
import { useEffect } from 'react';
import { AppState } from 'react-native';

const TAG = 'build';

/** The screen stays on while someone works by it; where that cannot be had, it does not. */
export function useAwake(): void {
  useEffect(() => {
    const hold = () => {
      // A browser lets go of it whenever the page is left.
      if (AppState.currentState === 'active') activateKeepAwakeAsync(TAG).catch(() => undefined);
    };
    hold();
    const back = AppState.addEventListener('change', hold);
    return () => {
      back.remove();
      void Promise.resolve(deactivateKeepAwake(TAG)).catch(() => undefined);
    };
  }, []);
}
