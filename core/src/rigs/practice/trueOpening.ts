import type { Opening, SurfacePoint } from '../../place/opening';
import type { Room } from './room';

/** A room as an opening that is known to the last hair: what could be cut if measuring cost nothing. */
export function openingOfRoom(room: Room): Pick<Opening, 'extent' | 'surfaces' | 'jointly'> {
  const at = (point: SurfacePoint): number => {
    if ('out' in point && 'up' in point) return room.position(point.surface, point.out, point.up);
    if ('up' in point) return room.position(point.surface, point.across, point.up);
    return room.position(point.surface, point.across, point.out);
  };
  return {
    extent: room.extent,
    surfaces: room.surfaces,
    jointly: (points) => ({ meanMm: points.map(at), covarianceMm2: points.map(() => points.map(() => 0)) }),
  };
}
