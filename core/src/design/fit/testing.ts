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
