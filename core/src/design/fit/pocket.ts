import { perOwner } from '../../base/memory';
import { drawSamples, type Band, type Opening, type SurfacePoint } from '../../place/opening';
import { stations } from '../../place/kinds';
import { leastSquaresSlope } from './line';

/**
 * How a piece lies in the opening: a board flat, its face seen from above and its thickness upright; a nosing or a back
 * cleat on edge, its face seen from the front and its thickness running out from the back.
 */
export type Stance = 'flat' | 'on-edge';

/** Where the two end walls and the back of a pocket are, station by station. All millimetres. */
export interface Walls {
  /** x of the left wall by layer (the seen face last) and station over the face. */
  readonly left: readonly Float64Array[];
  readonly right: readonly Float64Array[];
  /** y of the back at stations across, the foremost of the layers; null where there is none. */
  readonly back: Float64Array | null;
}

/** The part of the opening about one piece that runs from wall to wall. */
export interface Pocket {
  readonly stance: Stance;
  /** Stations over the face: from the back edge to the front of a board, from the lower edge up for one on edge. */
  readonly ps: readonly number[];
  /** Distance of each layer behind the seen face; the last is 0. */
  readonly behind: readonly number[];
  /** Stations across, for the back. */
  readonly acrosses: readonly number[];
  /** The walls most likely. */
  readonly mean: Walls;
  /** Standard deviation of each end wall at the seen face, by station. */
  readonly sd: { readonly left: readonly number[]; readonly right: readonly number[] };
  /** Walls that agree with the readings, drawn from them. */
  readonly drawn: readonly Walls[];
}

export interface PocketOptions {
  readonly stance: Stance;
  /** How many walls to draw. */
  readonly samples: number;
  readonly seed: number;
  /** How many stations over the face and layers through the thickness; enough for the walls' roughness if left away. */
  readonly stations?: number;
  readonly layers?: number;
}

const SEED = 11;
/** Walls drawn for a board, whose odds are told, and for a piece that carries or hides it. */
export const PIECE_WALLS = { board: { samples: 400, seed: SEED }, other: { samples: 160, seed: SEED } } as const;

/** What of an opening a pocket asks. */
export type Walled = Pick<Opening, 'extent' | 'surfaces' | 'jointly'>;

// Roughness lies about 100 mm apart: stations closer than this say nothing new.
const STATION_MM = 60;
const LEAST_STATIONS = 5;
const MOST_STATIONS = 14;
// A thin piece touches at its faces; a thick one may touch a belly between them.
const THICK_MM = 40;
const BACK_STATIONS = 7;

/** Looks at the walls about a piece: most likely, and as many times as wished as they may be. */
export function pocketOf(opening: Walled, band: Band, options: PocketOptions): Pocket {
  const { stance, samples, seed } = options;
  const flat = stance === 'flat';
  const [faceFrom, faceTo] = flat ? [band.outFrom, band.outTo] : [band.upFrom, band.upTo];
  const [depthFrom, depthTo] = flat ? [band.upFrom, band.upTo] : [band.outFrom, band.outTo];
  const face = faceTo - faceFrom;
  const usual = Math.min(Math.max(LEAST_STATIONS, Math.ceil(face / STATION_MM) + 1), MOST_STATIONS);
  const ps = stations(0, face, options.stations ?? usual);
  const layers = stations(depthFrom, depthTo, options.layers ?? (depthTo - depthFrom > THICK_MM ? 3 : 2));
  const { left, right } = opening.extent;
  const hasBack = flat && opening.surfaces.includes('back') && band.outFrom === 0;
  const acrosses = hasBack ? stations(left, right, BACK_STATIONS) : [];
  const side = (surface: 'left' | 'right') =>
    layers.flatMap((layer) =>
      ps.map((p): SurfacePoint =>
        flat ? { surface, out: faceFrom + p, up: layer } : { surface, out: layer, up: faceFrom + p },
      ),
    );
  const back = acrosses.flatMap((across) => layers.map((up): SurfacePoint => ({ surface: 'back', across, up })));
  const points = [...side('left'), ...side('right'), ...back];
  const n = ps.length;
  const wallsIn = (all: Float64Array): Walls => {
    const rows = (from: number) => layers.map((_, l) => all.subarray(from + l * n, from + (l + 1) * n));
    const walls = { left: rows(0), right: rows(layers.length * n) };
    if (!hasBack) return { ...walls, back: null };
    const foremost = new Float64Array(acrosses.length).fill(-Infinity);
    for (let i = 2 * layers.length * n, k = 0; i < all.length; i += 1, k += 1) {
      const at = Math.floor(k / layers.length);
      foremost[at] = Math.max(foremost[at] as number, all[i] as number);
    }
    turn(walls, ps, leastSquaresSlope(acrosses, foremost));
    return { ...walls, back: foremost };
  };
  const joint = opening.jointly(points);
  const seen = (surface: 0 | 1) =>
    ps.map((_, i) => {
      const at = surface * layers.length * n + (layers.length - 1) * n + i;
      return Math.sqrt(Math.max(joint.covarianceMm2[at]?.[at] ?? 0, 0));
    });
  return {
    stance,
    ps,
    behind: layers.map((layer) => depthTo - layer),
    acrosses,
    mean: wallsIn(Float64Array.from(joint.meanMm)),
    sd: { left: seen(0), right: seen(1) },
    drawn: drawSamples(joint, samples, seed).map((drawSample) => wallsIn(drawSample)),
  };
}

/** A pocket takes a few hundred kilobytes, so a large job keeps only its last ones. */
const pockets = perOwner<Walled, Pocket>(60);

/** The pocket of a band, computed once per opening: another support often asks for the same one. */
export const pocketIn = (opening: Walled, band: Band, options: PocketOptions): Pocket =>
  pockets(opening, [band, options], () => pocketOf(opening, band, options));

/** Turns the ends to how a board sees them whose back edge lies along the back: where that runs askew, so does it. */
function turn({ left, right }: Pick<Walls, 'left' | 'right'>, ps: readonly number[], askew: number): void {
  for (const row of [...left, ...right]) {
    for (let i = 0; i < row.length; i += 1) row[i] = (row[i] as number) + askew * (ps[i] as number);
  }
}
