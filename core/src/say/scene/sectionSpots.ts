import { sectionAt, type Outline } from '../../place/opening/outline';
import { acrossAt, outAt, type Extent } from '../../place/kinds';
import type { Spot } from '../../place/reading';
import type { AboveFrame } from './fromAbove';
import type { Point, Shape } from './scene';
import { dotShapes, stringShapes, type SpotDrawers, type SpotInk } from './spotShapes';

type Side = 'left' | 'right';

/** Drawing positions in a section. Millimetres. */
interface Section {
  readonly extent: Extent;
  /** A small distance on the sheet. */
  readonly small: number;
  readonly wall: (side: Side) => number;
  /** Where a side wall is drawn at a distance out. */
  readonly onWall: (side: Side, outMm: number) => Point;
}

function sectionOf(opening: Outline, upMm: number, frame: AboveFrame): Section {
  const { extent } = opening;
  const section = sectionAt(opening, upMm);
  const wall = (side: Side) => (side === 'left' ? extent.left : extent.right);
  const onWall = (side: Side, y: number): Point => {
    const face = section[side];
    if (!face) return [wall(side), -y];
    const [back, front] = [face[0]?.mm ?? 0, face.at(-1)?.mm ?? 0];
    return [frame.sheet({ across: back + ((front - back) * y) / extent.depth, out: y })[0], -y];
  };
  return { extent, small: frame.marginMm, wall, onWall };
}

const at = (x: number, y: number): Point => [x, -y];
const inward = (side: Side) => (side === 'left' ? 1 : -1);
const middleOf = ({ left, right }: Extent) => (left + right) / 2;

const dot = (x: number, y: number, { small }: Section, ink: SpotInk): Shape[] =>
  dotShapes(at(x, y), at(x + small, y), 'start', ink);

/** A dot on a side wall, its figure in the room. */
const dotInRoom = (point: Point, side: Side, { small }: Section, ink: SpotInk): Shape[] =>
  dotShapes(point, [point[0] + inward(side) * small, point[1]], side === 'left' ? 'start' : 'end', ink);

const path = (points: readonly Point[], { role, about }: SpotInk): Shape => ({
  kind: 'path',
  role,
  points,
  ...(about ? { about } : {}),
});

/** Drawing position across of an instrument on a wall. */
const heldAt = (
  spot: Extract<Spot, { kind: 'plumb' }> | Extract<Spot, { kind: 'straightedge' }>,
  { extent, wall }: Section,
): number => (spot.wall === 'back' ? acrossAt(spot.side, extent) : wall(spot.wall));

/** A tool lies in the corner: one leg on the back, one on the side wall. */
function cornerTool(side: Side, longMm: number, section: Section, ink: SpotInk): Shape[] {
  const { small, wall, onWall, extent } = section;
  const leg = Math.min(longMm, extent.depth * 0.85, (extent.right - extent.left) * 0.4);
  const off = small * 0.5;
  const [x, to] = [wall(side), inward(side)];
  const tip: Point = [onWall(side, leg)[0] + to * off, -leg];
  const legs = path([at(x + to * leg, off), [onWall(side, off)[0] + to * off, -off], tip], ink);
  return ink.value ? [legs, ...dotInRoom(tip, side, section, ink)] : [legs];
}

const BEVEL_LEG_MM = 250;

type Drawer = readonly [section: Section, ink: SpotInk];

const DRAWERS: SpotDrawers<Drawer> = {
  width: (spot, { extent, onWall }, ink) => {
    const y = outAt(spot.at, extent);
    return stringShapes(onWall('left', y), onWall('right', y), 0.5, ink);
  },
  depth: (spot, { extent }, ink) => {
    const x = acrossAt(spot.side, extent);
    return stringShapes(at(x, 0), at(x, extent.depth), 0.6, ink);
  },
  corner: (spot, section, ink) => cornerTool(spot.corner, BEVEL_LEG_MM, section, ink),
  square: (spot, section, ink) => cornerTool(spot.corner, spot.bladeMm, section, ink),
  straightedge: (spot, section, ink) => {
    const { extent, small, wall } = section;
    if (spot.run === 'upright') return dot(heldAt(spot, section), small, section, ink);
    const half = spot.overMm / 2;
    const mid = middleOf(extent);
    if (spot.wall === 'back') return stringShapes(at(mid - half, small * 0.6), at(mid + half, small * 0.6), 0.35, ink);
    const x = wall(spot.wall) + inward(spot.wall) * small * 0.6;
    return stringShapes(at(x, extent.depth / 2 - half), at(x, extent.depth / 2 + half), 0.5, ink);
  },
  offset: (spot, section, ink) => {
    const { extent, onWall } = section;
    const on = (mm: number): Point => (spot.wall === 'back' ? at(extent.left + mm, 0) : onWall(spot.wall, mm));
    const dots = dotInRoom(on(spot.onMm), spot.wall === 'right' ? 'right' : 'left', section, ink);
    // The line itself while it is wanted: readings off one and the same line would each draw it again.
    return ink.value ? dots : [{ kind: 'path', role: ink.role, points: [on(spot.startMm), on(spot.endMm)] }, ...dots];
  },
  diagonal: (spot, { extent, wall }, ink) => {
    const to = spot.from === 'left' ? 'right' : 'left';
    return stringShapes(at(wall(spot.from), extent.depth), at(wall(to), 0), 0.4, ink);
  },
  triangle: (spot, section, ink) => {
    const [x, to] = [section.wall(spot.corner), inward(spot.corner)];
    const point = section.onWall(spot.corner, spot.outMm);
    const legs = [spot.firstMm, spot.secondMm].map((from) => path([at(x + to * from, 0), point], ink));
    return [...legs, ...dotInRoom(point, spot.corner, section, ink)];
  },
  height: (spot, section, ink) =>
    dot(acrossAt(spot.side, section.extent), outAt(spot.at, section.extent), section, ink),
  line: (spot, section, ink) => dot(acrossAt(spot.side, section.extent), outAt(spot.at, section.extent), section, ink),
  plumb: (spot, section, ink) =>
    dot(heldAt(spot, section), spot.wall === 'back' ? 0 : outAt(spot.at, section.extent), section, ink),
  level: (spot, { extent }, ink) => {
    const [half, middle] = [spot.overMm / 2, middleOf(extent)];
    if (spot.along === 'across') {
      const y = outAt(spot.at, extent);
      return stringShapes(at(middle - half, y), at(middle + half, y), 0.5, ink);
    }
    const x = acrossAt(spot.side, extent);
    return stringShapes(at(x, Math.max(extent.depth / 2 - half, 0)), at(x, extent.depth / 2 + half), 0.5, ink);
  },
  face: (spot, { extent }, ink) => {
    const y = outAt(spot.at, extent);
    return stringShapes(at(extent.left, y), at(extent.right, y), 0.5, ink);
  },
};

/** A spot seen from above: a string where the tape goes, or a dot where it goes up and down. */
export function sectionSpot(spot: Spot, opening: Outline, upMm: number, frame: AboveFrame, ink: SpotInk): Shape[] {
  const draw = DRAWERS[spot.kind] as (spot: Spot, ...drawer: Drawer) => Shape[];
  return draw(spot, sectionOf(opening, upMm, frame), ink);
}
