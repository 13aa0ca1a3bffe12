import type { FloorPoint } from '../kinds/point';
import type { Opening } from './opening';

/** How high the floor lies at a place, above the floor mark, to a tenth of a millimetre; 0 where there is no floor. */
export const floorAt = (opening: Pick<Opening, 'surfaces' | 'position'>, at: FloorPoint): number =>
  opening.surfaces.includes('floor') ? Math.round(10 * opening.position({ surface: 'floor', ...at }).mm) / 10 : 0;
