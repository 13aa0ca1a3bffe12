import type { Region } from '../../job/document';

/** Width and height of the paper of a region, points: A4, or Letter. */
export const PAPER_POINTS: Readonly<Record<Region, readonly [width: number, height: number]>> = {
  uk: [595.28, 841.89],
  us: [612, 792],
};
