import { figure } from '../figure';
import type { ShelvesWish, Support } from '../job';
import type { LaidShelf } from '../layout';
import { message } from '../message';
import type { PartSpec } from './system';

/**
 * Boards alone, where what carries them is not planned: from wall to wall at the full depth; in a corner with a hidden
 * rail along each wall, as high and as thick as cleats are.
 */
export function bareBoards(shelves: readonly LaidShelf[], wish: ShelvesWish, support: Support, lie: 'between' | 'corner'): PartSpec[] {
  const depth = figure({ label: message('term.shelfDepth'), mm: wish.depth.mm });
  const railHigh = figure({ label: message('term.cleatHeight'), mm: support.cleat.height.mm });
  return shelves.flatMap(({ number, top, underside }): PartSpec[] => {
    const band = { upFrom: underside.mm, upTo: top.mm, outFrom: 0, outTo: wish.depth.mm };
    const board = { shelf: number, id: `S${number}-board`, role: 'board', name: message('part.board'), label: `${number}S`, thicknessMm: wish.thickness.mm, width: depth, place: band } as const;
    if (lie === 'between') return [{ ...board, length: { is: 'between-walls', band, stance: 'flat', least: null } }];
    const under = { ...band, upFrom: underside.mm - support.cleat.height.mm, upTo: underside.mm };
    const rail = (role: 'rail-back' | 'rail-side', letter: string): PartSpec => ({
      shelf: number,
      id: `S${number}-${role}`,
      role,
      name: message(role === 'rail-back' ? 'part.rail.back' : 'part.rail.side'),
      label: `${number}${letter}`,
      thicknessMm: support.cleat.thickness.mm,
      width: railHigh,
      place: under,
      length: { is: 'corner', band: under },
    });
    return [{ ...board, length: { is: 'corner', band } }, rail('rail-back', 'B'), rail('rail-side', 'W')];
  });
} // prettier-ignore
