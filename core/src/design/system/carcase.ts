import { figure, less, type Figure } from '../../base/figure';
import type { Inside } from '../layout';
import { length, message } from '../../base/message';
import type { Band, CavityBox, Opening } from '../../place/opening';
import { wallKindOf } from '../../place/kinds';
import { stop, type Problem } from '../../base/problem';
import { behindBoards, boxBoardsDeep } from './boxBoards';
import { snapToTape, type Tape } from '../../base/quantity';
import * as pieces from './pieces';
import type { Across, PartSpec, SystemInput } from './system';

/** What every standing case of a kind asks, whatever its shelves are held by. */
interface CaseAsked {
  readonly sideThickness: { readonly mm: number };
  readonly play: { readonly mm: number };
}

export type CaseInput = Pick<
  SystemInput<'housed-case'>,
  'opening' | 'shelves' | 'space' | 'wish' | 'depthOf' | 'job' | 'box'
> & { readonly asked: CaseAsked & Partial<BackedAsked> };

/** A case that stands in an opening: its outer sizes and where it is. */
export interface Carcase {
  readonly wide: Figure;
  readonly high: Figure;
  readonly inside: Figure;
  readonly depthMm: number;
  /** Where its feet are and its top, above the floor mark. */
  readonly footMm: number;
  readonly topMm: number;
  /** Across the opening, in its middle. */
  readonly across: Across;
  /**
   * Its two sides, by the beginning of their ids: of its own, or those of a cavity's box, which has a top and a bottom.
   */
  readonly sides: 'case' | 'box';
  /** How far out on a side its screws are counted from, millimetres: where the boards before a box's panel begin. */
  readonly boardsFromMm: number;
}

/** Thickness of its sides: in a cavity those of the box, which are of the shelves' boards. Millimetres. */
export const sideThickness = ({ box, wish, asked }: Pick<CaseInput, 'box' | 'wish' | 'asked'>): number =>
  box ? wish.thickness.mm : asked.sideThickness.mm;

/** Where the side of a case is. */
export const sideOf = ({ sides }: Carcase, side: 'left' | 'right'): string => `${sides}-${side}`;

const STATIONS = [0, 0.5, 1];

/** The narrowest an opening is over a band, wall to wall. */
export function narrowest(opening: Opening, { upFrom, upTo, outFrom, outTo }: Band): Figure {
  const all = STATIONS.flatMap((u) =>
    STATIONS.map((v) => {
      const [up, out] = [upFrom + u * (upTo - upFrom), outFrom + v * (outTo - outFrom)];
      return opening.between({ surface: 'left', out, up }, { surface: 'right', out, up }, message('term.narrowest'));
    }),
  );
  return all.reduce((least, one) => (one.mm < least.mm ? one : least));
}

/**
 * How high the floor lies at the highest of where a case stands, above the floor mark, millimetres: on a mark of the
 * tape, so that what is measured from its foot is too.
 */
function floorUnder(opening: Opening, { fromMm, toMm }: Across, depthMm: number, tape: Tape): number {
  if (!opening.surfaces.includes('floor')) return 0;
  const all = [fromMm, toMm].flatMap((across) =>
    [0, depthMm].map((out) => opening.position({ surface: 'floor', across, out }).mm),
  );
  return snapToTape(Math.max(...all), tape, 'up');
}

/**
 * Sizes of a case: as wide as the opening at its narrowest less its play, from the highest of the floor to the top of
 * the space for shelves.
 */
