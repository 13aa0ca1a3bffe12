import type { Part } from '../fit';
import { jointOf } from '../system';
import { lieOfPart, type Lie } from './lies';
import { squareAt, type EndPlane, type FacePoint, type Frame, type Solid } from './solid';
import { inUnit, turnedIn, type Stand } from './stand';
import { add, times, unit, type Vector } from './vector';
import { alongLine, alongSide, upSide, type LikelyWalls } from '../../place/opening';

/** Three directions in the frame of a unit: of the length, the width and the thickness. */
const DIRECTIONS: Readonly<Record<Lie, readonly [Vector, Vector, Vector]>> = {
  flat: [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ],
  'on-edge': [
    [1, 0, 0],
    [0, 0, 1],
    [0, 1, 0],
  ],
  'out-on-edge': [
    [0, 1, 0],
    [0, 0, 1],
    [1, 0, 0],
  ],
  'out-flat': [
    [0, 1, 0],
    [1, 0, 0],
    [0, 0, 1],
  ],
  'up-sideways': [
    [0, 0, 1],
    [0, 1, 0],
    [1, 0, 0],
  ],
  'up-facing': [
    [0, 0, 1],
    [1, 0, 0],
    [0, 1, 0],
  ],
};

/** A frame in a unit, from its origin and how it lies. */
export function frameIn(stand: Stand, origin: Vector, lie: Lie): Frame {
  const [along, across, through] = DIRECTIONS[lie].map((direction) => turnedIn(stand, direction)) as [
    Vector,
    Vector,
    Vector,
  ];
  return { origin: inUnit(stand, origin), along, across, through };
}

const RADIANS = Math.PI / 180;

/** A solid with square ends and nothing cut into it. */
export function plainSolid(frame: Frame, [lengthMm, widthMm, thicknessMm]: readonly [number, number, number]): Solid {
  return {
    frame,
    lengthMm,
    widthMm,
    thicknessMm,
    ends: { start: squareAt(0), finish: squareAt(lengthMm) },
    outline: null,
    cuts: [],
  };
}

/** The solid of a piece where it lies, without what is cut into its faces. */
export function solidOfPart(part: Part, stand: Stand, opening: LikelyWalls): Solid {
  if (part.tiltDegrees) return tiltedSolid(part, part.tiltDegrees * RADIANS, stand, opening);
  if (part.fit) return fittedSolid(part, part.fit, stand);
  if (part.role === 'bracket-brace') return braceSolid(part, stand);
  if (part.role === 'side-cleat-left' || part.role === 'side-cleat-right') return besideSolid(part, stand, opening);
  if (part.role === 'post-left' || part.role === 'post-right')
    return part.plumb ? plumbPost(part, stand) : postSolid(part, opening);
  return squareSolid(part, stand, opening);
}

/** A piece that stands square in its unit: in the middle of where it is put, or from its left end. */
function squareSolid(part: Part, stand: Stand, opening: LikelyWalls): Solid {
  const { place, across, width, thicknessMm } = part;
  const long = part.length.mm;
  const lie = lieOfPart(part);
  const sizes = [long, width.mm, thicknessMm] as const;
  const wide = DIRECTIONS[lie].reduce((sum, direction, k) => sum + direction[0] * (sizes[k] as number), 0);
  const from = across ? (across.fromMm + across.toMm - wide) / 2 : opening.extent.left;
  const solid = plainSolid(frameIn(stand, [from, place.outFrom, place.upFrom], lie), sizes);
  return part.role === 'closet-rod' ? { ...solid, section: 'round' } : solid;
}

