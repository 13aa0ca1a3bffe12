import type { OutlinePoint, Part } from '../../design/fit';
import type { Cut, EndPlane, FacePoint, Solid } from '../../design/body/solid';
import { zeroOf } from '../../design/body/zero';
import { isFlat, type Shape, type Shaped } from '../../design/shaping';

/** A piece as it lies before the person: x along it, y towards them, millimetres. */
export interface Seen {
  /** Its outline as it is at last, in order round. */
  readonly outline: readonly OutlinePoint[];
  /** What is cut into it, seen from there. */
  readonly cuts: readonly (readonly OutlinePoint[])[];
}

/** Which of a piece's directions runs towards the person, and whether it is turned round. */
interface View {
  readonly axis: 'across' | 'through';
  readonly turned: boolean;
}

/** How a piece is laid to be marked and cut: on its face, or on its edge where only its thickness is slanted. */
export function seenFrom({ part, solid }: Shaped, { ends }: Shape): Seen {
  const angled = ends.find((end) => end.angled)?.angled;
  const bevelled = ends.find((end) => end.bevelled)?.bevelled;
  if (!part.fit && !part.corner && bevelled && !angled) {
    const view: View = { axis: 'through', turned: bevelledTowards(solid) };
    return { outline: slanted(solid, view), cuts: [] };
  }
  const view: View = { axis: 'across', turned: turnedRound(part, solid) };
  const [x0, y0] = zeroOf(part);
  const face = part.fit?.outline ?? part.corner?.outline;
  const laid = (points: readonly OutlinePoint[]) => points.map(([x, y]) => layAt(view, solid.widthMm - y0, [x, y]));
  return {
    outline: face ? laid(face) : slanted(solid, view),
    cuts: solid.cuts.map((cut) => laid(faceOf(cut, solid).map(([x, y]): OutlinePoint => [x - x0, y - y0]))),
  };
}

/** Whether the upper edge, or the longer edge of a mitred piece, lies away from the person. A board's front is near. */
function turnedRound(part: Part, { ends, widthMm }: Solid): boolean {
  if (isFlat(part) || part.corner) return false;
  return part.fit !== null || longAt(ends, widthMm) > longAt(ends, 0) - 0.01;
}

const longAt = ({ start, finish }: Solid['ends'], across: number): number =>
  finish.atMm + finish.acrossSlope * across - start.atMm - start.acrossSlope * across;

/** Whether the face a piece's thickness is counted from is the shorter. */
const bevelledTowards = ({ ends: { start, finish } }: Solid): boolean => finish.throughSlope - start.throughSlope > 0;

const layAt = ({ turned }: View, wideMm: number, [x, y]: OutlinePoint): OutlinePoint => [x, turned ? wideMm - y : y];

/** The outline between two slanted ends. */
function slanted({ lengthMm, widthMm, thicknessMm, ends }: Solid, view: View): OutlinePoint[] {
  const wideMm = view.axis === 'across' ? widthMm : thicknessMm;
  const slope = (end: EndPlane) => (view.axis === 'across' ? end.acrossSlope : end.throughSlope);
  const at = (end: EndPlane, y: number): OutlinePoint => {
    const x = Math.min(Math.max(end.atMm + slope(end) * y, 0), lengthMm);
    return layAt(view, wideMm, [x, y]);
  };
  const { start, finish } = ends;
  return [at(start, 0), at(finish, 0), at(finish, wideMm), at(start, wideMm)];
}

/** What a cut takes of a piece's face, seen square to it. */
function faceOf({ axis, fromMm, toMm, outline }: Cut, { lengthMm, widthMm }: Solid): FacePoint[] {
  const clamp = (mm: number, most: number) => Math.min(Math.max(mm, 0), most);
  const kept = ([l, w]: FacePoint): FacePoint => [clamp(l, lengthMm), clamp(w, widthMm)];
  if (axis === 'through') return outline.map(([l, w]) => kept([l, w]));
  // Along or across, the first of the outline's two coordinates is the other of these two.
  const firsts = outline.map((point) => point[0]);
  const [least, most] = [Math.min(...firsts), Math.max(...firsts)];
  const [l, w] =
    axis === 'across'
      ? [
          [least, most],
          [fromMm, toMm],
        ]
      : [
          [fromMm, toMm],
          [least, most],
        ];
  const corners = [
    [l[0], w[0]],
    [l[1], w[0]],
    [l[1], w[1]],
    [l[0], w[1]],
  ] as FacePoint[];
  return corners.map(kept);
}
