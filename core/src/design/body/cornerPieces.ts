import { sideRailBegins, type CornerFit, type Part } from '../fit';
import { plainSolid } from './lie';
import { lieOfPart } from './lies';
import type { FacePoint, Frame, Solid } from './solid';
import { add, times, unit, type Vector } from './vector';
import { alongBack, alongLine, alongSide, type LikelyWalls } from '../../place/opening';

/** Where a corner is at the height of a shelf, and which way its two walls run from it. */
interface CornerAt {
  readonly home: Vector;
  /** To the right along the back. */
  readonly back: Vector;
  /** Out along the side wall. */
  readonly side: Vector;
}

function cornerAt(fit: CornerFit, part: Part, opening: LikelyWalls): CornerAt {
  const mirror = fit.side === 'left' ? 1 : -1;
  const ups = [part.place.upFrom, part.place.upTo];
  const [near, far] = [0, mirror * fit.backMm];
  const back = alongBack(opening, { from: Math.min(near, far), to: Math.max(near, far) }, ups);
  const side = alongSide(opening, fit.side, { from: 0, to: fit.sideMm }, ups);
  const x = (side.at + side.slope * back.at) / (1 - side.slope * back.slope);
  return {
    home: [x, alongLine(back, x), part.place.upFrom],
    back: unit([1, back.slope, 0]),
    side: unit([side.slope, 1, 0]),
  };
}

/** The solid of a corner shelf, or of a stick along one of its two walls. */
export function cornerSolid(part: Part, fit: CornerFit, opening: LikelyWalls): Solid {
  const { home, back, side } = cornerAt(fit, part, opening);
  const forward: Vector = [-back[1], back[0], 0];
  const mirror = fit.side === 'left' ? 1 : -1;
  const long = part.length.mm;
  if (part.corner) {
    const xs = fit.outline.map(([x]) => x);
    const ys = fit.outline.map(([, y]) => y);
    const [least, lowest] = [Math.min(...xs), Math.min(...ys)];
    const frame: Frame = {
      origin: add(home, add(times(back, least), times(forward, lowest))),
      along: back,
      across: forward,
      through: [0, 0, 1],
    };
    const sizes = [Math.max(...xs) - least, Math.max(...ys) - lowest, part.thicknessMm] as const;
    const outline = fit.outline.map(([x, y]): FacePoint => [x - least, y - lowest]);
    return { ...plainSolid(frame, sizes), outline };
  }
  const sizes = [long, part.width.mm, part.thicknessMm] as const;
  if (lieOfPart(part) === 'on-edge') {
    const origin = mirror > 0 ? home : add(home, times(back, -long));
    return plainSolid({ origin, along: back, across: [0, 0, 1], through: forward }, sizes);
  }
  const begins = sideRailBegins(fit.cutDegrees, fit.rails.thicknessMm);
  const inward: Vector = times([side[1], -side[0], 0], mirror);
  return plainSolid({ origin: add(home, times(side, begins)), along: side, across: [0, 0, 1], through: inward }, sizes);
}
