import type { Job } from '../../job';
import { cabinetSpan } from './cabinetSpan';
import { chimneyAlcove } from './chimneyAlcove';
import { cloakroomCloset } from './cloakroomCloset';
import { parcelBench } from './parcelBench';
import { stairCavity } from './stairCavity';
import { windowCorner } from './windowCorner';

export { cabinetSpan, chimneyAlcove, cloakroomCloset, parcelBench, stairCavity, windowCorner };

/** The jobs of the demo scenario: an old house by a canal that becomes a board-game lending library. */
export function demoJobs(): Job[] {
  return [chimneyAlcove(), stairCavity(), windowCorner(), cloakroomCloset(), cabinetSpan(), parcelBench()];
}
