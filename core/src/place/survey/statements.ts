import type { Reading, SurfaceName } from '../../job';
import { acrossAt, nominalOf, outAt, type Extent } from '../kinds';
import { instrumentOf, signedValue, usualSd, type Spot, type SpotOf } from '../reading';
import {
  at as position,
  minus,
  overChord,
  sum,
  times,
  type FieldName,
  type Functional,
  type Point,
} from './functional';

/** Where surfaces are held to be at present: the position of one at a point, millimetres. */
export type Where = (surface: FieldName, s: number, z: number) => number;

/**
 * What a kind of reading says of the walls. A linear one is a functional and a constant; the others are a function
 * of the positions of a few points, linearised where the walls are held to be.
 */
export type Statement =
  | { readonly kind: 'linear'; readonly terms: Functional; readonly plus: number }
  | {
      readonly kind: 'curved';
      /** Its points, which may themselves lie where other walls are. */
      readonly points: (where: Where) => readonly Point[];
      /** The reading from the positions of its points, in the reading's own unit. */
      readonly value: (positions: readonly number[]) => number;
    };

/** An unknown that only this reading has. */
export interface Aux {
  readonly name: FieldName;
  readonly meanMm: number;
  readonly sdMm: number;
}

export interface Stated {
  readonly statements: readonly Statement[];
  readonly aux: readonly Aux[];
}

/** What statements are made in. */
export interface Setting {
  readonly extent: Extent;
  /** Height of the level line above the floor mark, millimetres. */
  readonly levelLineUpMm: number;
}

const DEGREES = 180 / Math.PI;
// The legs of a bevel or gauge on the two walls, millimetres.
const BEVEL_MM = 250;

const linear = (terms: Functional, plus = 0): Statement => ({ kind: 'linear', terms, plus });

/** What reading a spot says of the walls. `name` tells its own unknowns from other readings'. */
export function statementsAt(spot: Spot, name: string, setting: Setting): Stated {
  const only = (...statements: Statement[]): Stated => ({ statements, aux: [] });
  const { extent } = setting;
  switch (spot.kind) {
    case 'width':
      return only(widthAt(outAt(spot.at, extent), spot.upMm));
    case 'depth': {
      const x = acrossAt(spot.side, extent);
      return only(linear(minus(position('front', x, spot.upMm), position('back', x, spot.upMm))));
    }
    case 'height': {
      const [x, y] = [acrossAt(spot.side, extent), outAt(spot.at, extent)];
      return only(linear(minus(position('ceiling', x, y), position('floor', x, y))));
    }
    case 'corner':
      return only(cornerStatement(spot.corner, spot.upMm, BEVEL_MM, (out) => 90 + out * DEGREES));
    case 'square':
      return only(cornerStatement(spot.corner, spot.upMm, spot.bladeMm, (out) => spot.bladeMm * Math.tan(out)));
    case 'plumb': {
      const point = onWall(spot.wall, spot, extent);
      return only(linear(times(OUTWARD[spot.wall], minus(point(spot.upMm + spot.overMm), point(spot.upMm)))));
    }
    case 'level':
      return only(linear(levelTerms(spot, extent)));
    case 'straightedge':
      return only(linear(times(OUTWARD[spot.wall], straightedgeTerms(spot, extent))));
    case 'offset':
      return only(linear(times(OUTWARD[spot.wall], offsetTerms(spot, extent))));
    case 'diagonal':
      return only(planDiagonal(spot, extent));
    case 'face':
      return only(faceDiagonal(spot, extent));
    case 'triangle':
      return triangle(spot, name);
    case 'line': {
      const floor = position('floor', acrossAt(spot.side, extent), outAt(spot.at, extent));
      return only(linear(times(-1, floor), setting.levelLineUpMm));
    }
  }
}

/**
 * What a reading said, for each of its statements: a tape triangle says two things, every other reading one.
 * @returns millimetres, or degrees for a corner; signed as in `signedValue`
 */
export function saidBy(reading: Reading): number[] {
  return reading.kind === 'triangle' ? [reading.value.mm, reading.other.mm] : [signedValue(reading)];
}

/**
 * The standard deviation of a reading: its own, or the usual one of its instrument.
 * @returns millimetres, or degrees for a corner
 */
export const sdOf = (reading: Reading): number => reading.sd ?? usualSd(reading.kind, instrumentOf(reading));

/** Surfaces a spot speaks of. */
export function surfacesOf(spot: Spot, setting: Setting): SurfaceName[] {
  const at = nominalOf(setting.extent);
  const nominal: Where = (surface) => at[surface as SurfaceName] ?? 0;
  const names = statementsAt(spot, '', setting).statements.flatMap((statement) =>
    (statement.kind === 'linear' ? statement.terms : statement.points(nominal)).map((point) => point.surface),
  );
  return [...new Set(names)].filter((name): name is SurfaceName => !name.startsWith('aux:'));
}

/** The direction away from the room, along each wall's own coordinate. */
const OUTWARD = { left: -1, right: 1, back: -1 } as const;

function widthAt(y: number, z: number): Statement {
  return linear(minus(position('right', y, z), position('left', y, z)));
}

