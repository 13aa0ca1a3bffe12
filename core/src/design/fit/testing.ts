import { BARE } from './bare';
import type { Part } from './part';
import type { PieceFit } from './piece';
import { figure } from '../../base/figure';
import { message } from '../../base/message';
import type { SurfacePoint } from '../../place/opening';
import type { Walled } from './pocket';

// For tests only: openings whose walls are said outright.

type Wall = (s: number, z: number) => number;

/** An opening 1000 wide, 400 deep, 2400 high, or with walls of its own; known for sure, or each wall to `sdMm`. */
export function openingWith(walls: { left?: Wall; right?: Wall; back?: Wall } = {}, sdMm = 0): Walled {
  const all: Record<string, Wall> = { left: () => -500, right: () => 500, back: () => 0, ...walls };
  const at = (point: SurfacePoint): number => {
    const wall = all[point.surface] as Wall;
    if ('out' in point && 'up' in point) return wall(point.out, point.up);
    return 'up' in point ? wall(point.across, point.up) : 0;
  };
  return {
    extent: { left: -500, right: 500, depth: 400, height: 2400, measured: { width: true, depth: true, height: true } },
    surfaces: ['left', 'right', 'back'],
    // A wall that is not known for sure is so as a whole.
    jointly: (points) => ({
      meanMm: points.map(at),
      covarianceMm2: points.map((a) => points.map((b) => (a.surface === b.surface ? sdMm ** 2 : 0))),
    }),
  };
}

const SQUARE_END = { style: 'angled', outMm: 0, degrees: 0, bevelDegrees: 0, allowanceMm: 0 } as const;
/** A fit with nothing but its ends. */
export const fitWith = (left: object, right: object = {}) =>
  ({ left: { ...SQUARE_END, ...left }, right: { ...SQUARE_END, ...right } }) as unknown as PieceFit;
/** A board of 1000 × 50 × 20, 1S. */
export const pieceWith = (change: Partial<Part> = {}): Part => ({
  ...BARE,
  id: 'x',
  shelf: 1,
  role: 'board',
  name: message('part.board'),
  label: '1S',
  thicknessMm: 20,
  width: figure({ label: message('part.board'), mm: 50 }),
  length: figure({ label: message('part.board'), mm: 1000 }),
  place: { upFrom: 0, upTo: 20, outFrom: 0, outTo: 50 },
  ...change,
});
