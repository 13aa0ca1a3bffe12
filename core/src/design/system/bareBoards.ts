import type { ShelvesWish } from '../../job';
import type { LaidShelf } from '../layout';
import { cornerBoard } from './corner';
import { boardAndNosing } from './pieces';
import type { PartSpec } from './system';

/** Boards alone, where what carries them is not planned: from wall to wall at the full depth, or in a corner. */
export function bareBoards(
  shelves: readonly LaidShelf[],
  wish: ShelvesWish,
  lie: 'between' | 'corner',
  depthOf: (shelf: number) => number,
): PartSpec[] {
  const thicknessMm = wish.thickness.mm;
  return shelves.flatMap((shelf) => {
    const depthMm = depthOf(shelf.number);
    if (lie === 'between') return boardAndNosing({ shelf, thicknessMm, depthMm, nosing: null });
    const band = { upFrom: shelf.underside.mm, upTo: shelf.top.mm, outFrom: 0, outTo: depthMm };
    return [cornerBoard(shelf.number, thicknessMm, depthMm, band)];
  });
}