/** A piece fitted between two walls: its ends as they are cut, or its outline where they follow a wall. */
function fittedSolid(part: Part, fit: NonNullable<Part['fit']>, stand: Stand): Solid {
  const { place, thicknessMm } = part;
  const lie = lieOfPart(part);
  const widthMm = lie === 'flat' ? place.outTo - place.outFrom : place.upTo - place.upFrom;
  const xs = fit.outline.map(([x]) => x);
  const [least, most] = [Math.min(...xs), Math.max(...xs)];
  const lowest = Math.min(0, ...fit.outline.map(([, y]) => y));
  // Where it begins is told in the frame of the opening, at its own depth.
  const across = fit.seat.acrossMm + stand.slope * place.outFrom + least;
  const out = place.outFrom + (lie === 'flat' ? lowest : 0);
  const frame = frameIn(stand, [across, out, place.upFrom], lie);
  const lengthMm = most - least;
  const solid = plainSolid(frame, [lengthMm, widthMm - lowest, thicknessMm]);
  const { left, right } = fit;
  if (left.style === 'scribed' || right.style === 'scribed' || fit.back?.style === 'scribed') {
    return { ...solid, outline: fit.outline.map(([x, y]): FacePoint => [x - least, y - lowest]) };
  }
  const tilt = (degrees: number) => Math.tan(degrees * RADIANS);
  const start: EndPlane = {
    atMm: -least + tilt(left.bevelDegrees) * thicknessMm,
    acrossSlope: -left.outMm / widthMm,
    throughSlope: -tilt(left.bevelDegrees),
  };
  const finish: EndPlane = {
    atMm: fit.backMm - least - tilt(right.bevelDegrees) * thicknessMm,
    acrossSlope: right.outMm / widthMm,
    throughSlope: tilt(right.bevelDegrees),
  };
  return { ...solid, ends: { start, finish }, ...(part.role === 'closet-rod' ? { section: 'round' } : {}) };
}

/** A stick on edge along a side wall, from the face of what lies along the back, or from the wall itself. */
function besideSolid(part: Part, stand: Stand, opening: LikelyWalls): Solid {
  const { place, thicknessMm, width } = part;
  const joint = jointOf(part, 'corner');
  const side = part.role === 'side-cleat-left' ? 'left' : 'right';
  const wall = alongSide(opening, side, { from: place.outFrom, to: place.outTo }, [place.upFrom, place.upTo]);
  const inward = side === 'left' ? 1 : -1;
  // Where its inner end is square and the corner closes, it is that on the side of the room that meets what is behind.
  const closes = joint ? 0 : Math.max(inward * (wall.slope + stand.slope), 0);
  const begins = alongLine(stand, alongLine(wall, place.outFrom)) + place.outFrom + thicknessMm * closes;
  const frame: Frame = {
    origin: [alongLine(wall, begins), begins, place.upFrom],
    along: unit([wall.slope, 1, 0]),
    across: [0, 0, 1],
    through: times(unit([1, -wall.slope, 0]), inward),
  };
  const solid = plainSolid(frame, [part.length.mm, width.mm, thicknessMm]);
  if (!joint) return solid;
  const slope = joint.outMm / thicknessMm;
  const start: EndPlane =
    joint.longer === 'room'
      ? { atMm: joint.outMm, acrossSlope: 0, throughSlope: -slope }
      : { atMm: 0, acrossSlope: 0, throughSlope: slope };
  return { ...solid, ends: { ...solid.ends, start } };
}

/** A post that follows the lean of its side wall. */
function postSolid(part: Part, opening: LikelyWalls): Solid {
  const { place, thicknessMm, width } = part;
  const side = part.role === 'post-left' ? 'left' : 'right';
  const wall = upSide(opening, side, { from: place.upFrom, to: place.upTo }, [place.outFrom, place.outTo]);
  const inward = side === 'left' ? 1 : -1;
  const through = times(unit([1, 0, -wall.slope]), inward);
  // Heights are marked on the face that is turned to the shelves.
  const foot = place.upFrom - thicknessMm * through[2];
  const frame: Frame = {
    origin: [alongLine(wall, foot), place.outFrom, foot],
    along: unit([wall.slope, 0, 1]),
    across: [0, 1, 0],
    through,
  };
  return plainSolid(frame, [part.length.mm, width.mm, thicknessMm]);
}

