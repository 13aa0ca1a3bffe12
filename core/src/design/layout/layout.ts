import { figure, less, toTape, type Figure } from '../../base/figure';
import { RATIO } from '../../job/limits';
import { count, length, message } from '../../base/message';
import { doubtful, stop, type Problem } from '../../base/problem';
import { bottomOf, heldShelves, topOf, type Bottom, type Held } from './bounds';
import { LEAST_GAP_MM, storedOn, storeIn, type Contents } from './contents';
import { mostShelves } from './equalGaps';
import { hangerProblems, railOf, type Rail } from './garments';
import { blockedTops, meetsKeepClear, nearestFree, type Blocked } from './keepClear';
import type { Inside, Laid, LayoutInput, Setting, Space } from './setting';
import { leastGapMm, shareOut, spaced, type Spaced, type Stretch } from './spacing';

/** A shelf by its two faces; heights above the datum, millimetres. The lowest of a bay has the least number. */
export interface LaidShelf {
  readonly number: number;
  readonly top: Figure;
  readonly underside: Figure;
  /** Why it stays where it is however the others are spaced; null for one that does not. */
  readonly held: Held['held'] | null;
  /** The id of the height it was given; null for one that was worked out. */
  readonly id: string | null;
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
  /** Heights no shelf's top may have. */
  readonly blocked: readonly Blocked[];
  /** Where the space for shelves begins and ends; in a case, between its bottom and its top. */
  readonly space: Space;
  /** The same of what the case itself stands in. */
  readonly outer: Space;
  /** A closet rail below the shelves. */
  readonly rail: Rail | null;
  /** What stands where; null where nothing is listed, or too little is known. */
  readonly contents: Contents | null;
  readonly problems: readonly Problem[];
}

/**
 * Decides the height of every shelf from what the person wished, what is to be stored, and the clear height of the
 * opening. Tops come to lie on marks of the tape, but for those that are held; every other height follows from them,
 * so that errors do not add up.
 */
export function layOut(input: LayoutInput): Layout {
  const { job, opening, under, first = 1 } = input;
  const { shelves: wish, place } = job;
  const ceiling = opening.clearHeight()?.narrowest ?? null;
  const depthMm = opening.extent.depth;
  const rail = railOf(wish.bottom, depthMm, job.tape);
  const [outerBottom, outerTop] = [bottomOf(wish, rail), topOf(wish, ceiling)];
  const outer: Space = { fromMm: outerBottom.at.mm, toMm: outerTop?.mm ?? null };
  const inside = input.inside?.(outer) ?? null;
  const bottom = inside ? { ...outerBottom, at: inside.bottom, stands: true } : outerBottom;
  const { held, problems } = heldShelves(wish, bottom, job);
  const blocked = blockedTops(place, { thicknessMm: wish.thickness.mm, depthMm: wish.depth.mm, under });
  const top = inside ? inside.top : outerTop;
  const overTopMm = (outerTop?.mm ?? 0) - (top?.mm ?? 0);
  const setting: Setting = { input, bottom, top, inside, overTopMm, held, blocked };
  const laid = layTops(setting);
  const shelves = [...laid.shelves]
    .sort((a, b) => a.top.mm - b.top.mm)
    .map((shelf, i) => laidShelf(shelf, first + i, wish.thickness.mm));
  return {
    shelves,
    gaps: gapsBetween(shelves, bottom, setting.top),
    blocked,
    space: { fromMm: bottom.at.mm, toMm: top?.mm ?? null },
    outer,
    rail,
    contents:
      laid.contents === undefined
        ? storedOn(
            setting,
            shelves.map((shelf) => shelf.top.mm),
          )
        : laid.contents,
    problems: [
      ...problems,
      ...laid.problems,
      ...roomProblems(shelves, ceiling),
      ...(inside ? caseProblems(shelves, inside) : []),
      ...clearProblems(shelves, blocked, job, ceiling?.mm ?? Infinity),
      ...hangerProblems(rail, depthMm),
    ],
  };
}

function layTops(setting: Setting): Laid {
  const { held, input, top } = setting;
  const { shelves: wish, things } = input.job;
  if (wish.way === 'typed') {
    const free = wish.heights
      .filter((height) => !height.locked)
      .map((height) => ({
        top: figure({ label: message('term.typedHeight'), mm: height.up.mm }),
        held: null,
        id: height.id,
      }));
    const all = [...held, ...free];
    return {
      shelves: all,
      problems: all.length === 0 ? [stop({ kind: 'shelves' }, message('problem.noShelves'))] : [],
    };
  }
  const failed = (problem: Problem): Laid => ({ shelves: held, problems: [problem] });
  if (wish.count === 0 && held.length === 0) return failed(stop({ kind: 'shelves' }, message('problem.noShelves')));
  if (!top) return failed(stop({ kind: 'place' }, message('problem.noHeight')));
  if (top.mm <= setting.bottom.at.mm) {
    const ends = { bottom: length(setting.bottom.at.mm), top: length(top.mm) };
    return failed(stop({ kind: 'shelves' }, message('problem.boundariesCross', ends)));
  }
  if (wish.way !== 'contents') return layEvenly(setting, top, wish.way);
  if (things.length === 0) {
    const even = layEvenly(setting, top, 'equal-gaps');
    return { ...even, problems: [doubtful({ kind: 'shelves' }, message('problem.nothingListed')), ...even.problems] };
  }
  const stored = storeIn(setting, top);
  if (stored) return stored;
  const even = layEvenly(setting, top, 'equal-gaps');
  return {
    ...even,
    problems: [
      ...even.problems,
      ...(even.problems.length > 0
        ? []
        : [
            stop(
              { kind: 'shelves' },
              message('problem.leastGap', { count: count(wish.count), gap: length(wish.leastGap?.mm ?? LEAST_GAP_MM) }),
            ),
          ]),
    ],
  };
}

