import { useEffect, useState } from 'react';
import { AppState } from 'react-native';

/** The present, milliseconds since 1970: told anew as often as asked for, and when one comes back to the page. */
export function useNow(everyMs: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tell = () => setNow(Date.now());
    const timer = setInterval(tell, everyMs);
    const back = AppState.addEventListener('change', tell);
    return () => {
      clearInterval(timer);
      back.remove();
    };
  }, [everyMs]);
  return now;
}
