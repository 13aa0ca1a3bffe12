import type { Figure } from '../../base/figure';
import type { Asked, Job, PlaceKind, ShelvesWish, SystemName } from '../../job';
import type { Gap, Inside, LaidShelf, Under, WallMark } from '../layout';
import type { Message } from '../../base/message';
import type { Band, CavityBox, Opening } from '../../place/opening';
import type { Caution, Problem } from '../../base/problem';
import type { Joint } from './joint';

export { jointOf, type Joint, type LongEdge } from './joint';

export type PartRole =
  | 'board'
  | 'rail-back'
  | 'rail-side'
  | 'rail-front'
  | 'back-cleat'
  | 'side-cleat-left'
  | 'side-cleat-right'
  | 'nosing'
  | 'stop-strip'
  | 'tilted-board'
  | 'closet-rod'
  | 'post-left'
  | 'post-right'
  | 'bracket-arm'
  | 'bracket-leg'
  | 'bracket-brace'
  | 'skin'
  | 'case-side-left'
  | 'case-side-right'
  | 'case-top'
  | 'case-bottom'
  | 'back-panel'
  | 'tip-rail'
  | 'spacer'
  | 'filler'
  | 'joist'
  | 'post'
  | 'upright'
  | 'rung'
  | 'slat'
  | 'mesh'
  | 'divider'
  | 'bay-upright'
  | 'upright-block'
  | 'box-side'
  | 'box-end'
  | 'trim';

/** What a piece stands between or goes into at both its ends, or at one: millimetres, negative where taken off. */
export interface Beside {
  readonly label: Message;
  readonly mm: number;
  readonly side?: 'left' | 'right';
}

/** How long a piece is to be: from wall to wall over its own band, as the corner gives it, or a figure of its own. */
export type LengthRule =
  | {
      readonly kind: 'between-walls';
      readonly band: Band;
      /** `flat`: its face is seen from above. `on-edge`: from the front. */
      readonly stance: 'flat' | 'on-edge';
      /** What it is short by at the least, both ends together. */
      readonly least: { label: Message; mm: number } | null;
      /** What is taken off at both ends for the pieces it stands between, and put on for the housings it goes into. */
      readonly between?: readonly Beside[];
    }
  /** The corner decides the length. `setBackMm`: how far a stick along a wall stops short of the front edge. */
  | { readonly kind: 'corner'; readonly band: Band; readonly setBackMm?: number }
  /** On edge along a side wall, from the face of the back cleat; `figure` is its length where the corner is square. */
  | { readonly kind: 'along-side'; readonly side: 'left' | 'right'; readonly band: Band; readonly figure: Figure }
  | { readonly kind: 'given'; readonly figure: Figure; readonly rounded: 'up' | 'down' };

/** In place of a shelf's number, for a piece that is of no shelf. */
export const NO_SHELF = 0;

/** A range across the opening, millimetres in its frame. */
export interface Across {
  readonly fromMm: number;
  readonly toMm: number;
}

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
  /** Where it sits across, for a piece that does not run from wall to wall. */
  readonly across?: Across;
  /**
   * It slopes down to the front by so many degrees; its length (a cleat's) or its width (a board's) runs along the
   * slope.
   */
  readonly tiltDegrees?: number;
  /** It stands upright: its length runs up, not along. */
  readonly upright?: true;
  /** It stands plumb, packed off its wall; else it follows the wall. */
  readonly plumb?: true;
  readonly length: LengthRule;
  /** Joints that are known before the opening is; square ends and a plain face where left away. */
  readonly joints?: readonly Joint[];
  /** Ids of pieces and brackets it is notched for: they are let into it as deep as they reach into it. */
  readonly notchedFor?: readonly string[];
  /** What it makes one stiff thing with, that stands as a whole; its shelf alone where left away. */
  readonly unit?: string;
}

/** A thing that is bought whole: a bracket, a rail socket. */
export interface Hardware {
  readonly id: string;
  readonly shelf: number;
  readonly what: 'bracket' | 'socket';
  readonly name: Message;
  /** What it may carry by its own rating, half of a pair's, kilograms; 0 where it carries no shelf. */
  readonly ratedKg: number;
  readonly place: Band;
  readonly across: Across;
}

/** A place across a board: in from one of its ends, or in the frame of the opening. Millimetres. */
export type AcrossPlace =
  { readonly from: 'left' | 'right'; readonly inMm: number } | { readonly from: 'opening'; readonly acrossMm: number };

/** A line a board rests on, seen from above, and the piece or bracket that is there. `out` from the back wall, mm. */
export interface RestSpec {
  readonly by: string;
  readonly from: { readonly at: AcrossPlace; readonly outMm: number };
  readonly to: { readonly at: AcrossPlace; readonly outMm: number };
}

/** How a board is held: what it rests on and what stiffens it. */
export interface Hold {
  readonly shelf: number;
  readonly board: string;
  /** A hollow board: two skins this thick that bend each for itself; what joins them at the front is a rib. */
  readonly skins?: { readonly skinMm: number };
  /** A board of slats side by side: how many, and how wide each. */
  readonly slats?: { readonly count: number; readonly widthMm: number };
  /** Sticks that carry it from post to post: each takes its share of what is on the board over its own span. */
  readonly beams?: readonly {
    readonly part: string;
    readonly spanMm: number;
    readonly heightMm: number;
    readonly thicknessMm: number;
    readonly share: number;
  }[];
  readonly rests: readonly RestSpec[];
  readonly ribs: readonly {
    readonly part: string;
    readonly heightMm: number;
    readonly thicknessMm: number;
    readonly outMm: number;
    readonly offsetMm: number;
  }[];
}

export type FixedWall = 'left' | 'back' | 'right';

