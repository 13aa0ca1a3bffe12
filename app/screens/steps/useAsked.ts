import { useAnswer } from '../../platform/useAnswer';
import { selectFresh, useAppSelector } from '../../store';

/**
 * Something asked of the core, asked anew whenever what it depends on is another: the last answer stays until then.
 * @param wanted what it depends on; null where it is not asked
 */
export function useAsked<T>(wanted: string | null, ask: () => Promise<T | null>) {
  const fresh = useAppSelector(selectFresh);
  const { answer, of } = useAnswer(fresh ? wanted : null, () => ask().catch(() => null));
  const current = of !== null && of === wanted;
  return { answer, current, failed: current && answer === null };
}
