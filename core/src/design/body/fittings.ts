import type { Hardware } from '../system';
import { frameIn, plainSolid } from './lie';
import type { Stand } from './stand';
import type { Cut, Frame, Solid } from './solid';
import { times, unit } from './vector';
import { alongLine, alongSide, type LikelyWalls } from '../../place/opening';

/** A bought bracket is of plate so thick, a socket of so much behind its rod. Millimetres. */
const PLATE_MM = 3;
const SOCKET_PLATE_MM = 5;

/** The solid of a bought bracket: a leg on the wall and an arm under the board. */
export function bracketSolid({ place, across }: Hardware, stand: Stand): Solid {
  const wide = across.toMm - across.fromMm;
  const [arm, leg] = [place.outTo - place.outFrom, place.upTo - place.upFrom];
  const frame = frameIn(stand, [across.fromMm, place.outFrom, place.upFrom], 'up-facing');
  const between: Cut = {
    kind: 'notch',
    axis: 'across',
    fromMm: 0,
    toMm: wide,
    // Along it, and through it: below the arm and in front of the leg.
    outline: [
      [0, PLATE_MM],
      [leg - PLATE_MM, PLATE_MM],
      [leg - PLATE_MM, arm],
      [0, arm],
    ],
  };
  return { ...plainSolid(frame, [leg, wide, arm]), cuts: [between] };
}

/** The solid of a rod's socket on its side wall: a plate, and a cup the rod's end lies in. */
export function socketSolid({ place, across, id }: Hardware, rodMm: number, opening: LikelyWalls): Solid {
  const side = id.endsWith('left') ? 'left' : 'right';
  const wall = alongSide(opening, side, { from: place.outFrom, to: place.outTo }, [place.upFrom, place.upTo]);
  const inward = side === 'left' ? 1 : -1;
  const [high, deep, thick] = [place.upTo - place.upFrom, place.outTo - place.outFrom, across.toMm - across.fromMm];
  const frame: Frame = {
    origin: [alongLine(wall, place.outFrom), place.outFrom, place.upFrom],
    along: [0, 0, 1],
    across: unit([wall.slope, 1, 0]),
    through: times(unit([1, -wall.slope, 0]), inward),
  };
  const [low, near] = [(high - rodMm) / 2, (deep - rodMm) / 2];
  // Open above, so that the rod is laid in from there.
  const cup: Cut = {
    kind: 'housing',
    axis: 'through',
    fromMm: SOCKET_PLATE_MM,
    toMm: thick,
    outline: [
      [low, near],
      [high, near],
      [high, near + rodMm],
      [low, near + rodMm],
    ],
  };
  return { ...plainSolid(frame, [high, deep, thick]), cuts: [cup] };
}
