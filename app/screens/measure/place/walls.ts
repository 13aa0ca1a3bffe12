import type { Job, Stud } from '@dormer/core/job/document';
import { specOf } from '@dormer/core/place/kinds';

/** The walls of a place that things can be fixed to, from left to right. */
export function wallsIn({ place }: Job): Stud['wall'][] {
  const surfaces = specOf(place).surfaces(place);
  return (['left', 'back', 'right'] as const).filter((wall) => surfaces.includes(wall));
}
