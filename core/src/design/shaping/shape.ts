import { leastMarkMm } from '../../base/quantity';
import type { Job } from '../../job';
import type { Cut, EndPlane, Solid } from '../body/solid';
import type { Part } from '../fit';
import { sidesOf, type EdgeName, type EndName, type FaceName } from './sides';

/** The triangle that is cut off the blank at an end, over the width or over the thickness. */
export interface Slant<Name> {
  /** The edge or face that ends up shorter, and the opposite one, which keeps its length. */
  readonly shorter: Name;
  readonly longer: Name;
  /** By how much it is shorter, millimetres, and over how much. */
  readonly byMm: number;
  readonly overMm: number;
  readonly degrees: number;
}

/** How one end of a piece is cut off; null in both directions where it is square. */
export interface EndShape {
  readonly end: EndName;
  readonly angled: Slant<EdgeName> | null;
  readonly bevelled: Slant<FaceName> | null;
}

/** A range along, across or through a piece, counted from the first of the two sides it runs between. Millimetres. */
export interface Range {
  readonly fromMm: number;
  readonly toMm: number;
  /** It begins at the first side, and ends at the second. */
  readonly opensFirst: boolean;
  readonly opensLast: boolean;
}

/** A box that is cut out of a piece: its range in each of the three directions. */
export interface BoxCut {
  readonly kind: 'housing' | 'rebate' | 'notch';
  readonly along: Range;
  readonly across: Range;
  readonly through: Range;
  /** What it makes room for: an id, or a thing of the place; null where nothing is named. */
  readonly room: string | null;
}

/** Slots for hidden rails, in the middle of the thickness: in the back edge and in the edges at side walls. */
export interface SlotCut {
  readonly kind: 'slot';
  readonly backMm: number;
  readonly sideMm: number;
  readonly highMm: number;
  readonly where: 'ends' | 'corner';
}

/** Everything that makes a piece of its rectangular blank, read off its solid. Lengths in millimetres. */
export interface Shape {
  readonly sides: ReturnType<typeof sidesOf>;
  /** The least length that can be marked. */
  readonly markMm: number;
  readonly ends: readonly EndShape[];
  readonly boxes: readonly BoxCut[];
  readonly slots: readonly SlotCut[];
}

/** A cut less deep than this is no cut, millimetres. */
const LEAST_MM = 0.05;

/** What a piece is cut with, and how its lengths are written: both decide which cuts can be made. */
export type Cutter = Pick<Job, 'tools' | 'units' | 'tape'>;

const DEGREES = 180 / Math.PI;

/**
 * Reads the end cuts and the cuts into the faces off a piece's solid. Templates tell outlines, and `holes` of the part
 * tell round holes.
 */
export function shapeOf(part: Part, solid: Solid, cutter: Cutter): Shape {
  const sides = sidesOf(part);
  const markMm = leastMarkMm(cutter);
  // A blade is tilted to an angle, which needs no mark.
  const tilted = part.fit !== null && cutter.tools === 'power';
  const sided = { sides, solid, angledMm: markMm, bevelledMm: tilted ? 0 : markMm };
  const { start, finish } = solid.ends;
  const ends = [endShape(sides.ends[0], start, 1, sided), endShape(sides.ends[1], finish, -1, sided)].filter(
    ({ angled, bevelled }) => angled !== null || bevelled !== null,
  );
  const boxes = solid.cuts.flatMap((cut) => {
    const { kind, room } = cut;
    if (kind === 'hole' || kind === 'slot') return [];
    const box = boxOf(cut, solid);
    return box ? [{ kind, ...box, room: room ?? null }] : [];
  });
  return { sides, markMm, ends, boxes, slots: slotsOf(part, solid) };
}

interface Sided {
  readonly sides: Shape['sides'];
  readonly solid: Solid;
  /** The least an end is out over its width, and over its thickness, that is not square. */
  readonly angledMm: number;
  readonly bevelledMm: number;
}

