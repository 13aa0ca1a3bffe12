import type { BayWish } from '../../job';
import type { Extent } from '../../place/kinds';

/** Where a bay begins and ends across the opening. Millimetres. */
export interface Stretch {
  readonly fromMm: number;
  readonly toMm: number;
}

/**
 * Shares the width of an opening out over its bays, left to right: a bay is as wide as asked, the others have the rest
 * in equal parts.
 * @param betweenMm thickness of what parts each bay from the next, millimetres
 * @returns null where the bays asked for leave nothing for one of the others, or are wider than the opening
 */
export function stretchesOf(
  bays: readonly Pick<BayWish, 'widthMm'>[],
  { left, right }: Pick<Extent, 'left' | 'right'>,
  betweenMm: readonly number[],
): Stretch[] | null {
  const asked = bays.reduce((sum, { widthMm }) => sum + (widthMm ?? 0), 0);
  const rest = right - left - asked - betweenMm.reduce((sum, mm) => sum + mm, 0);
  const sharing = bays.filter(({ widthMm }) => widthMm === null).length;
  if (rest < 0 || (sharing > 0 && rest / sharing < LEAST_MM)) return null;
  let at = left;
  return bays.map(({ widthMm }, i) => {
    const fromMm = at;
    const toMm = fromMm + (widthMm ?? rest / sharing);
    at = toMm + (betweenMm[i] ?? 0);
    return { fromMm, toMm };
  });
}

/** A bay narrower than this holds nothing, millimetres. */
const LEAST_MM = 50;