/** One joint made with screws or pins: what they pass through, what they bite into, and how they are spread. */
export interface Fastening {
  readonly id: string;
  readonly shelf: number;
  /** What is drilled and where the heads are: a piece, a bracket, or a wall that is screwed through from behind. */
  readonly through:
    { readonly kind: 'piece' | 'hardware'; readonly id: string } | { readonly kind: 'wall'; readonly wall: FixedWall };
  /** For a piece: how deep there is to bite into, millimetres; null where that is more than any screw is long. */
  readonly into:
    | { readonly kind: 'wall'; readonly wall: FixedWall }
    | {
        readonly kind: 'piece';
        readonly id: string;
        readonly grain: 'side' | 'end' | 'edge';
        readonly haveMm: number | null;
      };
  readonly with: 'screw' | 'pin' | 'pocket';
  /** What is passed through before the bite, millimetres. */
  readonly passMm: number;
  readonly spread: Spread;
  /** What it carries: the line a board rests on, by what is there; null for a joint that holds but carries nothing. */
  readonly carries: string | null;
  /** Its heads are on the underside of a board; left away, where one looks at the piece. */
  readonly heads?: 'below';
  /** It is drilled through its edge: across is over its thickness. */
  readonly edge?: true;
  /** How far its screws stay clear of the right (front) end beyond what is usual, where that end is cut off. */
  readonly shortMm?: number;
  /** Heights above the floor mark that screws stay clear of, for an upright piece with something let into it. */
  readonly avoidMm?: readonly { readonly fromMm: number; readonly toMm: number }[];
  /**
   * For a bracket: by how far its screws stand apart, which takes up the load's pull. Millimetres; 0 where nothing
   * pulls.
   */
  readonly leverMm: number;
}

/**
 * Where the screws of a joint go on the piece, along it from its left (rear) end and across it from its lower (rear)
 * edge.
 */
export type Spread =
  /** At every stud it crosses, and near its ends; where there are no studs, at even distances. */
  | { readonly kind: 'along'; readonly acrossMm: readonly number[]; readonly everyMm: number; readonly least: number }
  /** In a row from back to front, so far in from one end of a board. */
  | {
      readonly kind: 'from-end';
      readonly end: 'left' | 'right';
      readonly inMm: number;
      readonly fromMm: number;
      readonly toMm: number;
      readonly everyMm: number;
      readonly least: number;
    }
  | { readonly kind: 'given'; readonly at: readonly { readonly alongMm: number; readonly acrossMm: number }[] };

export interface SystemInput<Name extends SystemName> {
  readonly wish: ShelvesWish;
  readonly asked: Asked<Name>;
  readonly job: Pick<Job, 'place' | 'tape' | 'units' | 'tools' | 'fixing' | 'corner' | 'pins'>;
  readonly opening: Opening;
  /** The shelves this system carries, lowest first. */
  readonly shelves: readonly LaidShelf[];
  /** Depth of a shelf with its nosing, millimetres. */
  readonly depthOf: (shelf: number) => number;
  readonly gaps: readonly Gap[];
  /** Where the space for shelves begins and ends, above the floor mark; the end null while it is not known. */
  readonly space: { readonly fromMm: number; readonly toMm: number | null };
  readonly levelLineUpMm: number;
  /** The box of a cavity, in which its shelves are; null elsewhere. */
  readonly box: CavityBox | null;
}

/** A unit that stands on the floor and is screwed to the wall so that it cannot tip: what decides how surely. */
export interface Standing {
  readonly heightMm: number;
  readonly depthMm: number;
  /** The joint that holds it to the wall; null where there is no wall behind it. */
  readonly fastening: string | null;
}

/** What a support system makes of laid shelves. Every system has this shape. */
export interface SystemResult {
  readonly parts: readonly PartSpec[];
  readonly hardware: readonly Hardware[];
  readonly holds: readonly Hold[];
  readonly fastenings: readonly Fastening[];
  /** Where it stands on the floor by itself. */
  readonly standing?: Standing;
  /** What is cut into both sides of a cavity's box. */
  readonly boxSides?: Joint;
  readonly marks: readonly WallMark[];
  /** How it goes together, first to last. */
  readonly order: readonly Message[];
  readonly problems: readonly Problem[];
  readonly cautions: readonly Caution[];
}

/** What speaks for and against a system at a place. */
export interface Suit {
  readonly fors: readonly Message[];
  readonly againsts: readonly Message[];
}

/** A support system: what it needs to know is in `job/supports`, everything else is here. */
export interface System<Name extends SystemName> {
  readonly name: Name;
  /** Where its parts can be worked out. */
  readonly places: readonly PlaceKind[];
  /** What all of its pieces make together, where that stands as a whole; left away where each shelf is by itself. */
  readonly unit?: string;
  /** What a shelf takes up below its board: what the heights have to leave room for. */
  readonly under: (wish: ShelvesWish, asked: Asked<Name>) => Under;
  /** The room between bottom, top and sides of a case; left away for what holds shelves between the walls. */
  readonly inside?: (input: SystemInput<Name>) => Inside;
  /** Length that its posts or uprights take at each end of a shelf, millimetres; 0 if absent. */
  readonly beside?: (input: SystemInput<Name>) => number;
  /** Depth things stand on, of a shelf by its number; that of the shelf where left away. Millimetres. */
  readonly standsOn?: (input: SystemInput<Name>, shelf: number) => number;
  readonly plan: (input: SystemInput<Name>) => SystemResult;
  readonly suit: (input: SystemInput<Name>) => Suit;
  /** What is seen of it, whether shelves come out again, and whether it wants machines. */
  readonly traits: {
    readonly seen: 'hidden' | 'little' | 'plain';
    readonly liftsOut: boolean;
    readonly wants: 'hand' | 'power';
  };
}
