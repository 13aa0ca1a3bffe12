import { figure, less, toTape, type Figure } from '../figure';
import type { ShelvesWish } from '../job';
import { about as roughly, count, length, message, text } from '../message';
import type { Clear, Opening } from '../opening';
import { doubtful, stop, type Problem } from '../problem';
import type { Tape } from '../quantity';
import type { PartSpec } from '../system';
import { SURE } from '../survey';

/** A piece with its length: ready to be listed and cut. */
export interface Part extends Omit<PartSpec, 'length'> {
  readonly length: Figure;
  /** Both end gaps together where the opening is widest; null for pieces that do not run from wall to wall. */
  readonly endGap: Figure | null;
}

export interface Fitted {
  readonly parts: readonly Part[];
  readonly problems: readonly Problem[];
}

// What caulk hides at one end, twice; more than this in all is seen.
const SEEN_GAP_MM = 6;

/**
 * Gives every piece its length: the clear width over its own band, less the clearance, rounded down to the
 * tape, since a short piece goes in and a long one does not. Ends are square.
 */
export function fitParts(specs: readonly PartSpec[], opening: Opening, wish: ShelvesWish, tape: Tape): Fitted {
  const problems: Problem[] = [...depthProblems(wish, opening)];
  const parts = specs.flatMap((spec): Part[] => {
    const { length: rule, ...piece } = spec;
    if (rule.is === 'given') return [{ ...piece, length: toTape(rule.figure, tape, 'down'), endGap: null }];
    const clear = opening.clearWidth(rule.band);
    if (!clear) return [];
    const cut = toTape(less(clear.narrowest, rule.clearance.label, rule.clearance.mm), tape, 'down');
    if (cut.mm <= 0) {
      const lengths = { clearance: length(rule.clearance.mm), width: length(clear.narrowest.mm) };
      problems.push(stop({ is: 'shelf', shelf: spec.shelf }, message('problem.clearanceEatsWidth', lengths)));
      return [];
    }
    const endGap = less(clear.widest, message('term.boardLength', { part: text(spec.label) }), cut.mm);
    if (spec.role === 'board') problems.push(...boardProblems(spec, clear, endGap, rule.clearance.mm));
    return [{ ...piece, length: cut, endGap }];
  });
  if (specs.length > 0 && !opening.nominal.measured.width) {
    problems.push(stop({ is: 'place' }, message('problem.noWidth')));
  }
  return { parts, problems };
}

// What a person's own clearance is not asked to cover: a board may always rub by so little.
const LEAST_SURE_MM = 2;

function boardProblems(spec: PartSpec, clear: Clear, endGap: Figure, clearanceMm: number): Problem[] {
  const about = { is: 'shelf', shelf: spec.shelf } as const;
  const shelf = count(spec.shelf);
  const problems: Problem[] = [];
  if (endGap.mm > SEEN_GAP_MM) {
    problems.push(doubtful(about, message('problem.endGap', { shelf, gap: length(endGap.mm) })));
  }
  const sure = SURE * clear.sdMm;
  if (sure > Math.max(clearanceMm, LEAST_SURE_MM)) {
    const lengths = { sure: roughly(sure), clearance: length(clearanceMm) };
    problems.push(doubtful(about, message('problem.widthUnsure', { shelf, ...lengths })));
  }
  return problems;
}

function depthProblems(wish: ShelvesWish, opening: Opening): Problem[] {
  const clear = opening.clearDepth();
  if (!clear) return [doubtful({ is: 'place' }, message('problem.noDepth'))];
  const over = less(
    figure({ label: message('term.shelfDepth'), mm: wish.depth.mm }),
    clear.narrowest.terms[0]!.label,
    clear.narrowest.mm,
  );
  if (over.mm <= 0) return [];
  const lengths = { depth: length(wish.depth.mm), opening: length(clear.narrowest.mm), by: length(over.mm) };
  return [doubtful({ is: 'shelves' }, message('problem.tooDeep', lengths))];
}
