import type { Place, PlaceKind, ReadingKind, SurfaceName, WallKind } from '../../job';

/** About how large a place is while nothing is known of it, millimetres. */
export interface RoughSize {
  readonly widthMm: number;
  readonly depthMm: number;
  readonly heightMm: number;
}

/**
 * A kind of place as data: which surfaces it has, what its frame hangs on, which readings make sense in it.
 * A further kind of place is a further entry; nothing else asks for the kind.
 */
export interface PlaceSpec {
  readonly kind: PlaceKind;
  /** The surfaces that exist, given what was said of the place. */
  readonly surfaces: (place: Place) => readonly SurfaceName[];
  /**
   * Which face lies in the plane y = 0 (unturned, on average): the back wall, or where there is none the front
   * line, which then lies at the nominal depth.
   */
  readonly reference: (place: Place) => 'back' | 'front';
  /** Readings that make sense here, the most telling first. */
  readonly readings: readonly ReadingKind[];
  /** What the words for floor and ceiling are here. */
  readonly levels: { readonly floor: 'floor' | 'sill'; readonly ceiling: 'ceiling' | 'head' };
  readonly rough: RoughSize;
  /** How boards lie: from wall to wall, in a corner; or not yet worked out. */
  readonly boards: 'between' | 'corner' | 'none';
  /** Whether a corner's angle is known beforehand to be nearly square. */
  readonly nearlySquare: boolean;
  /** What has to be asked of such a place, besides what every place is asked. */
  readonly asks: readonly ('side' | 'back' | 'rough' | 'mouth')[];
  /** Where the side wall may be, where that is asked. */
  readonly sides: readonly Place['side'][];
  /** Whether it takes boards on supports, or a box that is made first and set in. */
  readonly takes: 'boards' | 'box';
}

/** What one surface is made of. */
export function wallKindOf(place: Place, surface: SurfaceName): WallKind {
  return place.own[surface] ?? place.walls;
}
