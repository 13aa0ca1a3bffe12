import { perOwner } from '../../base/memory';
import { drawSamples, type Band, type Opening, type SurfacePoint } from '../../place/opening';
import { stations } from '../../place/kinds';
import { leastSquaresSlope } from '../../place/opening/line';

/**
 * How a piece lies in the opening: a board flat, its face seen from above and its thickness upright; a nosing or a back
 * cleat on edge, its face seen from the front and its thickness running out from the back.
 */
export type Stance = 'flat' | 'on-edge';

/** Where the two end walls and the back of a pocket most likely are, station by station. All millimetres. */
export interface Walls {
  /** x of the left wall by layer (the seen face last) and station over the face. */
  readonly left: readonly Float64Array[];
  readonly right: readonly Float64Array[];
  /** y of the back at stations across, the foremost of the layers; null where there is none. */
  readonly back: Float64Array | null;
}

/**
 * The same walls in one row of numbers, as they are drawn by the hundred: x of the left wall by layer and station, x of
 * the right one, then y of the back at the stations across.
 */
export type DrawnWalls = Float64Array;

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
  /** The same in one row. */
  readonly likely: DrawnWalls;
  /** Standard deviation of each end wall at the seen face, by station. */
  readonly sd: { readonly left: readonly number[]; readonly right: readonly number[] };
  /** Walls that agree with the readings, drawn from them. */
  readonly drawn: readonly DrawnWalls[];
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
  const behindIt = acrosses.flatMap((across) => layers.map((up): SurfacePoint => ({ surface: 'back', across, up })));
  const points = [...side('left'), ...side('right'), ...behindIt];
  const n = ps.length;
  const joint = opening.jointly(points);
  const settle = (row: Float64Array) => inPlace(row, { ps, layers: layers.length, acrosses });
  const likely = settle(Float64Array.from(joint.meanMm));
  const rows = (from: number) => layers.map((_, l) => likely.subarray(from + l * n, from + (l + 1) * n));
  const back = hasBack ? backIn(likely, { ps, behind: layers }) : null;
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
    mean: { left: rows(0), right: rows(layers.length * n), back },
    likely,
    sd: { left: seen(0), right: seen(1) },
    drawn: drawSamples(joint, samples, seed).map(settle),
  };
}

/** The back of drawn walls at the stations across. */
export const backIn = (walls: DrawnWalls, { ps, behind }: Pick<Pocket, 'ps' | 'behind'>): Float64Array =>
  walls.subarray(2 * behind.length * ps.length);

/** A pocket takes a few hundred kilobytes, so a large job keeps only its last ones. */
const pockets = perOwner<Walled, Pocket>(60);

/** The pocket of a band, computed once per opening: another support often asks for the same one. */
export const pocketIn = (opening: Walled, band: Band, options: PocketOptions): Pocket =>
  pockets(opening, [band, options], () => pocketOf(opening, band, options));

interface Laid extends Pick<Pocket, 'ps' | 'acrosses'> {
  readonly layers: number;
}

/**
 * Puts surface positions, as they are asked for, into the row of a pocket's walls: of the back the foremost of its
 * layers counts, and the ends are turned to how a board sees them whose back edge lies along it: where that runs askew,
 * so do they.
 * @param row by layer and station the left wall, then the right; the back by station across and layer. Changed.
 */
function inPlace(row: Float64Array, { ps, acrosses, layers }: Laid): DrawnWalls {
  const ends = 2 * layers * ps.length;
  if (acrosses.length === 0) return row;
  for (let k = 0; k < acrosses.length; k += 1) {
    let foremost = -Infinity;
    for (let l = 0; l < layers; l += 1) foremost = Math.max(foremost, row[ends + k * layers + l] as number);
    row[ends + k] = foremost;
  }
  const walls = row.subarray(0, ends + acrosses.length);
  const askew = leastSquaresSlope(acrosses, walls.subarray(ends));
  for (let i = 0; i < ends; i += 1) walls[i] = (walls[i] as number) + askew * (ps[i % ps.length] as number);
  return walls;
}