/** Shelves shared out evenly over what is left between those that are held. */
function layEvenly({ held, bottom, input }: Setting, top: Figure, way: Spaced): Laid {
  const { shelves: wish, tape } = input.job;
  const thicknessMm = wish.thickness.mm;
  const inside = held.filter((one) => one.top.mm > bottom.at.mm && one.top.mm - thicknessMm < top.mm);
  const stretches = stretchesBetween(inside, bottom, top, thicknessMm);
  const shelves = Math.max(wish.count - held.length, 0);
  const counts = shareOut(stretches, shelves, thicknessMm);
  const spacing = { way, thicknessMm, ratio: wish.ratio ?? RATIO.usual };
  const full = stretches.some(
    (stretch, i) => (counts[i] ?? 0) > 0 && leastGapMm(stretch, counts[i] as number, spacing) <= 0,
  );
  if (full) {
    const clears = stretches.map((stretch) => Math.max(stretch.to.mm - stretch.from.mm, 0));
    const fits = clears.reduce((sum, clear) => sum + mostShelves(clear, thicknessMm), 0);
    const clear = clears.reduce((sum, one) => sum + one, 0);
    const numbers = { count: count(wish.count), clear: length(clear), fits: count(fits + held.length) };
    return { shelves: held, problems: [stop({ kind: 'shelves' }, message('problem.tooManyShelves', numbers))] };
  }
  const tops = stretches.flatMap((stretch, i) => spaced(stretch, counts[i] as number, spacing));
  return {
    shelves: [...held, ...tops.map((one) => ({ top: toTape(one, tape, 'nearest'), held: null, id: null }))],
    problems: [],
  };
}

function stretchesBetween(held: readonly Held[], bottom: Bottom, top: Figure, thicknessMm: number): Stretch[] {
  return [...held, null].flatMap((one, i): Stretch[] => {
    const below = held[i - 1];
    // Nothing goes below a shelf that lies on the boundary.
    if (i === 0 && bottom.seats && one) return [];
    return [
      {
        from: below ? figure({ label: message('term.topOfHeld'), mm: below.top.mm }) : bottom.at,
        to: one
          ? less(
              figure({ label: message('term.topOfHeld'), mm: one.top.mm }),
              message('term.lessThickness'),
              thicknessMm,
            )
          : top,
        onShelf: below !== undefined,
        underShelf: one !== null,
      },
    ];
  });
}

function laidShelf(one: Laid['shelves'][number], number: number, thickness: number): LaidShelf {
  const shelfTop = figure({ label: message('term.shelfTop', { shelf: count(number) }), mm: one.top.mm });
  return { ...one, number, underside: less(shelfTop, message('term.lessThickness'), thickness) };
}

/** Clear spaces from the bottom boundary up; the one to the top boundary is left out while that is unknown. */
function gapsBetween(shelves: readonly LaidShelf[], bottom: Bottom, top: Figure | null): Gap[] {
  const lowest = figure({ label: message('term.bottomBoundary'), mm: -bottom.at.mm });
  return [...shelves, null].flatMap((shelf, index): Gap[] => {
    const below = shelves[index - 1] ?? null;
    if (!below && shelf?.held === 'seated') return [];
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
    const about = { kind: 'shelf', shelf: shelf.number } as const;
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

/** Shelves that stand in the bottom or the top of the case they are in. */
function caseProblems(shelves: readonly LaidShelf[], { bottom, top }: Inside): Problem[] {
  return shelves.flatMap((shelf) => {
    const about = { kind: 'shelf', shelf: shelf.number } as const;
    const n = count(shelf.number);
    // One that lies on the bottom boundary lies on the bottom of the case.
    if (shelf.held !== 'seated' && shelf.underside.mm < bottom.mm - ON_MM) {
      const lowest = length(bottom.mm);
      return [stop(about, message('problem.shelfInCaseBottom', { shelf: n, lowest }))];
    }
    if (top && shelf.top.mm > top.mm + ON_MM) {
      return [stop(about, message('problem.shelfInCaseTop', { shelf: n, highest: length(top.mm) }))];
    }
    return [];
  });
}
/** A shelf that lies on a board of the case lies on it, not in it. Millimetres. */
const ON_MM = 0.05;

/** Shelves that meet a keep-clear; a free height must leave room for the board between the shelves beside it. */
function clearProblems(
  shelves: readonly LaidShelf[],
  blocked: readonly Blocked[],
  { shelves: wish, tape }: LayoutInput['job'],
  ceilingMm: number,
): Problem[] {
  const thicknessMm = wish.thickness.mm;
  return shelves.flatMap((shelf, i) => {
    const free = nearestFree(shelf.top.mm, blocked, {
      leastMm: (shelves[i - 1]?.top.mm ?? 0) + thicknessMm,
      mostMm: shelves[i + 1]?.underside.mm ?? ceilingMm,
      tape,
    });
    return meetsKeepClear({ number: shelf.number, topMm: shelf.top.mm }, blocked, free);
  });
}
