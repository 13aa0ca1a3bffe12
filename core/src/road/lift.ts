import { liftOf, type Lift } from '../design/fit';
import type { DesignJob } from '../job';
import type { Pieces } from './pieces';
import type { adviceOf } from './sections';

/**
 * What the first of the readings advised would do for the board it helps most, of all bays.
 * @returns chances in percent; null where no reading is advised, or it would do nothing to speak of
 */
export function liftOfNext(
  { tape }: DesignJob,
  { bays }: Pieces,
  { advice: { next } }: ReturnType<typeof adviceOf>,
): Lift | null {
  const [first] = next;
  if (!first) return null;
  const lifts = bays.flatMap(
    ({ road: { opening, specs }, fitted }) => liftOf({ opening, specs, parts: fitted.parts, next: first, tape }) ?? [],
  );
  return lifts.sort((a, b) => b.then - b.now - (a.then - a.now))[0] ?? null;
}
