import { acrossAt, type Extent } from '../../place/kinds';
import { viewOf, type Spot } from '../../place/reading';
import type { Point, Shape } from './scene';
import { dotShapes, stringShapes, type SpotDrawers, type SpotInk } from './spotShapes';

/** What spots are drawn in, seen from the front. */
export interface ElevationFrame {
  readonly extent: Extent;
  /** Where a true position across is drawn, departures exaggerated. */
  readonly across: (x: number) => number;
  readonly levelLineUpMm: number;
  /** A small distance on the sheet, millimetres. */
  readonly smallMm: number;
}

type Side = 'left' | 'right';

/** Drawing positions in the elevation. Millimetres. */
function positionsIn({ extent, smallMm }: ElevationFrame) {
  const { left, right } = extent;
  const mid = (left + right) / 2;
  const sideOf = (side: Side | 'middle') => mid + (acrossAt(side, extent) - mid) * 0.8;
  /** Beside the wall, in the room. */
  const beside = (side: Side, steps: number) => (side === 'left' ? left + steps * smallMm : right - steps * smallMm);
  return { mid, sideOf, beside };
}

type Drawer = readonly [frame: ElevationFrame, ink: SpotInk];

const corner = (side: Side, up: number, frame: ElevationFrame, ink: SpotInk): Shape[] => {
  const { beside } = positionsIn(frame);
  return dotShapes([beside(side, 1.2), up], [beside(side, 2), up], side === 'left' ? 'start' : 'end', ink);
};

/** A dot with its figure towards the middle. */
const dotInward = (at: Point, frame: ElevationFrame, ink: SpotInk): Shape[] => {
  const end = at[0] > positionsIn(frame).mid;
  return dotShapes(at, [at[0] + frame.smallMm * 0.8 * (end ? -1 : 1), at[1]], end ? 'end' : 'start', ink);
};

/** Drawing position of an upright level or straightedge. */
const heldOn = (spot: Extract<Spot, { kind: 'plumb' }> | Upright, frame: ElevationFrame): number => {
  const { sideOf, beside } = positionsIn(frame);
  return spot.wall === 'back' ? sideOf(spot.side) : beside(spot.wall, 0.7);
};
type Upright = Extract<Spot, { kind: 'straightedge' }>;

const valueMm = ({ value }: SpotInk): number | null => (value && 'mm' in value ? value.mm : null);

const DRAWERS: SpotDrawers<Drawer> = {
  width: (spot, frame, ink) => {
    const { left, right } = frame.extent;
    const { mid } = positionsIn(frame);
    const half = (valueMm(ink) ?? right - left) / 2;
    // Back and front strings at one height share their line; their figures stand side by side.
    const share = { back: 0.32, middle: 0.5, front: 0.66 }[spot.at];
    const ends = [frame.across(mid - half), frame.across(mid + half)] as const;
    return stringShapes([ends[0], spot.upMm], [ends[1], spot.upMm], share, ink);
  },
  height: (spot, frame, ink) => {
    const x = positionsIn(frame).sideOf(spot.side) - (spot.at === 'back' ? frame.smallMm : 0);
    return stringShapes([x, 0], [x, valueMm(ink) ?? frame.extent.height], 0.86, ink);
  },
  line: (spot, frame, ink) => {
    const x = positionsIn(frame).sideOf(spot.side) + frame.smallMm;
    return stringShapes([x, 0], [x, frame.levelLineUpMm], 0.3, ink);
  },
  depth: (spot, frame, ink) =>
    dotInward([positionsIn(frame).sideOf(spot.side), spot.upMm + frame.extent.height * 0.055], frame, ink),
  corner: (spot, frame, ink) => corner(spot.corner, spot.upMm, frame, ink),
  square: (spot, frame, ink) => corner(spot.corner, spot.upMm, frame, ink),
  triangle: (spot, frame, ink) => corner(spot.corner, spot.upMm, frame, ink),
  plumb: (spot, frame, ink) => {
    const x = heldOn(spot, frame);
    return stringShapes([x, spot.upMm], [x, spot.upMm + spot.overMm], 0.86, ink);
  },
  level: (spot, frame, ink) => {
    const { mid, sideOf } = positionsIn(frame);
    const z = spot.of === 'floor' ? frame.smallMm * 0.7 : frame.extent.height - frame.smallMm * 0.7;
    if (spot.along === 'out')
      return dotShapes([sideOf(spot.side), z], [sideOf(spot.side) + frame.smallMm, z], 'start', ink);
    return stringShapes([mid - spot.overMm / 2, z], [mid + spot.overMm / 2, z], 0.5, ink);
  },
  straightedge: (spot, frame, ink) => {
    const { mid } = positionsIn(frame);
    const half = spot.overMm / 2;
    if (spot.run === 'upright') {
      const x = heldOn(spot, frame);
      return stringShapes([x, spot.upMm - half], [x, spot.upMm + half], 0.5, ink);
    }
    const z = spot.upMm - frame.smallMm;
    if (spot.wall !== 'back') return corner(spot.wall, z, frame, ink);
    return stringShapes([mid - half, z], [mid + half, z], 0.5, ink);
  },
  offset: (spot, frame, ink) => {
    const x = spot.wall === 'back' ? frame.extent.left + spot.onMm : positionsIn(frame).beside(spot.wall, 0.7);
    return dotInward([x, spot.upMm], frame, ink);
  },
  diagonal: (spot, { extent: { left, right }, smallMm }, ink) => {
    const up = spot.upMm + smallMm;
    return stringShapes([left, up], [right, up], spot.from === 'left' ? 0.2 : 0.8, ink);
  },
  face: (spot, { extent: { left, right, height } }, ink) => {
    const [foot, head] = spot.from === 'left' ? [left, right] : [right, left];
    return stringShapes([foot, 0], [head, height], 0.3, ink);
  },
};

/** A spot seen from the front: a string where the tape goes, or a dot where it goes away from the viewer. */
export function elevationSpot(spot: Spot, frame: ElevationFrame, spotInk: SpotInk): Shape[] {
  // What is better seen from above is here a mark without its figure.
  const ink = viewOf(spot) === 'plan' && spotInk.value ? { ...spotInk, unlabelled: true } : spotInk;
  const draw = DRAWERS[spot.kind] as (spot: Spot, ...drawer: Drawer) => Shape[];
  return draw(spot, frame, ink);
}
