import { figure, less, plus, toTape, type Figure } from '../figure';
import type { ShelvesWish } from '../job';
import { count, length, message } from '../message';
import type { Opening } from '../opening';
import { stop, type Problem } from '../problem';
import type { Tape } from '../quantity';
import { equalGapMm, mostShelves } from './equalGaps';

/** A shelf by its two faces; heights above the datum, millimetres. Number 1 is the lowest. */
export interface LaidShelf {
  readonly number: number;
  readonly top: Figure;
  readonly underside: Figure;
}

/** A clear space; `below` and `above` are shelf numbers, null at a boundary. */
export interface Gap {
  readonly below: number | null;
  readonly above: number | null;
  readonly clear: Figure;
}

export interface Layout {
  readonly shelves: readonly LaidShelf[];
  readonly gaps: readonly Gap[];
  readonly problems: readonly Problem[];
}

/**
 * Decides the height of every shelf from what the person wished and the clear height of the opening.
 * Tops come to lie on marks of the tape; every other height follows from them, so that errors do not add up.
 */
export function layOut(wish: ShelvesWish, opening: Opening, tape: Tape): Layout {
  const ceiling = opening.clearHeight()?.narrowest ?? null;
  const top = topBoundary(wish, ceiling);
  const bottom = bottomBoundary(wish);
  const laid = wish.way === 'typed' ? typedTops(wish) : equalTops(wish, bottom, top, tape);
  const shelves = laid.tops.map((shelfTop, index) => laidShelf(shelfTop, index + 1, wish.thickness.mm));
  return {
    shelves,
    gaps: gapsBetween(shelves, bottom, top),
    problems: [...laid.problems, ...roomProblems(shelves, ceiling)],
  };
}

interface Tops {
  readonly tops: readonly Figure[];
  readonly problems: readonly Problem[];
}

function topBoundary(wish: ShelvesWish, ceiling: Figure | null): Figure | null {
  if (wish.top.from === 'height') return figure({ label: message('term.topTyped'), mm: wish.top.up.mm });
  return ceiling;
}

function bottomBoundary(wish: ShelvesWish): Figure {
  return wish.bottom.from === 'height'
    ? figure({ label: message('term.bottomTyped'), mm: wish.bottom.up.mm })
    : figure({ label: message('term.bottomFloor'), mm: 0 });
}

function laidShelf(top: Figure, number: number, thickness: number): LaidShelf {
  const shelfTop = figure({ label: message('term.shelfTop', { shelf: count(number) }), mm: top.mm });
  return { number, top, underside: less(shelfTop, message('term.lessThickness'), thickness) };
}

function typedTops(wish: ShelvesWish): Tops {
  const tops = wish.heights
    .map((height) => figure({ label: message('term.typedHeight'), mm: height.up.mm }))
    .sort((a, b) => a.mm - b.mm);
  return { tops, problems: tops.length === 0 ? [stop({ is: 'shelves' }, message('problem.noShelves'))] : [] };
}

function equalTops(wish: ShelvesWish, bottom: Figure, top: Figure | null, tape: Tape): Tops {
  const failed = (problem: Problem): Tops => ({ tops: [], problems: [problem] });
  if (wish.count === 0) return failed(stop({ is: 'shelves' }, message('problem.noShelves')));
  if (!top) return failed(stop({ is: 'place' }, message('problem.noHeight')));
  const clear = top.mm - bottom.mm;
  if (clear <= 0) {
    return failed(
      stop({ is: 'shelves' }, message('problem.boundariesCross', { bottom: length(bottom.mm), top: length(top.mm) })),
    );
  }
  const thickness = wish.thickness.mm;
  const gap = equalGapMm(clear, wish.count, thickness);
  if (gap <= 0) {
    return failed(
      stop(
        { is: 'shelves' },
        message('problem.tooManyShelves', {
          count: count(wish.count),
          clear: length(clear),
          fits: count(mostShelves(clear, thickness)),
        }),
      ),
    );
  }
  const tops = Array.from({ length: wish.count }, (_, index) => {
    const n = count(index + 1);
    const gaps = plus(bottom, message('term.gaps', { count: n, gap: length(gap) }), (index + 1) * gap);
    const label = message('term.thicknesses', { count: n, thickness: length(thickness) });
    return toTape(plus(gaps, label, (index + 1) * thickness), tape, 'nearest');
  });
  return { tops, problems: [] };
}

/** Clear spaces from the bottom boundary up; the one to the top boundary is left out while that is unknown. */
function gapsBetween(shelves: readonly LaidShelf[], bottom: Figure, top: Figure | null): Gap[] {
  const lowest = figure({ label: message('term.bottomBoundary'), mm: -bottom.mm });
  return [...shelves, null].flatMap((shelf, index): Gap[] => {
    const below = shelves[index - 1] ?? null;
    const ends = shelf
      ? { label: message('term.undersideOfShelfAbove', { shelf: count(shelf.number) }), mm: shelf.underside.mm }
      : top && { label: message('term.topBoundary'), mm: top.mm };
    if (!ends) return [];
    const from = below
      ? { label: message('term.topOfShelfBelow', { shelf: count(below.number) }), mm: -below.top.mm }
      : lowest.terms[0];
    const clear = figure(ends, ...(from && from.mm !== 0 ? [from] : []));
    return [{ below: below?.number ?? null, above: shelf?.number ?? null, clear }];
  });
}

function roomProblems(shelves: readonly LaidShelf[], ceiling: Figure | null): Problem[] {
  return shelves.flatMap((shelf, index) => {
    const about = { is: 'shelf', shelf: shelf.number } as const;
    const n = count(shelf.number);
    const problems: Problem[] = [];
    if (ceiling && shelf.top.mm > ceiling.mm) {
      const heights = { top: length(shelf.top.mm), ceiling: length(ceiling.mm) };
      problems.push(stop(about, message('problem.shelfAboveCeiling', { shelf: n, ...heights })));
    }
    if (shelf.underside.mm < 0) {
      const underside = length(shelf.underside.mm);
      problems.push(stop(about, message('problem.shelfThroughFloor', { shelf: n, underside })));
    }
    const below = shelves[index - 1];
    if (below && shelf.underside.mm < below.top.mm) {
      const overlap = length(below.top.mm - shelf.underside.mm);
      problems.push(stop(about, message('problem.shelvesOverlap', { lower: count(below.number), upper: n, overlap })));
    }
    return problems;
  });
}