/** @param inward 1 where the piece lies beyond the plane along its length, -1 where it lies before it */
function endShape(end: EndName, plane: EndPlane, inward: 1 | -1, sided: Sided): EndShape {
  const { sides, solid, angledMm, bevelledMm } = sided;
  const { widthMm, thicknessMm } = solid;
  return {
    end,
    angled: slant(sides.edges, inward * plane.acrossSlope, widthMm, angledMm),
    bevelled: slant(sides.faces, inward * plane.throughSlope, thicknessMm, bevelledMm),
  };
}

/** @param slope how much further in the end is for each millimetre from the first side to the second */
function slant<Name>(
  [first, second]: readonly [Name, Name],
  slope: number,
  overMm: number,
  leastMm: number,
): Slant<Name> | null {
  const byMm = Math.abs(slope) * overMm;
  if (byMm === 0 || byMm < leastMm) return null;
  const [shorter, longer] = slope > 0 ? [second, first] : [first, second];
  return { shorter, longer, byMm, overMm, degrees: Math.atan(Math.abs(slope)) * DEGREES };
}

/** The box that a prism takes out of a piece; null if almost none of the prism lies in the piece. */
function boxOf(
  { axis, fromMm, toMm, outline }: Cut,
  { lengthMm, widthMm, thicknessMm }: Solid,
): Pick<BoxCut, 'along' | 'across' | 'through'> | null {
  const own = { fromMm, toMm };
  const [first, second] = [0, 1].map((k) => {
    const all = outline.map((point) => point[k as 0 | 1]);
    return { fromMm: Math.min(...all), toMm: Math.max(...all) };
  }) as [typeof own, typeof own];
  const ranges = {
    along: axis === 'along' ? own : first,
    across: axis === 'along' ? first : axis === 'across' ? own : second,
    through: axis === 'through' ? own : second,
  };
  const box = {
    along: within(ranges.along, lengthMm),
    across: within(ranges.across, widthMm),
    through: within(ranges.through, thicknessMm),
  };
  return Object.values(box).every((range) => range.toMm - range.fromMm >= LEAST_MM) ? box : null;
}

function within(range: { readonly fromMm: number; readonly toMm: number }, wholeMm: number): Range {
  const [fromMm, toMm] = [Math.max(range.fromMm, 0), Math.min(range.toMm, wholeMm)];
  return { fromMm, toMm, opensFirst: fromMm < LEAST_MM, opensLast: toMm > wholeMm - LEAST_MM };
}

/** Whether a range is the whole of its direction. */
export const isWhole = ({ opensFirst, opensLast }: Range): boolean => opensFirst && opensLast;

/** All slots of a piece as one cut: along the back edge, and at both ends or along the side wall. */
function slotsOf(part: Part, { cuts, lengthMm }: Solid): SlotCut[] {
  const [back, side] = cuts.filter((cut) => cut.kind === 'slot');
  if (!back || !side) return [];
  const highMm = back.toMm - back.fromMm;
  const backMm = Math.max(...back.outline.map(([, across]) => across));
  const where = part.corner ? 'corner' : 'ends';
  const sideMm = part.corner ? apart(side.outline) : extent(side.outline, lengthMm);
  return [{ kind: 'slot', backMm, sideMm, highMm, where }];
}

/** How far a strip at an end reaches along a piece. */
function extent(outline: Cut['outline'], lengthMm: number): number {
  const along = outline.map(([at]) => at);
  return Math.min(Math.max(...along), lengthMm) - Math.max(Math.min(...along), 0);
}

/** How wide a strip is across its first edge. */
function apart([a, b, c]: Cut['outline']): number {
  if (!a || !b || !c) return 0;
  const [x, y] = [b[0] - a[0], b[1] - a[1]];
  return Math.abs(x * (c[1] - a[1]) - y * (c[0] - a[0])) / Math.hypot(x, y);
}
