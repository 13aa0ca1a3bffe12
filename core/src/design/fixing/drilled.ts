import type { Part } from '../fit';
import type { Opening } from '../../place/opening';
import type { FixedWall, Hardware } from '../system';

/** A piece or a bracket as it is drilled: how long, and where on its wall it begins. */
export interface Drilled {
  readonly label: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  /**
   * Along the wall where its length begins (where its left edge is, for an upright), and how high its lower edge is.
   */
  readonly startMm: number;
  readonly lowMm: number;
  readonly upright: boolean;
  /** How far it falls to the front, radians; its rear upper edge is at the top of its band. */
  readonly falls: number;
  readonly highMm: number;
}

/** A piece with its drilled face, against a wall or another piece. */
export function drilledPart(
  part: Part,
  wall: FixedWall | null,
  edge: boolean,
  { extent: { left, right }, surfaces }: Pick<Opening, 'extent' | 'surfaces'>,
): Drilled {
  const { place, across, upright = false, label, width, thicknessMm } = part;
  // What lies along the back of a corner on the right ends in that corner.
  const starts = part.role === 'rail-back' && !part.fit && !surfaces.includes('left') ? right - part.length.mm : left;
  const along =
    wall === 'back' || wall === null ? (across?.fromMm ?? part.fit?.seat.acrossMm ?? starts) - left : place.outFrom;
  return {
    label,
    lengthMm: part.fit?.backMm ?? part.length.mm,
    widthMm: edge ? thicknessMm : width.mm,
    startMm: along,
    lowMm: place.upFrom,
    upright,
    falls: ((part.tiltDegrees ?? 0) * Math.PI) / 180,
    highMm: place.upTo,
  };
}

/**
 * A bracket or socket with its drilled face.
 * @param left where its holes are measured from, across the opening, millimetres
 */
export function drilledItem({ place, across }: Hardware, wall: FixedWall | null, left: number): Drilled {
  const [from, to] =
    wall === 'left' || wall === 'right' ? [place.outFrom, place.outTo] : [across.fromMm - left, across.toMm - left];
  return {
    label: '',
    lengthMm: place.upTo - place.upFrom,
    widthMm: to - from,
    startMm: from,
    lowMm: place.upFrom,
    upright: true,
    falls: 0,
    highMm: place.upTo,
  };
}

/** Where a hole of a piece comes to lie on its wall: along it from where it begins, and above the floor mark. */
export function spotOn(
  { upright, startMm, lowMm, highMm, widthMm, falls }: Drilled,
  alongMm: number,
  acrossMm: number,
): { alongMm: number; upMm: number } {
  if (upright) return { alongMm: startMm + acrossMm, upMm: lowMm + alongMm };
  if (falls === 0) return { alongMm: startMm + alongMm, upMm: lowMm + acrossMm };
  // Along the slope from its rear upper corner, and square down from its upper edge.
  const [sin, cos, down] = [Math.sin(falls), Math.cos(falls), widthMm - acrossMm];
  return { alongMm: startMm + alongMm * cos - down * sin, upMm: highMm - alongMm * sin - down * cos };
}
