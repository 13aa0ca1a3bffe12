import { figure, less, plus, type Figure } from '../figure';
import type { ShelvesWish, Support } from '../job';
import type { LaidShelf, Under, WallMark } from '../layout';
import { count, length, message } from '../message';
import { doubtful, stop, type Problem } from '../problem';
import type { PartSpec, SystemInput, SystemResult } from './system';

type Cleats = Extract<Support, { system: 'three-side-cleats' }>;
type Input = SystemInput<Cleats>;

/**
 * A shelf on a cleat along each of three walls, with a nosing along its front that hides cleats and stiffens.
 * Deductions: board depth = shelf depth - nosing; side cleat = shelf depth - back cleat - nosing; the cleats'
 * top lies one thickness below the shelf's top; the nosing must be as high as board and cleat to hide them.
 */
export function threeSideCleats(input: Input): SystemResult {
  const depth = depthFigures(input);
  const blocked = depthProblems(input, depth);
  const parts = blocked.length > 0 ? [] : input.shelves.flatMap((shelf) => partsOf(shelf, input, depth));
  return {
    parts,
    marks: input.shelves.flatMap((shelf) => marksOf(shelf, input)),
    reachIn: input.gaps.map((gap) => (gap.above === null ? null : reachIn(gap.clear, input))),
    problems: [...blocked, ...gapProblems(input), ...nosingProblems(input), ...floorProblems(input)],
    cautions: [
      { message: message('caution.wires'), stage: 'shelves' },
      { message: message('caution.studs'), stage: 'shelves' },
      { message: message('caution.strength'), stage: 'shelves' },
    ],
  };
}

interface DepthFigures {
  readonly board: Figure;
  readonly sideCleat: Figure;
}

function depthFigures({ wish, support }: Input): DepthFigures {
  const shelf = figure({ label: message('term.shelfDepth'), mm: wish.depth.mm });
  const board = less(shelf, message('term.lessNosing'), support.nosing.thickness.mm);
  const backCleat = less(shelf, message('term.lessBackCleat'), support.cleat.thickness.mm);
  return { board, sideCleat: less(backCleat, message('term.lessNosing'), support.nosing.thickness.mm) };
}

function partsOf(shelf: LaidShelf, { wish, support }: Input, depth: DepthFigures): PartSpec[] {
  const { cleat, nosing } = support;
  const top = shelf.top.mm;
  const under = shelf.underside.mm;
  const boardFront = depth.board.mm;
  const boardPlace = { upFrom: under, upTo: top, outFrom: 0, outTo: boardFront };
  const backPlace = { upFrom: under - cleat.height.mm, upTo: under, outFrom: 0, outTo: cleat.thickness.mm };
  const sidePlace = { ...backPlace, outFrom: cleat.thickness.mm, outTo: boardFront };
  const nosingPlace = { upFrom: top - nosing.height.mm, upTo: top, outFrom: boardFront, outTo: wish.depth.mm };
  const cleatEnds = { label: message('term.cleatClearance'), mm: support.cleatClearance.mm };
  const cleatWidth = figure({ label: message('term.cleatHeight'), mm: cleat.height.mm });
  const nosingWidth = figure({ label: message('part.nosing'), mm: nosing.height.mm });
  const n = shelf.number;
  const along = (side: 'left' | 'right') =>
    ({ is: 'along-side', side, band: sidePlace, figure: depth.sideCleat }) as const;
  const common = { shelf: n };
  return [
    {
      ...common,
      id: `S${n}-board`,
      role: 'board',
      name: message('part.board'),
      label: `${n}S`,
      thicknessMm: wish.thickness.mm,
      width: depth.board,
      place: boardPlace,
      length: { is: 'between-walls', band: boardPlace, stance: 'flat', least: null },
    },
    {
      ...common,
      id: `S${n}-back-cleat`,
      role: 'back-cleat',
      name: message('part.backCleat'),
      label: `${n}B`,
      thicknessMm: cleat.thickness.mm,
      width: cleatWidth,
      place: backPlace,
      length: { is: 'between-walls', band: backPlace, stance: 'on-edge', least: cleatEnds },
    },
    {
      ...common,
      id: `S${n}-side-cleat-left`,
      role: 'side-cleat-left',
      name: message('part.sideCleat.left'),
      label: `${n}L`,
      thicknessMm: cleat.thickness.mm,
      width: cleatWidth,
      place: sidePlace,
      length: along('left'),
    },
    {
      ...common,
      id: `S${n}-side-cleat-right`,
      role: 'side-cleat-right',
      name: message('part.sideCleat.right'),
      label: `${n}R`,
      thicknessMm: cleat.thickness.mm,
      width: cleatWidth,
      place: sidePlace,
      length: along('right'),
    },
    {
      ...common,
      id: `S${n}-nosing`,
      role: 'nosing',
      name: message('part.nosing'),
      label: `${n}N`,
      thicknessMm: nosing.thickness.mm,
      width: nosingWidth,
      place: nosingPlace,
      length: { is: 'between-walls', band: nosingPlace, stance: 'on-edge', least: null },
    },
  ];
}

