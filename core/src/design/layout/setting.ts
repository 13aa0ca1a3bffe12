import type { Figure } from '../../base/figure';
import type { DesignJob } from '../../job';
import type { Opening } from '../../place/opening';
import type { Problem } from '../../base/problem';
import type { Bottom, Held } from './bounds';
import type { Contents } from './contents/contentsIs';
import type { Blocked, Under } from './keepClear';

export interface LayoutInput {
  readonly job: DesignJob;
  readonly opening: Opening;
  /** What a shelf takes up below its board. */
  readonly under: Under;
  /** The number of the lowest shelf; 1 if absent. */
  readonly first?: number;
  /** The room inside the case the shelves are in, by what the case stands in; left away where there is none. */
  readonly inside?: (outer: Space) => Inside | null;
  /** Length that posts or uprights take at each end of the shelves, millimetres; 0 if absent. */
  readonly besideMm?: number;
  /** Depth things stand on, of a shelf by its number; 0 is the bottom boundary. That of all where left away. */
  readonly depthOf?: (shelf: number) => number;
}

/** Where a space begins and ends above the floor mark, millimetres; the end null while it is not known. */
export interface Space {
  readonly fromMm: number;
  readonly toMm: number | null;
}

/**
 * The room inside a case: between its bottom and its top, and between its sides. Millimetres in the opening's frame.
 */
export interface Inside {
  readonly bottom: Figure;
  /** Null while the top of the space is not known. */
  readonly top: Figure | null;
  readonly across: { readonly fromMm: number; readonly toMm: number };
}

/** What every way of deciding heights goes by. */
export interface Setting {
  readonly input: LayoutInput;
  readonly bottom: Bottom;
  readonly top: Figure | null;
  /** The room inside the case the shelves are in; null where they run from wall to wall. */
  readonly inside: Inside | null;
  /** How much of the space above the top is taken up by the top of a case, millimetres. */
  readonly overTopMm: number;
  readonly held: readonly Held[];
  readonly blocked: readonly Blocked[];
}

/** A shelf before they are numbered. */
export interface Top {
  readonly top: Figure;
  readonly held: Held['held'] | null;
  readonly id: string | null;
}

/** What a way of deciding heights comes to. */
export interface Laid {
  readonly shelves: readonly Top[];
  readonly problems: readonly Problem[];
  /** What stands where, from the way that decides both at once. */
  readonly contents?: Contents;
}
