import type { Job } from '../job';
import { count, length, message, text } from '../message';
import { doubtful, type Problem } from '../problem';
import type { OutlinePoint } from './outline';
import type { Part } from './parts';

type Wish = NonNullable<Job['further']>['holes'][number];

/** A hole through a board. Millimetres. */
export interface BoardHole {
  /** Its middle on the board's outline. */
  readonly at: OutlinePoint;
  readonly diameterMm: number;
  /** As it is marked: from which end, how far along, and how far from the back edge. */
  readonly from: Wish['from'];
  readonly alongMm: number;
  readonly backMm: number;
}

/** Wood that is left about a hole at the least, millimetres. */
export const LEFT_MM = 10;

/**
 * The pieces of a job with the holes that are wished through their boards: each goes through board and skins alike. One
 * whose middle is beside the board is named and left out; one near an edge or over a support is named.
 */
export function withHoles(parts: readonly Part[], job: Pick<Job, 'further'>): { readonly parts: readonly Part[]; readonly problems: readonly Problem[] } {
  const wishes = job.further?.holes ?? [];
  if (wishes.length === 0) return { parts, problems: [] };
  const problems: Problem[] = [];
  const made = parts.map((part): Part => {
    if (part.role !== 'board' && part.role !== 'skin') return part;
    const ours = wishes.filter((one) => one.shelf === part.shelf);
    const holes = ours.flatMap((wish) => {
      const hole = holeIn(part, wish);
      const room = clearOf(outlineOf(part), hole.at) - hole.diameterMm / 2;
      const said = { shelf: count(part.shelf), piece: text(part.label) };
      const about = { is: 'shelf', shelf: part.shelf } as const;
      if (room <= -hole.diameterMm / 2) {
        if (part.role === 'board') problems.push(doubtful(about, message('problem.holeOff', said)));
        return [];
      }
      if (part.role === 'board') {
        if (room < LEFT_MM) problems.push(doubtful(about, message('problem.holeEdge', { ...said, least: length(LEFT_MM) })));
        problems.push(...under(part, hole, parts).map((other) => doubtful(about, message('problem.holeOver', { ...said, other: text(other.label) }))));
      }
      return [hole];
    });
    return holes.length > 0 ? { ...part, holes } : part;
  });
  return { parts: made, problems };
} // prettier-ignore

/** The outline of a board, or the rectangle it is where it has none of its own. */
export function outlineOf({ fit, corner, length: { mm }, width }: Part): readonly OutlinePoint[] {
  return fit?.outline ?? corner?.outline ?? [[0, 0], [mm, 0], [mm, width.mm], [0, width.mm]]; // prettier-ignore
}

function holeIn(part: Part, { from, at, back, diameter }: Wish): BoardHole {
  const { corner, fit } = part;
  // Along the back edge from its left end; in a corner on the right that is the far end.
  const long = corner?.backMm ?? fit?.backMm ?? part.length.mm;
  const along = from === 'left' ? at.mm : long - at.mm;
  const x = corner?.side === 'right' ? along - long : along;
  return { at: [x, back.mm], diameterMm: diameter.mm, from, alongMm: at.mm, backMm: back.mm };
}

/** How far a point lies within an outline; negative outside it. Millimetres. */
export function clearOf(outline: readonly OutlinePoint[], [x, y]: OutlinePoint): number {
  let [least, within] = [Infinity, false];
  outline.forEach(([x1, y1], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length] as OutlinePoint;
    const [dx, dy] = [x2 - x1, y2 - y1];
    const square = dx * dx + dy * dy;
    const share = square > 0 ? Math.min(Math.max(((x - x1) * dx + (y - y1) * dy) / square, 0), 1) : 0;
    least = Math.min(least, Math.hypot(x - x1 - share * dx, y - y1 - share * dy));
    if (y1 > y !== y2 > y && x < x1 + ((y - y1) / dy) * dx) within = !within;
  });
  return within ? least : -least;
}

/** Pieces close under a board that a hole would come down on. */
function under(board: Part, { at: [x, y], diameterMm }: BoardHole, parts: readonly Part[]): Part[] {
  const r = diameterMm / 2;
  const start = board.across?.fromMm ?? board.fit?.seat.acrossMm ?? null;
  const long = board.fit?.backMm ?? board.length.mm;
  const out = y + board.place.outFrom;
  return parts.filter((one) => {
    if (one.shelf !== board.shelf || one.id === board.id || one.role === 'skin' || one.role === 'divider') return false;
    const { upFrom, upTo, outFrom, outTo } = one.place;
    if (upTo < board.place.upFrom - 1 || upFrom > board.place.upFrom - 1 || out + r <= outFrom || out - r >= outTo) return false;
    if (one.role === 'side-cleat-left') return x - r < one.thicknessMm;
    if (one.role === 'side-cleat-right') return x + r > long - one.thicknessMm;
    if (!one.across || start === null) return true;
    return start + x + r > one.across.fromMm && start + x - r < one.across.toMm;
  });
} // prettier-ignore
