import type { Job } from '../../job';
import { count, length, message, text } from '../../base/message';
import { doubtful, type Problem } from '../../base/problem';
import type { Band } from '../../place/opening';
import type { Across, Hardware } from '../system';
import { clearOf, type OutlinePoint } from './outline';
import type { BoardHole, Part } from './part';

type Wish = NonNullable<Job['further']>['holes'][number];

/** Wood that is left about a hole at the least, millimetres. */
export const LEFT_MM = 10;

/**
 * The pieces of a job with the holes that are wished through their boards: each goes through board and skins alike. One
 * whose middle is beside the board is named and left out; one near an edge or over a support is named.
 */
export function withHoles(
  parts: readonly Part[],
  hardware: readonly Hardware[],
  job: Pick<Job, 'further'>,
): { readonly parts: readonly Part[]; readonly problems: readonly Problem[] } {
  const wishes = job.further?.holes ?? [];
  if (wishes.length === 0) return { parts, problems: [] };
  const problems: Problem[] = [];
  const made = parts.map((part): Part => {
    if (part.role !== 'board' && part.role !== 'skin') return part;
    const ours = wishes.filter((wish) => wish.shelf === part.shelf);
    const holes = ours.flatMap((wish) => {
      const hole = holeIn(part, wish);
      const clear = clearOf(outlineOfPart(part), hole.at);
      const said = { shelf: count(part.shelf), piece: text(part.label) };
      const about = { kind: 'shelf', shelf: part.shelf } as const;
      if (clear <= 0) {
        if (part.role === 'board') problems.push(doubtful(about, message('problem.holeOff', said)));
        return [];
      }
      if (part.role === 'board') {
        if (clear - hole.diameterMm / 2 < LEFT_MM)
          problems.push(doubtful(about, message('problem.holeEdge', { ...said, least: length(LEFT_MM) })));
        problems.push(
          ...under(part, hole, parts).map((other) =>
            doubtful(about, message('problem.holeOver', { ...said, other: text(other.label) })),
          ),
        );
        if (hardware.some((one) => one.shelf === part.shelf && meets(part, hole, one.place, one.across)))
          problems.push(doubtful(about, message('problem.holeBracket', said)));
      }
      return [hole];
    });
    return holes.length > 0 ? { ...part, holes } : part;
  });
  return { parts: made, problems };
}

/** The outline of a board, or the rectangle it is where it has none of its own. */
export function outlineOfPart({ fit, corner, length: { mm }, width }: Part): readonly OutlinePoint[] {
  return (
    fit?.outline ??
    corner?.outline ?? [
      [0, 0],
      [mm, 0],
      [mm, width.mm],
      [0, width.mm],
    ]
  );
}

function holeIn(part: Part, { from, at, back, diameter }: Wish): BoardHole {
  const { corner, fit } = part;
  // Along the back edge from its left end; in a corner on the right that is the far end.
  const long = corner?.backMm ?? fit?.backMm ?? part.length.mm;
  const along = from === 'left' ? at.mm : long - at.mm;
  const x = corner?.side === 'right' ? along - long : along;
  return { at: [x, back.mm], diameterMm: diameter.mm, from, alongMm: at.mm, backMm: back.mm };
}

/** Pieces close under a board, or within a hollow or slotted one, that a hole would come down on. */
function under(board: Part, hole: BoardHole, parts: readonly Part[]): Part[] {
  const [x] = hole.at;
  const r = hole.diameterMm / 2;
  const long = board.corner?.backMm ?? board.fit?.backMm ?? board.length.mm;
  const lowMm = Math.min(
    ...parts.filter((part) => part.shelf === board.shelf && FLAT.has(part.role)).map((part) => part.place.upFrom),
  );
  return parts.filter((part) => {
    if (part.shelf !== board.shelf || FLAT.has(part.role) || part.role === 'divider' || part.role === 'nosing')
      return false;
    if (
      part.place.upTo < lowMm - 1 ||
      part.place.upFrom >= board.place.upTo ||
      !meets(board, hole, part.place, part.across)
    )
      return false;
    if (part.role === 'side-cleat-left') return x - r < part.thicknessMm;
    if (part.role === 'side-cleat-right') return x + r > long - part.thicknessMm;
    // Along the side wall of a corner, which is where the board's outline begins.
    if (part.role === 'rail-side') return Math.abs(x) - r < part.thicknessMm;
    return true;
  });
}
const FLAT: ReadonlySet<Part['role']> = new Set(['board', 'skin', 'slat']);

/** Whether a hole lies over a stretch out from the back, and across where that is known. */
function meets(
  board: Part,
  { at: [x, y], diameterMm }: BoardHole,
  { outFrom, outTo }: Pick<Band, 'outFrom' | 'outTo'>,
  across?: Across,
): boolean {
  const r = diameterMm / 2;
  const out = y + board.place.outFrom;
  if (out + r <= outFrom || out - r >= outTo) return false;
  const start = board.across?.fromMm ?? board.fit?.seat.acrossMm ?? null;
  return !across || start === null || (start + x + r > across.fromMm && start + x - r < across.toMm);
}
