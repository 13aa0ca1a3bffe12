import type { Part } from '../fit';
import type { FacePoint } from './solid';

/** How far the coordinates of a piece's solid begin before those its outline, holes and screws are told in. */
export function zeroOf({ fit, corner }: Pick<Part, 'fit' | 'corner'>): FacePoint {
  const outline = fit?.outline ?? corner?.outline;
  if (!outline) return [0, 0];
  const lowest = Math.min(...outline.map(([, y]) => y));
  return [-Math.min(...outline.map(([x]) => x)), -(fit ? Math.min(lowest, 0) : lowest)];
}
