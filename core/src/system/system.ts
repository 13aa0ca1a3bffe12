import type { Figure } from '../figure';
import type { ShelvesWish, Support } from '../job';
import type { Gap, LaidShelf, WallMark } from '../layout';
import type { Message } from '../message';
import type { Band } from '../opening';
import type { Caution, Problem } from '../problem';

export type PartRole =
  | 'board'
  | 'rail-back'
  | 'rail-side'
  | 'back-cleat'
  | 'side-cleat-left'
  | 'side-cleat-right'
  | 'nosing'
  | 'box-side'
  | 'box-end'
  | 'trim';

/** How ends are cut that meet another piece rather than a wall. */
export type Joint =
  /** Both at 45° across the face, its length being along the long edge: inside it is twice its width shorter. */
  | { readonly is: 'mitred' }
  /** The end in the corner, where the corner is so much off 90°: which edge is the longer, and by how much. */
  | { readonly is: 'corner'; readonly degrees: number; readonly outMm: number; readonly longer: 'room' | 'wall' };

/** How long a piece is to be: from wall to wall over its own band, as the corner gives it, or a figure of its own. */
export type LengthRule =
  | {
      readonly is: 'between-walls';
      readonly band: Band;
      /** `flat`: its face is seen from above. `on-edge`: from the front. */
      readonly stance: 'flat' | 'on-edge';
      /** What it is short by at the least, both ends together. */
      readonly least: { label: Message; mm: number } | null;
    }
  | { readonly is: 'corner'; readonly band: Band }
  /** On edge along a side wall, from the face of the back cleat; `figure` is its length where the corner is square. */
  | { readonly is: 'along-side'; readonly side: 'left' | 'right'; readonly band: Band; readonly figure: Figure }
  | { readonly is: 'given'; readonly figure: Figure; readonly rounded: 'up' | 'down' };

/** In place of a shelf's number, for a piece that is of no shelf. */
export const NO_SHELF = 0;

/** A piece as its system asks for it, before the opening has given it its length. */
export interface PartSpec {
  /** Stable within a plan: `S2-nosing`. */
  readonly id: string;
  /** The shelf it belongs to, from 1; `NO_SHELF` for what belongs to the place: its box, its trim. */
  readonly shelf: number;
  readonly role: PartRole;
  readonly name: Message;
  /** What is pencilled on the piece: `2N`. */
  readonly label: string;
  readonly thicknessMm: number;
  /** The second dimension of its section: depth of a board, height of a cleat or nosing. */
  readonly width: Figure;
  /** Where it sits: its band in the opening. */
  readonly place: Band;
  readonly length: LengthRule;
  /** Joints that are known before the opening is; square ends where left away. */
  readonly joint?: Joint;
}

export interface SystemInput<S extends Support = Support> {
  readonly wish: ShelvesWish;
  readonly support: S;
  readonly shelves: readonly LaidShelf[];
  readonly gaps: readonly Gap[];
  readonly levelLineUpMm: number;
}

/** What a support system makes of laid shelves. Every system has this shape. */
export interface SystemResult {
  readonly parts: readonly PartSpec[];
  readonly marks: readonly WallMark[];
  /** What is really left to reach in by under each gap's upper shelf, in the order of the gaps. */
  readonly reachIn: readonly (Figure | null)[];
  readonly problems: readonly Problem[];
  readonly cautions: readonly Caution[];
}
