import type { Figure } from '../../base/figure';
import type { Fastening } from '../system';
import type { HoleSizes, PlugHole, Screw } from './screws';

/** What a screw bites into. */
export type Bites = 'stud' | 'panel' | 'plug' | 'anchor' | 'wood';

/** One hole. Millimetres. */
export interface Hole {
  /** Along the piece from its left (rear, lower) end, and across it from its lower (rear, left) edge. */
  readonly alongMm: number;
  readonly acrossMm: number;
  readonly into: Bites;
  /** The stud behind it, by id. */
  readonly stud: string | null;
  /**
   * On the wall: along it from where it begins (its left end, a side wall its back corner), and above the floor mark.
   */
  readonly spot: { readonly alongMm: number; readonly upMm: number } | null;
}

/** One joint with its screws, each in its place. */
export interface Fixing {
  readonly id: string;
  readonly shelf: number;
  readonly through: Fastening['through'];
  readonly into: Fastening['into'];
  /** What is pencilled on the piece that is drilled; empty for a bracket or a wall. */
  readonly label: string;
  readonly screw: Screw;
  /** Passes, lining and bite: they add up to the screw. */
  readonly length: Figure;
  readonly biteMm: number;
  readonly liningMm: number;
  readonly passMm: number;
  readonly sizes: HoleSizes;
  /** The hole in the wall for each plug; null where none is needed. */
  readonly plug: PlugHole | null;
  readonly holes: readonly Hole[];
  readonly carries: string | null;
  readonly leverMm: number;
  /** Its heads are on the underside of a board. */
  readonly heads?: 'below';
  /** It is drilled through its edge: across is over its thickness. */
  readonly edge?: true;
  /** It goes into the side of a case or an upright beside its bay, or through that from behind. */
  readonly atFace?: 'into' | 'through';
}
