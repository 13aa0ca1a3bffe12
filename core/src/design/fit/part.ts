import type { Figure } from '../../base/figure';
import type { Problem } from '../../base/problem';
import type { Job } from '../../job';
import type { Opening } from '../../place/opening';
import type { Joint, PartSpec } from '../system';
import type { CornerFit } from './corner';
import type { OutlinePoint } from './outline';
import type { PieceFit } from './piece';
import type { Tried } from './tried';

type Wish = NonNullable<Job['further']>['holes'][number];

/** A hole through a board. Millimetres. */
export interface BoardHole {
  /** Its middle on the board's outline. */
  readonly at: OutlinePoint;
  readonly diameterMm: number;
  /** As it is marked: from which end, how far along, and how far from the back edge. */
  readonly from: Wish['from'];
  readonly alongMm: number;
  readonly backMm: number;
}

/** A piece with its length: ready to be listed and cut. */
export interface Part extends Omit<PartSpec, 'length' | 'joints'> {
  /** What it takes of the stock: long point to long point, with what is left on for scribing. */
  readonly length: Figure;
  /**
   * Its back and its front edge as they are to be at last (lower and upper, on edge); null where both are its length.
   */
  readonly edges: { readonly back: Figure; readonly front: Figure } | null;
  /** Its ends and how it goes in; null for a piece that does not run from wall to wall. */
  readonly fit: PieceFit | null;
  /** For a board that was cut and tried: how it is cut, and what to take off where it binds. */
  readonly tried: Tried | null;
  /** Its shape in a corner; null elsewhere. */
  readonly corner: CornerFit | null;
  /** How its ends meet other pieces, and what is cut into its face; none where it is plain, or follows walls. */
  readonly joints: readonly Joint[];
  /** Holes through its face, for cables; left away where there are none. */
  readonly holes?: readonly BoardHole[];
}

export interface Fitted {
  readonly parts: readonly Part[];
  readonly problems: readonly Problem[];
}

export interface FitPartsOptions {
  readonly specs: readonly PartSpec[];
  readonly opening: Opening;
  readonly job: Pick<Job, 'shelves' | 'fit' | 'tape' | 'corner' | 'place' | 'support' | 'units' | 'trials'>;
}
