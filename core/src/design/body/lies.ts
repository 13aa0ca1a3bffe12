import type { Part } from '../fit';
import type { PartRole } from '../system';

/** How a kind of piece lies: where its length runs, and whether its face is seen from above, in front or beside. */
export type Lie =
  /** Along the back, its face up: a board. */
  | 'flat'
  /** Along the back on edge, its face to the front: a nosing, a back cleat. */
  | 'on-edge'
  /** Out from the back on edge, its face to the side: a side cleat, a joist. */
  | 'out-on-edge'
  /** Out from the back, its face up: the arm of a bracket. */
  | 'out-flat'
  /** Upright, its width running out from the back: the side of a case. */
  | 'up-sideways'
  /** Upright, its face to the front: a back panel, an upright of trim. */
  | 'up-facing';

const LIES: Readonly<Record<PartRole, Lie>> = {
  board: 'flat',
  skin: 'flat',
  slat: 'flat',
  mesh: 'flat',
  'tilted-board': 'flat',
  'case-top': 'flat',
  'case-bottom': 'flat',
  'box-end': 'flat',
  'back-cleat': 'on-edge',
  'rail-back': 'on-edge',
  'rail-front': 'on-edge',
  nosing: 'on-edge',
  'stop-strip': 'on-edge',
  'closet-rod': 'on-edge',
  'tip-rail': 'on-edge',
  filler: 'on-edge',
  trim: 'on-edge',
  'side-cleat-left': 'out-on-edge',
  'side-cleat-right': 'out-on-edge',
  'rail-side': 'out-on-edge',
  joist: 'out-on-edge',
  rung: 'out-on-edge',
  'bracket-arm': 'out-flat',
  'bracket-brace': 'out-flat',
  'bracket-leg': 'up-facing',
  'back-panel': 'up-facing',
  'post-left': 'up-sideways',
  'post-right': 'up-sideways',
  'case-side-left': 'up-sideways',
  'case-side-right': 'up-sideways',
  'box-side': 'up-sideways',
  spacer: 'up-sideways',
  post: 'up-sideways',
  upright: 'up-sideways',
  divider: 'up-sideways',
  'bay-upright': 'up-sideways',
  'upright-block': 'on-edge',
};

/** How a piece lies, by what it is. */
export const lieOfPart = ({ role, upright }: Pick<Part, 'role' | 'upright'>): Lie =>
  role === 'trim' && upright ? 'up-facing' : LIES[role];
