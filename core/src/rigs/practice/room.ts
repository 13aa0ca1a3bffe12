import type { Place, SurfaceName } from '../../job';
import { acrossOf, floorMark, nominalOf, specOf, type Extent, type RoughSize } from '../../place/kinds';
import { randomFrom, type Random } from '../../base/random';

/**
 * A made-up crooked room, true to the last hair: where every surface is at every point. It is not made the way the
 * survey believes rooms to be (its bows are sums of waves, its tilts uniform), so that the survey can be tried on
 * it, and so that practice instruments have something to measure.
 */
export interface Room {
  readonly extent: Extent;
  readonly surfaces: readonly SurfaceName[];
  /** Where a surface is at a point of its own coordinates, millimetres. */
  position(surface: SurfaceName, s: number, z: number): number;
}

export interface RoomOptions {
  readonly place: Place;
  readonly seed: number;
  /** Size of the opening; about the usual one of the place when left away. */
  readonly size?: RoughSize;
  /** How crooked: 1 is a usual house, 0 perfectly square, plumb and flat. */
  readonly crooked?: number;
}

/** Makes a room from a seed. The same seed makes the same room. */
export function crookedRoom({ place, seed, size, crooked = 1 }: RoomOptions): Room {
  const random = randomFrom(seed);
  const reference = specOf(place).reference(place);
  return roomOf({ place, size }, (surface) => waved(surface, surface === reference, random, crooked));
}

/** How far a surface departs from its nominal place at (u, v) from its own middle, millimetres. */
export type Departure = (u: number, v: number) => number;

/**
 * Hangs departures of surfaces in the frame surveys are in.
 * @throws Error from the room, when it is asked for a surface that this kind of place does not have
 */
export function roomOf(
  { place, size }: Pick<RoomOptions, 'place' | 'size'>,
  departureOf: (surface: SurfaceName) => Departure,
): Room {
  const spec = specOf(place);
  const { widthMm, depthMm, heightMm } = size ?? spec.rough;
  const surfaces = spec.surfaces(place);
  const extent: Extent = {
    ...acrossOf(surfaces, widthMm),
    depth: depthMm,
    height: heightMm,
    measured: { width: true, depth: true, height: true },
  };
  const reference = spec.reference(place);
  const at = nominalOf(extent);
  const departures = new Map(surfaces.map((surface) => [surface, departureOf(surface)]));
  const plain = (surface: SurfaceName, s: number, z: number) => {
    const departure = departures.get(surface);
    if (!departure) throw new Error(`this room has no ${surface}`);
    const upright = surface !== 'floor' && surface !== 'ceiling';
    const s0 = surface === 'left' || surface === 'right' ? depthMm / 2 : (extent.left + extent.right) / 2;
    const z0 = upright ? heightMm / 2 : depthMm / 2;
    return at[surface] + departure(s - s0, z - z0);
  };
  // The frame hangs on the reference face: its mean plane is the frame's own.
  const lean = meanLine((s, z) => plain(reference, s, z) - at[reference], extent);
  const raw = (surface: SurfaceName, s: number, z: number) =>
    plain(surface, s, z) - (surface === reference ? lean(s) : 0);
  const shift = shiftOf(raw, surfaces, extent);
  return { extent, surfaces, position: (surface, s, z) => raw(surface, s, z) - shift(surface) };
}

function waved(surface: SurfaceName, reference: boolean, random: Random, crooked: number): Departure {
  const flat = surface === 'floor' || surface === 'ceiling';
  const tilt = (most: number) => crooked * random.between(-most, most);
  const front = surface === 'front' ? 0.4 : 1;
  const square = tilt(flat ? 0.008 : 0.03) * front;
  const plumb = tilt(flat ? 0.008 : 0.009) * front;
  const twist = tilt(5e-6) * front;
  const wave = (amplitude: number, shortest: number, longest: number) => {
    const turn = random.between(0, Math.PI);
    const per = (2 * Math.PI) / random.between(shortest, longest);
    return {
      amplitude: crooked * amplitude * front,
      perS: per * Math.cos(turn),
      perZ: per * Math.sin(turn),
      phase: random.between(0, 2 * Math.PI),
    };
  };
  const waves = [
    ...Array.from({ length: 3 }, () => wave(random.between(0.6, 4), 1800, 4800)),
    ...Array.from({ length: 2 }, () => wave(random.between(0.2, 0.8), 800, 1600)),
    ...Array.from({ length: 3 }, () => wave(random.between(0.05, 0.35), 180, 600)),
  ];
  const askew = reference ? 0 : square;
  return (u, v) =>
    waves.reduce(
      (sum, w) => sum + w.amplitude * Math.cos(w.perS * u + w.perZ * v + w.phase),
      askew * u + plumb * v + twist * u * v,
    );
}

/** The least-squares line across a face, over all its height. */
function meanLine(departure: (s: number, z: number) => number, { left, right, height }: Extent): (s: number) => number {
  const points = Array.from({ length: 15 }, (_, i) => left + ((right - left) * i) / 14).flatMap((s) =>
    Array.from({ length: 15 }, (_, j) => ({ s, of: departure(s, (height * j) / 14) })),
  );
  const mid = (left + right) / 2;
  const mean = points.reduce((sum, point) => sum + point.of, 0) / points.length;
  const spread = points.reduce((sum, point) => sum + (point.s - mid) ** 2, 0);
  const slope = points.reduce((sum, point) => sum + (point.s - mid) * point.of, 0) / spread;
  return (s) => mean + slope * (s - mid);
}

/** Puts the room into the frame surveys are in: x = 0 between the walls (or at the one), z = 0 at the floor mark. */
function shiftOf(
  raw: (surface: SurfaceName, s: number, z: number) => number,
  surfaces: readonly SurfaceName[],
  extent: Extent,
): (surface: SurfaceName) => number {
  const [left, right] = [surfaces.includes('left'), surfaces.includes('right')];
  const mid = (side: 'left' | 'right') => raw(side, extent.depth / 2, extent.height / 2);
  const across =
    left && right
      ? (mid('left') + mid('right')) / 2
      : left || right
        ? raw(left ? 'left' : 'right', 0, extent.height / 2)
        : 0;
  const mark = floorMark(extent);
  const up = surfaces.includes('floor') ? raw('floor', mark.across, mark.out) : 0;
  return (surface) =>
    surface === 'left' || surface === 'right' ? across : surface === 'floor' || surface === 'ceiling' ? up : 0;
}