export function carcaseOf({ opening, shelves, space, wish, depthOf, asked, box, job }: CaseInput): Carcase {
  if (box) return boxCarcase(box, wish.thickness.mm);
  const { extent, surfaces } = opening;
  const depthMm = Math.max(0, ...shelves.map(({ number }) => depthOf(number)));
  const highest = shelves.at(-1)?.top.mm ?? 0;
  const walled = surfaces.includes('left') && surfaces.includes('right');
  const clear = walled
    ? narrowest(opening, { upFrom: 0, upTo: space.toMm ?? highest, outFrom: 0, outTo: depthMm })
    : figure({ label: message('term.runLength'), mm: extent.right - extent.left });
  // The sides stand inside the skirting of the side walls.
  const skirted = (['left', 'right'] as const).filter(
    (side) => surfaces.includes(side) && wallKindOf(job.place, side) !== 'panel',
  );
  const skirtings = (job.place.skirting?.thickness.mm ?? 0) * skirted.length;
  const free = skirtings > 0 ? less(clear, message('term.skirtings'), skirtings) : clear;
  const wide = less(free, message('term.casePlay'), asked.play.mm);
  const middle = (extent.left + extent.right) / 2;
  const across = { fromMm: middle - wide.mm / 2, toMm: middle + wide.mm / 2 };
  const footMm = floorUnder(opening, across, depthMm, job.tape);
  // No higher than it can be stood up under the ceiling, where its shelves leave that open.
  const most = tallest(opening, footMm, depthMm);
  const topMm = Math.max(Math.min(space.toMm ?? highest, most), highest + wish.thickness.mm);
  const high = less(figure({ label: message('term.caseTop'), mm: topMm }), message('term.floorThere'), footMm);
  const inside = less(wide, message('term.bothSides'), 2 * asked.sideThickness.mm);
  return { wide, high, inside, depthMm, footMm, topMm, across, sides: 'case', boardsFromMm: 0 };
}

/** The box of a cavity as a case: it is there already, its shelves go into it. */
function boxCarcase(box: CavityBox, sideMm: number): Carcase {
  const { width, height, seat } = box;
  return {
    wide: width,
    high: height,
    inside: less(width, message('term.boxWalls'), 2 * sideMm),
    depthMm: boxBoardsDeep(box),
    footMm: seat.upMm,
    topMm: seat.upMm + height.mm,
    across: { fromMm: seat.acrossMm, toMm: seat.acrossMm + width.mm },
    sides: 'box',
    boardsFromMm: behindBoards(box),
  };
}

/**
 * How high a case may reach so that it can be stood up: its diagonal goes under the ceiling. Above the floor mark, mm.
 */
function tallest(opening: Opening, footMm: number, depthMm: number): number {
  const ceiling = opening.clearHeight()?.narrowest.mm ?? null;
  if (ceiling === null) return Infinity;
  return footMm + Math.floor(Math.sqrt(Math.max((ceiling - footMm) ** 2 - depthMm ** 2, 0)));
}

/** Between the sides of a case, let into them by so much at both ends (negative: short of them). */
export function insideAcross({ across }: Carcase, sideMm: number, intoMm: number): Across {
  return { fromMm: across.fromMm + sideMm - intoMm, toMm: across.toMm - sideMm + intoMm };
}

/**
 * The room inside a case before its shelves are laid: between the upper face of its bottom, the underside of its top
 * and its two sides.
 */
export function insideOf(input: CaseInput, plinthMm: number): Inside {
  const { wish, space, box } = input;
  const carcase = carcaseOf(input);
  const thick = wish.thickness.mm;
  const bottomMm = box ? carcase.footMm + thick : bottomTop(carcase, plinthMm, thick, space.fromMm);
  const topMm = box || space.toMm !== null ? carcase.topMm - thick : null;
  return {
    bottom: figure({ label: message('term.caseBottomTop'), mm: bottomMm }),
    top: topMm === null ? null : figure({ label: message('term.caseTopUnder'), mm: topMm }),
    across: insideAcross(carcase, sideThickness(input), 0),
  };
}

/** A case whose sides take all its width, or for which nothing is left beside skirting and play. */
function narrowCase({ wide, inside }: Carcase) {
  const sides = { width: length(Math.max(wide.mm, 0)), sides: length(wide.mm - inside.mm) };
  return message('problem.caseNarrow', sides);
}

/** A case that is too high to be stood up under the ceiling once it is made, or no wider than its own boards. */
export function caseProblems(carcase: Carcase, { opening, shelves, depthOf, asked, box }: CaseInput): Problem[] {
  const problems: Problem[] = [];
  const most = tallest(opening, carcase.footMm, carcase.depthMm);
  if (carcase.sides === 'case' && carcase.topMm > most) {
    const diagonal = Math.hypot(carcase.high.mm, carcase.depthMm);
    problems.push(
      stop(
        { kind: 'support' },
        message('problem.caseTilts', {
          height: length(carcase.high.mm),
          diagonal: length(diagonal),
          most: length(most - carcase.footMm),
        }),
      ),
    );
  }
  if (carcase.inside.mm <= 0) problems.push(stop({ kind: 'support' }, narrowCase(carcase)));
  return [...problems, ...shallowProblems(carcase, { shelves, depthOf, asked, box })];
}

