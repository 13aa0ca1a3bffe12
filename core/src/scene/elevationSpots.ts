import { acrossAt, type Extent } from '../place';
import { viewOf, type Spot } from '../reading';
import type { Point, Shape } from './scene';
import { dotShapes, stringShapes, type SpotInk } from './spotShapes';

/** What spots are drawn in, seen from the front. */
export interface ElevationFrame {
  readonly extent: Extent;
  /** Where a true position across is drawn, departures exaggerated. */
  readonly across: (x: number) => number;
  readonly levelLineUpMm: number;
  /** A small distance on the sheet, millimetres. */
  readonly smallMm: number;
}

/** A spot seen from the front: a string where the tape goes, or a dot where it goes away from the viewer. */
export function elevationSpot(spot: Spot, frame: ElevationFrame, spotInk: SpotInk): Shape[] {
  // What is better seen from above is here a mark without its figure.
  const ink = viewOf(spot) === 'plan' && spotInk.value ? { ...spotInk, unlabelled: true } : spotInk;
  const { extent, smallMm } = frame;
  const { left, right, height } = extent;
  const mid = (left + right) / 2;
  const inward = (side: 'left' | 'right') => (side === 'left' ? 1 : -1);
  const wall = (side: 'left' | 'right') => (side === 'left' ? left : right);
  // Beside the wall, in the room.
  const beside = (side: 'left' | 'right', steps: number) => wall(side) + inward(side) * steps * smallMm;
  const sideOf = (side: 'left' | 'middle' | 'right') => mid + (acrossAt(side, extent) - mid) * 0.8;
  const corner = (side: 'left' | 'right', up: number): Shape[] => {
    const at: Point = [beside(side, 1.2), up];
    return dotShapes(at, [beside(side, 2), up], side === 'left' ? 'start' : 'end', ink);
  };
  switch (spot.kind) {
    case 'width': {
      const half = ink.value && 'mm' in ink.value ? ink.value.mm / 2 : (right - left) / 2;
      // Back and front strings at one height share their line; their figures stand side by side.
      const share = { back: 0.32, middle: 0.5, front: 0.66 }[spot.at];
      const ends = [frame.across(mid - half), frame.across(mid + half)] as const;
      return stringShapes([ends[0], spot.upMm], [ends[1], spot.upMm], share, ink);
    }
    case 'height': {
      const x = sideOf(spot.side) - (spot.at === 'back' ? smallMm : 0);
      const tall = ink.value && 'mm' in ink.value ? ink.value.mm : height;
      return stringShapes([x, 0], [x, tall], 0.86, ink);
    }
    case 'line': {
      const x = sideOf(spot.side) + smallMm;
      return stringShapes([x, 0], [x, frame.levelLineUpMm], 0.3, ink);
    }
    case 'depth': {
      const at: Point = [sideOf(spot.side), spot.upMm + height * 0.055];
      const end = at[0] > mid;
      return dotShapes(at, [at[0] + smallMm * 0.8 * (end ? -1 : 1), at[1]], end ? 'end' : 'start', ink);
    }
    case 'corner':
    case 'square':
    case 'triangle':
      return corner(spot.corner, spot.upMm);
    case 'plumb': {
      const x = spot.wall === 'back' ? sideOf(spot.side) : beside(spot.wall, 0.7);
      return stringShapes([x, spot.upMm], [x, spot.upMm + spot.overMm], 0.86, ink);
    }
    case 'level': {
      const z = spot.of === 'floor' ? smallMm * 0.7 : height - smallMm * 0.7;
      if (spot.along === 'out')
        return dotShapes([sideOf(spot.side), z], [sideOf(spot.side) + smallMm, z], 'start', ink);
      return stringShapes([mid - spot.overMm / 2, z], [mid + spot.overMm / 2, z], 0.5, ink);
    }
    case 'straightedge': {
      const half = spot.overMm / 2;
      if (spot.run === 'upright') {
        const x = spot.wall === 'back' ? sideOf(spot.side) : beside(spot.wall, 0.7);
        return stringShapes([x, spot.upMm - half], [x, spot.upMm + half], 0.5, ink);
      }
      const z = spot.upMm - smallMm;
      if (spot.wall !== 'back') return corner(spot.wall, z);
      return stringShapes([mid - half, z], [mid + half, z], 0.5, ink);
    }
    case 'offset': {
      const x = spot.wall === 'back' ? left + spot.onMm : beside(spot.wall, 0.7);
      const at: Point = [x, spot.upMm];
      return dotShapes(at, [x + smallMm * 0.8 * (x > mid ? -1 : 1), spot.upMm], x > mid ? 'end' : 'start', ink);
    }
    case 'diagonal':
      return stringShapes(
        [left, spot.upMm + smallMm],
        [right, spot.upMm + smallMm],
        spot.from === 'left' ? 0.2 : 0.8,
        ink,
      );
    case 'face': {
      const [foot, head] = spot.from === 'left' ? [left, right] : [right, left];
      return stringShapes([foot, 0], [head, height], 0.3, ink);
    }
  }
}
