import { figure, less, plus, type Figure } from '../base/figure';
import { message } from '../base/message';
import type { ClearSpace, Hanging } from '../design/body';
import type { Gap } from '../design/layout';
import type { PartRole } from '../design/system';
import type { BayRoad } from './bayRoad';

/** A clear space as it is built: between its boards, and under what hangs from the board above. */
export interface PlannedGap extends Gap {
  /** Room to reach in by, at the front; null where nothing hangs there. */
  readonly reachIn: Figure | null;
  /** Room at the back; null where nothing hangs there. */
  readonly behind: Figure | null;
}

/** A clear height that is built otherwise by less is as it was planned, millimetres: parts of a mark of the tape. */
const SAME_MM = 0.3;

/**
 * Clear spaces of a bay, as they are read off the body; where a shelf beside one is not built, as they are wished.
 * @param spaces of the body, in the order of the bay's gaps
 */
export const gapsBuilt = ({ layout }: Pick<BayRoad, 'layout'>, spaces: readonly (ClearSpace | null)[]): PlannedGap[] =>
  layout.gaps.map((gap, i): PlannedGap => {
    const space = spaces[i];
    if (!space) return { ...gap, reachIn: null, behind: null };
    const off = space.clearMm - gap.clear.mm;
    const clear = Math.abs(off) < SAME_MM ? gap.clear : plus(gap.clear, message('term.otherBoard'), off);
    return { ...gap, clear, reachIn: underHanging(clear, space.inFront), behind: underHanging(clear, space.behind) };
  });

const underHanging = ({ mm }: Figure, hanging: Hanging | null): Figure | null =>
  hanging && less(figure({ label: message('term.clearGap'), mm }), hangsOf(hanging.role), hanging.byMm);

function hangsOf(role: PartRole) {
  if (role === 'nosing' || role === 'stop-strip') return message('term.nosingBelowShelf');
  return message(role === 'back-cleat' ? 'term.cleatBelowShelf' : 'term.railBelowShelf');
}