/** A case in which the panel behind and the strip in front leave no depth for a shelf. */
function shallowProblems(
  carcase: Carcase,
  { shelves, depthOf, asked, box }: Pick<CaseInput, 'shelves' | 'depthOf' | 'asked' | 'box'>,
): Problem[] {
  const { back = false, backThickness, nosing = false, nosingThickness } = asked;
  const about = { kind: 'support' } as const;
  if (box && !box.depth) return [stop(about, message('problem.noBoxDepth'))];
  const behindMm = box ? box.backMm : back ? (backThickness?.mm ?? 0) : 0;
  const takenMm = behindMm + (nosing ? (nosingThickness?.mm ?? 0) : 0);
  const deepMm = box?.depth ? box.depth.mm : Math.min(carcase.depthMm, ...shelves.map(({ number }) => depthOf(number)));
  if (deepMm > takenMm || (!box && shelves.length === 0)) return [];
  return [stop(about, message('problem.caseShallow', { depth: length(deepMm), taken: length(takenMm) }))];
}

/**
 * The upper face of a case's bottom board: on its plinth, or where the space for shelves begins.
 * @returns millimetres above the floor mark
 */
export const bottomTop = (carcase: Carcase, plinthMm: number, thicknessMm: number, fromMm: number): number =>
  Math.max(fromMm, carcase.footMm + plinthMm + thicknessMm);

/** What a case with a back panel asks beside its sides. */
export interface BackedAsked extends CaseAsked {
  readonly back: boolean;
  readonly backThickness: { readonly mm: number };
  readonly nosing: boolean;
  readonly nosingThickness: { readonly mm: number };
  readonly nosingHeight: { readonly mm: number };
}

/**
 * Depth of a shelf's board in a case: the case's less its nosing and the panel behind it; in a cavity's box as deep as
 * that's own boards.
 */
export function shelfDepth(
  { asked, depthOf, box }: Pick<CaseInput, 'depthOf' | 'box'> & { readonly asked: BackedAsked },
  shelf: number,
): Figure {
  if (box) return boxShelfDepth(box, pieces.nosingOf(asked));
  return lessBack(pieces.boardDepth(depthOf(shelf), pieces.nosingOf(asked)), asked);
}

/** Depth of a shelf's board in a cavity's box. */
function boxShelfDepth({ depth, backMm }: CavityBox, nosing: pieces.Nosing | null): Figure {
  const deep = figure({ label: message('term.boxDepth'), mm: depth?.mm ?? 0 });
  const before = less(deep, message('term.lessBackPanel'), backMm);
  return nosing ? less(before, message('term.lessNosing'), nosing.thicknessMm) : before;
}

/** A shelf as it lies in a cavity's box: before the panel at its back, its front level with the box's own boards. */
export function inBox(one: PartSpec, box: CavityBox, nosing: pieces.Nosing | null): PartSpec {
  const { backMm } = box;
  const { place } = one;
  const moved = { ...one, place: { ...place, outFrom: place.outFrom + backMm, outTo: place.outTo + backMm } };
  return one.role === 'board' ? { ...moved, width: boxShelfDepth(box, nosing) } : moved;
}

/** Depth things stand on in a case: up to the front of the nosing, before the panel behind. Millimetres. */
export function standingDepth({ asked, depthOf, box }: Parameters<typeof shelfDepth>[0], shelf: number): number {
  return box ? boxBoardsDeep(box) : depthOf(shelf) - (asked.back ? asked.backThickness.mm : 0);
}

/** A depth less the back panel, where there is one. */
export const lessBack = (
  depth: Figure,
  { back, backThickness }: Pick<BackedAsked, 'back' | 'backThickness'>,
): Figure => (back ? less(depth, message('term.lessBackPanel'), backThickness.mm) : depth);
