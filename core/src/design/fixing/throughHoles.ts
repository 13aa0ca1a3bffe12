import type { Part } from '../fit';
import { count, message, text } from '../../base/message';
import { doubtful, type Problem } from '../../base/problem';
import type { Fixing } from './fixing';

/** Wood between a hole through a board and a screw of it, at the least. Millimetres. */
const BESIDE_MM = 8;

/** Holes for cables that take away a screw of the board they go through; each board is named once. */
export function throughHoles(parts: readonly Part[], fixings: readonly Fixing[]): Problem[] {
  return parts.flatMap((part): Problem[] => {
    const screws = fixings.filter(({ through }) => through.kind === 'piece' && through.id === part.id);
    const taken = (part.holes ?? []).some(({ at: [x, y], diameterMm }) =>
      screws.some((screw) =>
        screw.holes.some((hole) => Math.hypot(hole.alongMm - x, hole.acrossMm - y) < diameterMm / 2 + BESIDE_MM),
      ),
    );
    const said = { piece: text(part.label), shelf: count(part.shelf) };
    return taken ? [doubtful({ kind: 'shelf', shelf: part.shelf }, message('problem.holeScrew', said))] : [];
  });
}
