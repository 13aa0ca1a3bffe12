import type { BodyPiece } from './bodyIs';
import type { Across, PartRole } from '../system';
import { lieOfPart } from './lies';
import type { Stander } from './screws';
import type { Placed } from './solid';

/** A space between two shelves, or between a shelf and what closes its bay. Millimetres. */
export interface SpaceBetween {
  /** Numbers of the shelves; null at the end of a bay. */
  readonly below: number | null;
  readonly above: number | null;
  /** Where the bay ends below and above, where no board does. */
  readonly fromMm: number;
  readonly toMm: number | null;
  /** From side to side of the bay. */
  readonly across: Across;
}

/** How far something hangs below the boards above a space: what, and by how much. */
export interface Hanging {
  readonly role: PartRole;
  readonly byMm: number;
}

/** Clear height of a space between its boards, and what hangs into it behind and in front. Millimetres. */
export interface ClearSpace {
  readonly clearMm: number;
  readonly behind: Hanging | null;
  readonly inFront: Hanging | null;
}

/** Where across a shelf what hangs is looked for: what runs out from the back hangs at few of them. */
const SHARES = [0.3, 0.4, 0.5, 0.6, 0.7];
/** What hangs by less is no matter to a hand, millimetres. */
const NO_MATTER_MM = 0.3;

interface Lying extends Pick<BodyPiece, 'id' | 'shelf' | 'role'> {
  readonly flat: boolean;
  readonly placed: Placed;
}

/** Boards that end a bay: of a case, of a box. */
const ENDS: ReadonlySet<PartRole> = new Set(['case-bottom', 'case-top', 'box-end']);

/**
 * Reads clear spaces off the solids: from the top of what lies below, up to boards and to what hangs from them.
 * @param pieces of the body
 * @param standing where each of them stands
 * @returns heights of a space; null where a shelf that bounds it has no board
 */
export function clearSpacesOf(
  pieces: readonly BodyPiece[],
  standing: ReadonlyMap<string, Stander>,
): (space: SpaceBetween) => ClearSpace | null {
  const lying = pieces.flatMap((piece): Lying[] => {
    const [lie, at] = [lieOfPart(piece), standing.get(piece.id)];
    return at && (lie === 'flat' || lie === 'on-edge') ? [{ ...piece, flat: lie === 'flat', placed: at.placed }] : [];
  });
  return (space) => {
    const ends = lying.filter((one) => ENDS.has(one.role) && isOver(one, space.across));
    const of = (shelf: number) => lying.filter((one) => one.shelf === shelf && !ENDS.has(one.role));
    const fromMm = space.below === null ? bottomOf(ends, space) : topOf(of(space.below));
    if (fromMm === null) return null;
    if (space.above !== null) return under(of(space.above), fromMm);
    const toMm = Math.min(...ends.map(undersideOf).filter((mm) => mm > fromMm), space.toMm ?? Infinity);
    return Number.isFinite(toMm) ? { clearMm: toMm - fromMm, behind: null, inFront: null } : null;
  };
}

/** Whether a piece lies across some of the middle of a bay. */
function isOver({ placed: { bounds } }: Lying, { fromMm, toMm }: Across): boolean {
  const [least, most] = [SHARES[0] as number, SHARES.at(-1) as number].map((share) => fromMm + share * (toMm - fromMm));
  return bounds.least[0] < (most as number) && bounds.most[0] > (least as number);
}

const undersideOf = ({ placed }: Lying): number => placed.bounds.least[2];
const upperOf = ({ placed }: Lying): number => placed.bounds.most[2];

/** The top of what boards end a bay below; where it begins, where there are none. */
const bottomOf = (ends: readonly Lying[], { fromMm }: SpaceBetween): number =>
  ends.length > 1 ? Math.min(...ends.map(upperOf)) : fromMm;

function topOf(own: readonly Lying[]): number | null {
  const boards = own.filter(({ flat }) => flat);
  return boards.length > 0 ? Math.max(...boards.map(upperOf)) : null;
}

/** The space from so far up to the boards of a shelf, and what hangs from them. */
function under(own: readonly Lying[], fromMm: number): ClearSpace | null {
  const boards = own.filter(({ flat }) => flat);
  if (boards.length === 0) return null;
  const undersideMm = Math.min(...boards.map(undersideOf));
  const [across, out] = ([0, 1] as const).map((axis) => ({
    fromMm: Math.min(...boards.map(({ placed }) => placed.bounds.least[axis])),
    toMm: Math.max(...boards.map(({ placed }) => placed.bounds.most[axis])),
  })) as [Across, Across];
  const middle = (out.fromMm + out.toMm) / 2;
  const isInFront = ({ placed: { bounds } }: Lying) => (bounds.least[1] + bounds.most[1]) / 2 > middle;
  const hanging = own.filter((one) => !one.flat && undersideOf(one) < undersideMm - NO_MATTER_MM);
  const least = (side: readonly Lying[]): Hanging | null => {
    const lowest = SHARES.map((share) => {
      const x = across.fromMm + share * (across.toMm - across.fromMm);
      const there = side.filter(({ placed: { bounds } }) => bounds.least[0] < x && bounds.most[0] > x);
      return there.reduce<Lying | null>((low, one) => (low && undersideOf(low) < undersideOf(one) ? low : one), null);
    });
    // Beside something that does not run along, a hand goes in.
    if (lowest.some((one) => one === null)) return null;
    const highest = (lowest as Lying[]).reduce((high, one) => (undersideOf(one) > undersideOf(high) ? one : high));
    return { role: highest.role, byMm: undersideMm - undersideOf(highest) };
  };
  return {
    clearMm: undersideMm - fromMm,
    behind: least(hanging.filter((one) => !isInFront(one))),
    inFront: least(hanging.filter(isInFront)),
  };
}
