import { AXES, type Axis, type Cut, type EndPlane, type Solid } from '../body/solid';
import { cross, dot } from '../body/vector';

/** The directions of a piece that are counted from the opposite side. */
type Flips = Readonly<Record<Axis, boolean>>;

const flips = (along: boolean, across: boolean, through: boolean): Flips => ({ along, across, through });

/** The four rotations of a box into itself. */
const TURNS = [
  flips(false, false, false),
  flips(true, true, false),
  flips(true, false, true),
  flips(false, true, true),
];
/** The same rotations of a piece whose three directions are left-handed. */
const TURNS_MIRRORED = [
  flips(false, false, true),
  flips(true, true, true),
  flips(true, false, false),
  flips(false, true, false),
];

const rounded = (...mm: readonly number[]): string => mm.map((value) => Math.round(value * 100) + 0).join('x');

/**
 * A key of a shape, without its three sizes. Two pieces have the same key if one can be rotated into the other, however
 * they lie in the opening. A piece and its mirror image have different keys.
 */
export function shapeKey(solid: Solid): string {
  const { along, across, through } = solid.frame;
  const leftHand = dot(cross(along, across), through) < 0;
  const keys = (leftHand ? TURNS_MIRRORED : TURNS).map((turn) => keyTurned(solid, turn));
  return [...keys].sort()[0] as string;
}

function keyTurned(solid: Solid, turn: Flips): string {
  const { ends, cuts, outline } = solid;
  const [first, last] = turn.along ? [ends.finish, ends.start] : [ends.start, ends.finish];
  const planes = [first, last].map((end) => planeKey(end, turn));
  const face = (outline ?? []).map(([l, w]) =>
    rounded(placeOf(l, 'along', solid, turn), placeOf(w, 'across', solid, turn)),
  );
  const taken = cuts.map((cut) => cutKey(cut, solid, turn));
  return [...planes, ...face.sort(), ...taken.sort()].join('+');
}

/** Slopes of an end in thousandths. Both change sign when they are counted from the other end. */
function planeKey({ acrossSlope, throughSlope }: EndPlane, turn: Flips): string {
  const sign = (axis: Axis) => (turn[axis] === turn.along ? 1000 : -1000);
  return rounded(acrossSlope * sign('across'), throughSlope * sign('through'));
}

const sizeOf = ({ lengthMm, widthMm, thicknessMm }: Solid, axis: Axis): number =>
  axis === 'along' ? lengthMm : axis === 'across' ? widthMm : thicknessMm;

const placeOf = (mm: number, axis: Axis, solid: Solid, turn: Flips): number =>
  turn[axis] ? sizeOf(solid, axis) - mm : mm;

function cutKey({ axis, fromMm, toMm, outline }: Cut, solid: Solid, turn: Flips): string {
  const [a, b] = AXES.filter((one) => one !== axis) as [Axis, Axis];
  const ends = [fromMm, toMm].map((mm) => placeOf(mm, axis, solid, turn)).sort((x, y) => x - y);
  const corners = outline.map(([x, y]) => rounded(placeOf(x, a, solid, turn), placeOf(y, b, solid, turn)));
  return [axis, rounded(...ends), ...corners.sort()].join(' ');
}
