import { length, message, nested, text } from '../../base/message';
import type { Opening } from '../../place/opening';
import { stop, type Problem } from '../../base/problem';
import { NO_SHELF, type PartRole } from '../system/system';
import type { Part } from './part';

/** A piece smaller than this in any of its sizes is no piece. Millimetres. */
const LEAST_MM = 1;
/** A piece longer than its place by less than this still goes in: readings are no better. Millimetres. */
const SAME_MM = 0.5;

/** Pieces that lie along the back from side to side. */
const ALONG: ReadonlySet<PartRole> = new Set([
  'board',
  'skin',
  'nosing',
  'back-cleat',
  'rail-back',
  'rail-front',
  'case-top',
  'case-bottom',
  'tip-rail',
  'filler',
  'slat',
  'mesh',
]);

/**
 * Leaves out pieces that cannot be: those with a size of nothing or less, and those longer than the place they stand or
 * lie in. Each is named at its shelf or at the supports; the others go on.
 */
export function withoutImpossible(
  parts: readonly Part[],
  opening: Opening,
): { readonly parts: readonly Part[]; readonly problems: readonly Problem[] } {
  const ceilingMm = opening.surfaces.includes('ceiling') ? (opening.clearHeight()?.narrowest.mm ?? Infinity) : Infinity;
  const walled = opening.surfaces.includes('left') && opening.surfaces.includes('right');
  const problems: Problem[] = [];
  const made = parts.filter((part) => {
    const problem = sizeProblem(part) ?? placeProblem(part, ceilingMm, walled ? opening : null);
    if (problem) problems.push(problem);
    return !problem;
  });
  return { parts: made, problems };
}

const about = ({ shelf }: Part): Problem['about'] =>
  shelf === NO_SHELF ? { kind: 'support' } : { kind: 'shelf', shelf };

const pieceOf = ({ label, name }: Part) => ({ piece: text(label), name: nested(name) });

function sizeProblem(part: Part): Problem | null {
  const size = Math.min(part.length.mm, part.width.mm, part.thicknessMm);
  if (size >= LEAST_MM) return null;
  return stop(about(part), message('problem.noSize', { ...pieceOf(part), size: length(size) }));
}

function placeProblem(part: Part, ceilingMm: number, opening: Opening | null): Problem | null {
  const { place, length: long, role, upright } = part;
  if (upright && role !== 'trim') {
    const mostMm = ceilingMm - place.upFrom;
    if (long.mm <= mostMm + SAME_MM) return null;
    return stop(
      about(part),
      message('problem.higherThanPlace', { ...pieceOf(part), long: length(long.mm), most: length(mostMm) }),
    );
  }
  if (!opening || part.fit || !ALONG.has(role)) return null;
  const mostMm = widest(opening, place);
  if (long.mm <= mostMm + SAME_MM) return null;
  return stop(
    about(part),
    message('problem.longerThanPlace', { ...pieceOf(part), long: length(long.mm), most: length(mostMm) }),
  );
}

/** The widest the opening is over the heights and depths of a piece, wall to wall. Millimetres. */
function widest(opening: Opening, { upFrom, upTo, outFrom, outTo }: Part['place']): number {
  const apart = [upFrom, upTo].flatMap((up) =>
    [outFrom, outTo].map(
      (out) => opening.position({ surface: 'right', out, up }).mm - opening.position({ surface: 'left', out, up }).mm,
    ),
  );
  return Math.max(...apart);
}
