import { PAPERS } from '../../design/template/tiles';
import type { Region } from '../../job/document';

const POINTS_PER_MM = 72 / 25.4;

/** Width and height of the paper of a region, points: A4, or Letter. */
export function paperPoints(region: Region): readonly [width: number, height: number] {
  const { width, height } = PAPERS[region === 'us' ? 'letter' : 'a4'];
  return [width * POINTS_PER_MM, height * POINTS_PER_MM];
}
