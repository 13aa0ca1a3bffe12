import type { FloorPoint } from './point';
import type { Place, Reading, ReadingKind, Side, SpotOut, SurfaceName } from '../../job';
import { specOf } from './table';

/**
 * Where the nominal opening begins and ends in its frame, millimetres: x from `left` to `right`, y from 0 to
 * `depth`, z from 0 to `height`. With two side walls x = 0 is the middle; with one it is the corner; with none the
 * middle of the wall.
 */
export interface Extent {
  readonly left: number;
  readonly right: number;
  readonly depth: number;
  readonly height: number;
  /** Which of the three sizes were read at all. */
  readonly measured: { readonly width: boolean; readonly depth: boolean; readonly height: boolean };
}

/** The size one would say: the median of what was read, or about what was said of the place. */
export function extentOf(place: Place, readings: readonly Reading[]): Extent {
  const { rough } = specOf(place);
  const read = (kind: ReadingKind) =>
    median(
      readings.flatMap((reading) =>
        reading.kind === kind && reading.verdict !== 'dropped' && 'mm' in reading.value ? [reading.value.mm] : [],
      ),
    );
  const [width, depth, height] = [read('width'), read('depth'), read('height')];
  const wide = width ?? place.rough.width?.mm ?? rough.widthMm;
  const surfaces = specOf(place).surfaces(place);
  const measured = { width: width !== null, depth: depth !== null, height: height !== null };
  return {
    ...acrossOf(surfaces, wide),
    depth: depth ?? place.rough.depth?.mm ?? rough.depthMm,
    height: height ?? place.rough.height?.mm ?? rough.heightMm,
    measured,
  };
}

/**
 * Where an opening begins and ends across, by the side walls it has.
 * @param wide its width, millimetres
 * @returns millimetres to the right of the left wall, of the right wall, or of the middle where it has both or neither
 */
export function acrossOf(surfaces: readonly SurfaceName[], wide: number): { left: number; right: number } {
  const [left, right] = [surfaces.includes('left'), surfaces.includes('right')];
  if (left === right) return { left: -wide / 2, right: wide / 2 };
  return left ? { left: 0, right: wide } : { left: -wide, right: 0 };
}

/** Where each surface nominally is: x of the sides, y of back and front, z of floor and ceiling. Millimetres. */
export function nominalOf({ left, right, depth, height }: Extent): Readonly<Record<SurfaceName, number>> {
  return { left, right, back: 0, front: depth, floor: 0, ceiling: height };
}

/** The middle of a list by size; null for an empty one. */
function median(values: readonly number[]): number | null {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  const upper = sorted[middle];
  if (upper === undefined) return null;
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] as number) + upper) / 2;
}

// A tape is held a little off the very corner.
const OFF_CORNER = 0.06;
const OFF_CORNER_MOST_MM = 40;
const offCorner = (size: number) => Math.min(size * OFF_CORNER, OFF_CORNER_MOST_MM);

/** x of "left", "middle", "right", millimetres. */
export function acrossAt(side: Side, { left, right }: Extent): number {
  const off = offCorner(right - left);
  return { left: left + off, middle: (left + right) / 2, right: right - off }[side];
}

/** y of "back", "middle", "front", millimetres. */
export function outAt(at: SpotOut, { depth }: Extent): number {
  const off = offCorner(depth);
  return { back: off, middle: depth / 2, front: depth - off }[at];
}

/** Position of the floor mark, at the front on the left. Heights are measured up from there. */
export function floorMark(extent: Extent): FloorPoint {
  return { across: acrossAt('left', extent), out: outAt('front', extent) };
}
