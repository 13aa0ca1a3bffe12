import { useEffect, useState } from 'react';
import { useLatest } from '../../platform/useLatest';
import { selectFresh, useAppSelector } from '../../store';

/**
 * Something asked of the core, asked anew whenever what it depends on is another: the last answer stays until then.
 * @param wanted what it depends on; null where it is not asked
 */
export function useAsked<T>(wanted: string | null, ask: () => Promise<T | null>) {
  const fresh = useAppSelector(selectFresh);
  const [found, setFound] = useState<{ key: string; answer: T | null } | null>(null);
  // What is asked is the same as long as what it depends on is.
  const asking = useLatest(ask);
  useEffect(() => {
    if (!fresh || wanted === null) return;
    let current = true;
    const take = (answer: T | null) => {
      if (current) setFound({ key: wanted, answer });
    };
    asking().then(take, () => take(null));
    return () => {
      current = false;
    };
  }, [fresh, wanted, asking]);
  const current = found !== null && found.key === wanted;
  return { answer: found?.answer ?? null, current, failed: current && found.answer === null };
}
