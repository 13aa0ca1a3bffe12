import type { Found } from './search';
import { networkOf, type Ordered, type Travel } from './network';
import { changesIn, earliestTimes } from './times';

/** Every order of a few steps looked at, for tests: the best of them, or null where none keeps within the limits. */
export function bruteForce(steps: readonly Ordered[], travel: Travel): Found | null {
  const network = networkOf(steps);
  const { minutes, into, places } = network;
  let best: Found | null = null;
  const go = (order: readonly number[], left: readonly number[]): void => {
    if (left.length === 0) {
      const starts = earliestTimes(order, network, travel);
      if (!starts) return;
      const changes = changesIn(order, { places });
      const last = order.at(-1);
      const elapsedMin = last === undefined ? 0 : starts.at(-1)! + minutes[last]!;
      if (!best || changes < best.changes || (changes === best.changes && elapsedMin < best.elapsedMin - 1e-9)) {
        best = { order, starts, changes, elapsedMin };
      }
      return;
    }
    for (const one of left) {
      if (into[one]!.some((arc) => left.includes(arc.from))) continue;
      go(
        [...order, one],
        left.filter((other) => other !== one),
      );
    }
  };
  go(
    [],
    steps.map((_, i) => i),
  );
  return best;
}
