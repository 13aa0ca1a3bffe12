import type { Tape } from '../../base/quantity';
import type { BoxWish } from '../../job';
import type { CavityBox } from '../../place/opening';

/** Beside the box itself: what its boards and its trim are. Lengths in millimetres. */
export interface BoxBoards {
  /** How its corners are held. */
  readonly corners: NonNullable<BoxWish['corners']>;
  /** Thickness of the box's boards. */
  readonly wallMm: number;
  readonly trim: BoxWish['trim'];
  /** Thickness of the trim. */
  readonly trimThickMm: number;
  /** What lengths are cut to. */
  readonly tape: Tape;
}

/** Depth of the boards of a box: all of it but the panel over their rear edges. Millimetres, not negative. */
export const boxBoardsDeep = ({ depth, backMm }: CavityBox): number => Math.max((depth?.mm ?? 0) - backMm, 0);

/** How far out the boards before a box's panel begin, on a side that is as deep as the box. Millimetres. */
export const behindBoards = ({ rebated, backMm }: CavityBox): number => (rebated ? backMm : 0);
