import type { BodyFitting, BodyPiece, Solid } from '../../design/body';
import { outerCorners } from '../../design/body/corners';
import { pointOf } from '../../design/body/frame';
import { hullOf } from './hull';
import { roleOfPart } from './pieces';
import type { Point, Role } from './scene';

/** What is built of one shelf, as solids in the opening. */
export interface BuiltShelf {
  readonly pieces: readonly BodyPiece[];
  readonly fittings: readonly BodyFitting[];
}

/** A piece as it is seen: from the front across and up, from the side out and up. Millimetres. */
export interface Seen {
  readonly role: Role;
  readonly points: readonly Point[];
}

/** Back to front: what carries, then boards, then what hides them. */
const ORDER: readonly Role[] = ['trim', 'cleat', 'bracket', 'board', 'nosing'];

/**
 * The solids of a shelf as they are seen from one side, those in front last; pieces that lie one behind another alike
 * are drawn once.
 * @param fromMm below this height nothing is drawn
 * @param toMm nor above this
 */
export function shelfSeen(
  { pieces, fittings }: BuiltShelf,
  from: 'front' | 'side',
  [fromMm, toMm]: readonly [number, number] = [-Infinity, Infinity],
): Seen[] {
  const across = from === 'front' ? 0 : 1;
  const cropped = (z: number) => Math.min(Math.max(z, fromMm), toMm);
  // The right end of a shelf lies behind its left one.
  const shown = from === 'front' ? pieces : pieces.filter(({ id }) => !id.endsWith('-right'));
  const seen = [
    ...shown.map((piece): Seen => ({
      role: roleOfPart(piece),
      points: hullOf(outerCorners(piece.solid).map((at): Point => [at[across], cropped(at[2])])),
    })),
    ...fittings
      .filter(({ what }) => what === 'bracket')
      .map(({ solid }): Seen => {
        const at = from === 'front' ? outerCorners(solid) : bracketProfile(solid);
        const points = at.map((corner): Point => [corner[across], cropped(corner[2])]);
        return { role: 'bracket', points: from === 'front' ? hullOf(points) : points };
      }),
  ].filter(({ points }) => points.length > 2);
  const once = seen.filter((one, i) => !seen.slice(0, i).some((other) => alike(one, other)));
  return ORDER.flatMap((role) => once.filter((one) => one.role === role));
}

/** Outlines that differ by less look the same, millimetres. */
const ALIKE_MM = 1;

const alike = (one: Seen, other: Seen): boolean =>
  one.role === other.role &&
  one.points.length === other.points.length &&
  one.points.every(([x, y], i) => {
    const [ox, oy] = other.points[i] as Point;
    return Math.max(Math.abs(x - ox), Math.abs(y - oy)) < ALIKE_MM;
  });

/** A bracket from the side: what its notch leaves of its leg and its arm. */
function bracketProfile({ frame, lengthMm, thicknessMm, cuts }: Solid) {
  const [low, corner, front] = cuts[0]?.outline ?? [];
  const profile: readonly (readonly [number, number])[] =
    low && corner && front
      ? [[0, 0], [lengthMm, 0], [lengthMm, thicknessMm], front, corner, low]
      : [
          [0, 0],
          [lengthMm, 0],
          [lengthMm, thicknessMm],
          [0, thicknessMm],
        ];
  return profile.map(([along, through]) => pointOf(frame, [along, 0, through]));
}
