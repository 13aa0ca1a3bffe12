import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Whether a sheet is being printed, by our button or the browser's own. */
export function usePrinting(): { printing: boolean; print: () => void } {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // Elsewhere than in a browser nothing is printed.
    if (typeof window.addEventListener !== 'function') return undefined;
    const before = () => flushSync(() => setPrinting(true));
    const after = () => setPrinting(false);
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', after);
    return () => {
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', after);
    };
  }, []);
  return { printing, print: () => window.print() };
}