/** A post that stands plumb, before its wall. */
function plumbPost(part: Part, stand: Stand): Solid {
  const { place, across, thicknessMm, width, length } = part;
  const left = part.role === 'post-left';
  const frame: Frame = {
    origin: inUnit(stand, [(left ? across?.fromMm : across?.toMm) ?? 0, place.outFrom, place.upFrom]),
    along: [0, 0, 1],
    across: turnedIn(stand, [0, 1, 0]),
    through: turnedIn(stand, [left ? 1 : -1, 0, 0]),
  };
  return plainSolid(frame, [length.mm, width.mm, thicknessMm]);
}

/** A brace from the upright, where its outer edge begins, to the arm. */
function braceSolid(part: Part, stand: Stand): Solid {
  const { place, across, thicknessMm, width } = part;
  const joint = jointOf(part, 'braced');
  const [out, up] = [place.outTo - place.outFrom, place.upTo - place.upFrom];
  const slope = Math.atan2(up, out);
  const frame: Frame = {
    origin: inUnit(stand, [across?.fromMm ?? 0, place.outFrom, place.upFrom]),
    along: turnedIn(stand, [0, Math.cos(slope), Math.sin(slope)]),
    across: turnedIn(stand, [1, 0, 0]),
    through: turnedIn(stand, [0, -Math.sin(slope), Math.cos(slope)]),
  };
  const solid = plainSolid(frame, [part.length.mm, width.mm, thicknessMm]);
  if (!joint) return solid;
  const cut = (degrees: number) => Math.tan(degrees * RADIANS);
  return {
    ...solid,
    ends: {
      start: { atMm: 0, acrossSlope: 0, throughSlope: cut(joint.otherDegrees) },
      finish: { atMm: part.length.mm, acrossSlope: 0, throughSlope: -cut(joint.degrees) },
    },
  };
}

/** A tilted board, the strip before it, and the cleats it lies on: all turned down to the front by the same angle. */
function tiltedSolid(part: Part, turn: number, stand: Stand, opening: LikelyWalls): Solid {
  const { place, thicknessMm, width } = part;
  const down: Vector = [0, Math.cos(turn), -Math.sin(turn)];
  const up: Vector = [0, Math.sin(turn), Math.cos(turn)];
  const sizes = [part.length.mm, width.mm, thicknessMm] as const;
  if (part.role === 'tilted-board' || part.role === 'stop-strip') {
    const flat = part.fit ? fittedSolid(part, part.fit, stand) : squareSolid(part, stand, opening);
    const from = flat.frame.origin[0];
    const strip = part.role === 'stop-strip';
    const frame: Frame = {
      origin: inUnit(stand, [from, place.outFrom, strip ? place.upFrom : place.upTo - thicknessMm * Math.cos(turn)]),
      along: turnedIn(stand, [1, 0, 0]),
      across: turnedIn(stand, strip ? up : down),
      through: turnedIn(stand, strip ? down : up),
    };
    return { ...plainSolid(frame, [flat.lengthMm, width.mm, thicknessMm]), ends: flat.ends };
  }
  const side = part.role === 'side-cleat-left' ? 'left' : 'right';
  const wall = alongSide(opening, side, { from: place.outFrom, to: place.outTo }, [place.upFrom, place.upTo]);
  const inward = side === 'left' ? 1 : -1;
  const begins = alongLine(stand, alongLine(wall, 0)) + place.outFrom;
  const upper: Vector = [alongLine(wall, begins), begins, place.upTo];
  const frame: Frame = {
    origin: add(upper, times(up, -width.mm)),
    along: unit([wall.slope * Math.cos(turn), down[1], down[2]]),
    across: up,
    through: [inward, 0, 0],
  };
  return plainSolid(frame, sizes);
}