/** A point of a wall at a height, the other coordinate being the spot's. */
function onWall(wall: 'left' | 'right' | 'back', spot: SpotOf<'plumb' | 'straightedge'>, extent: Extent) {
  const s = wall === 'back' ? acrossAt(spot.side, extent) : outAt(spot.at, extent);
  return (up: number) => position(wall, s, up);
}

function levelTerms(spot: SpotOf<'level'>, extent: Extent): Functional {
  const half = spot.overMm / 2;
  const mid = (extent.left + extent.right) / 2;
  if (spot.along === 'across') {
    const y = outAt(spot.at, extent);
    return minus(position(spot.of, mid + half, y), position(spot.of, mid - half, y));
  }
  const x = acrossAt(spot.side, extent);
  return minus(position(spot.of, x, extent.depth / 2 + half), position(spot.of, x, extent.depth / 2 - half));
}

function straightedgeTerms(spot: SpotOf<'straightedge'>, extent: Extent): Functional {
  const half = spot.overMm / 2;
  if (spot.run === 'upright') {
    const point = onWall(spot.wall, spot, extent);
    return overChord(point(spot.upMm - half), point(spot.upMm), point(spot.upMm + half));
  }
  const mid = spot.wall === 'back' ? (extent.left + extent.right) / 2 : extent.depth / 2;
  const point = (s: number) => position(spot.wall, s, spot.upMm);
  return overChord(point(mid - half), point(mid), point(mid + half));
}

/** A point of a wall less the straight line between two others of it. */
function offsetTerms({ wall, upMm, startMm, endMm, onMm }: SpotOf<'offset'>, { left }: Extent): Functional {
  const from = wall === 'back' ? left : 0;
  const point = (mm: number) => position(wall, from + mm, upMm);
  const share = endMm === startMm ? 0 : (onMm - startMm) / (endMm - startMm);
  return sum(point(onMm), times(share - 1, point(startMm)), times(-share, point(endMm)));
}

/**
 * A corner by the chords of its two walls over a blade: interior angle less 90°, in radians, given to `from` for
 * the reading's own unit. Left: -(slope of the side) - (slope of the back); right: both positive.
 */
function cornerStatement(
  side: 'left' | 'right',
  up: number,
  blade: number,
  from: (opens: number) => number,
): Statement {
  const inward = side === 'left' ? 1 : -1;
  return {
    kind: 'curved',
    points: (where) => {
      const x = where(side, 0, up);
      return [
        { surface: side, s: 0, z: up },
        { surface: side, s: blade, z: up },
        { surface: 'back', s: x, z: up },
        { surface: 'back', s: x + inward * blade, z: up },
      ];
    },
    value: ([heel = 0, tip = 0, near = 0, far = 0]) =>
      from(-inward * Math.atan2(tip - heel, blade) - Math.atan2(far - near, blade)),
  };
}

/** Distance on the level from a front corner to the back corner across. */
function planDiagonal({ from, upMm: z }: SpotOf<'diagonal'>, { depth }: Extent): Statement {
  const to = from === 'left' ? 'right' : 'left';
  return {
    kind: 'curved',
    points: (where) => {
      const [start, end] = [where(from, depth, z), where(to, 0, z)];
      return [
        { surface: from, s: where('front', start, z), z },
        { surface: 'front', s: start, z },
        { surface: to, s: where('back', end, z), z },
        { surface: 'back', s: end, z },
      ];
    },
    value: ([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => Math.hypot(x2 - x1, y2 - y1),
  };
}

/** Distance from a foot to the head across, in one upright plane. */
function faceDiagonal({ from, at }: SpotOf<'face'>, extent: Extent): Statement {
  const to = from === 'left' ? 'right' : 'left';
  const y = outAt(at, extent);
  return {
    kind: 'curved',
    points: (where) => {
      const [start, end] = [where(from, y, 0), where(to, y, extent.height)];
      return [
        { surface: from, s: y, z: where('floor', start, y) },
        { surface: 'floor', s: start, z: y },
        { surface: to, s: y, z: where('ceiling', end, y) },
        { surface: 'ceiling', s: end, z: y },
      ];
    },
    value: ([x1 = 0, z1 = 0, x2 = 0, z2 = 0]) => Math.hypot(x2 - x1, z2 - z1),
  };
}

// How well one marks "about so far out" without measuring it.
const ABOUT_MM = 60;

/** Two distances to one point of a side wall; how far out it lies is an unknown of the reading's own. */
function triangle({ corner, upMm: z, firstMm, secondMm, outMm }: SpotOf<'triangle'>, name: string): Stated {
  const out: FieldName = `aux:${name}`;
  const inward = corner === 'left' ? 1 : -1;
  const leg = (fromCorner: number): Statement => ({
    kind: 'curved',
    points: (where) => {
      const mark = where(corner, 0, z) + inward * fromCorner;
      return [
        { surface: corner, s: 0, z },
        { surface: corner, s: where(out, 0, 0), z },
        { surface: 'back', s: mark, z },
        { surface: out, s: 0, z: 0 },
      ];
    },
    value: ([heel = 0, x = 0, back = 0, y = 0]) => Math.hypot(x - (heel + inward * fromCorner), y - back),
  });
  return { statements: [leg(firstMm), leg(secondMm)], aux: [{ name: out, meanMm: outMm, sdMm: ABOUT_MM }] };
}
