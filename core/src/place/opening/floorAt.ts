import type { FloorPoint } from '../kinds/point';
import type { Opening } from './opening';

/** Height of the floor at a place, above the floor mark, rounded to 0.1 mm; 0 when the opening has no floor. */
export const floorAt = (opening: Pick<Opening, 'surfaces' | 'position'>, at: FloorPoint): number =>
  opening.surfaces.includes('floor') ? Math.round(10 * opening.position({ surface: 'floor', ...at }).mm) / 10 : 0;