function marksOf(shelf: LaidShelf, { levelLineUpMm }: Input): WallMark[] {
  const levelLine = message('term.levelLine');
  const n = count(shelf.number);
  const top = figure({ label: message('term.shelfTop', { shelf: n }), mm: shelf.top.mm });
  const cleat = figure({ label: message('term.cleatTop', { shelf: n }), mm: shelf.underside.mm });
  return [
    {
      shelf: shelf.number,
      what: 'cleat-top',
      up: shelf.underside,
      fromLevelLine: less(cleat, levelLine, levelLineUpMm),
    },
    { shelf: shelf.number, what: 'shelf-top', up: shelf.top, fromLevelLine: less(top, levelLine, levelLineUpMm) },
  ];
}

/** How far a nosing hangs below a shelf's underside, millimetres. */
function hangsBelowMm({ wish, support }: Pick<Input, 'wish' | 'support'>): number {
  return Math.max(support.nosing.height.mm - wish.thickness.mm, 0);
}

/** What a shelf takes up below its board: cleats at the walls, and at the front the nosing, or cleats that hang lower. */
export function underCleats(wish: ShelvesWish, support: Cleats): Under {
  const cleat = support.cleat.height.mm;
  return { backMm: cleat, sideMm: cleat, hangsMm: Math.max(hangsBelowMm({ wish, support }), cleat) };
}

function reachIn(clear: Figure, input: Input): Figure {
  const gap = figure({ label: message('term.clearGap'), mm: clear.mm });
  return less(gap, message('term.nosingBelowShelf'), hangsBelowMm(input));
}

function depthProblems({ wish, support }: Input, depth: DepthFigures): Problem[] {
  const needed = support.cleat.thickness.mm + support.nosing.thickness.mm;
  if (depth.board.mm <= 0) {
    const lengths = { depth: length(wish.depth.mm), nosing: length(support.nosing.thickness.mm) };
    return [stop({ is: 'support' }, message('problem.noBoardDepth', lengths))];
  }
  if (depth.sideCleat.mm > 0) return [];
  const lengths = { depth: length(wish.depth.mm), needed: length(needed) };
  return [stop({ is: 'support' }, message('problem.noSideCleat', lengths))];
}

/** A gap must at least take what hangs down into it. */
function gapProblems(input: Input): Problem[] {
  const hangs = Math.max(hangsBelowMm(input), input.support.cleat.height.mm);
  return input.gaps
    .filter((gap) => gap.above !== null && gap.below !== null && gap.clear.mm >= 0 && gap.clear.mm < hangs)
    .map((gap) =>
      stop(
        { is: 'shelf', shelf: gap.above as number },
        message('problem.gapTooSmall', { gap: length(gap.clear.mm), needed: length(hangs) }),
      ),
    );
}

function nosingProblems({ wish, support }: Input): Problem[] {
  const toHide = plus(
    figure({ label: message('term.shelfThickness'), mm: wish.thickness.mm }),
    message('term.cleatHeight'),
    support.cleat.height.mm,
  );
  if (support.nosing.height.mm >= toHide.mm) return [];
  const lengths = { nosing: length(support.nosing.height.mm), needed: length(toHide.mm) };
  return [doubtful({ is: 'support' }, message('problem.nosingShort', lengths))];
}

function floorProblems(input: Input): Problem[] {
  const hangs = Math.max(hangsBelowMm(input), input.support.cleat.height.mm);
  return input.shelves
    .filter((shelf) => shelf.underside.mm >= 0 && shelf.underside.mm < hangs)
    .map((shelf) =>
      stop(
        { is: 'shelf', shelf: shelf.number },
        message('problem.cleatThroughFloor', { shelf: count(shelf.number), height: length(hangs) }),
      ),
    );
}
