import { figure, less, plus, type Figure } from '../figure';
import type { Inside, LaidShelf } from '../layout';
import { length, message } from '../message';
import type { Band, CavityBox, Opening } from '../opening';
import { stop, type Problem } from '../problem';
import * as pieces from './pieces';
import type { Across, Fastening, Joint, PartSpec, SystemInput } from './system';

/** What every standing case of a kind asks, whatever its shelves are held by. */
interface CaseAsked {
  readonly sideThickness: { readonly mm: number };
  readonly play: { readonly mm: number };
}

type CaseInput = Pick<
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
}

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

/** How high the floor lies at the highest of where a case stands, above the floor mark, millimetres. */
function floorUnder(opening: Opening, { fromMm, toMm }: Across, depthMm: number): number {
  if (!opening.surfaces.includes('floor')) return 0;
  const all = [fromMm, toMm].flatMap((across) =>
    [0, depthMm].map((out) => opening.position({ surface: 'floor', across, out }).mm),
  );
  return Math.round(10 * Math.max(...all)) / 10;
}

/**
 * Sizes of a case: as wide as the opening at its narrowest less its play, from the highest of the floor to the top of
 * the space for shelves.
 */
export function carcaseOf({ opening, shelves, space, wish, depthOf, asked, box }: CaseInput): Carcase {
  if (box) return boxCarcase(box, wish.thickness.mm);
  const { extent, surfaces } = opening;
  const depthMm = Math.max(0, ...shelves.map(({ number }) => depthOf(number)));
  const highest = shelves.at(-1)?.top.mm ?? 0;
  const walled = surfaces.includes('left') && surfaces.includes('right');
  const clear = walled
    ? narrowest(opening, { upFrom: 0, upTo: space.toMm ?? highest, outFrom: 0, outTo: depthMm })
    : figure({ label: message('term.runLength'), mm: extent.right - extent.left });
  const wide = less(clear, message('term.casePlay'), asked.play.mm);
  const middle = (extent.left + extent.right) / 2;
  const across = { fromMm: middle - wide.mm / 2, toMm: middle + wide.mm / 2 };
  const footMm = floorUnder(opening, across, depthMm);
  // No higher than it can be stood up under the ceiling, where its shelves leave that open.
  const most = tallest(opening, footMm, depthMm);
  const topMm = Math.max(Math.min(space.toMm ?? highest, most), highest + wish.thickness.mm);
  const high = less(figure({ label: message('term.caseTop'), mm: topMm }), message('term.floorThere'), footMm);
  const inside = less(wide, message('term.bothSides'), 2 * asked.sideThickness.mm);
  return { wide, high, inside, depthMm, footMm, topMm, across, sides: 'case' };
}

/** The box of a cavity as a case: it is there already, its shelves go into it. */
function boxCarcase({ width, height, depth, seat }: CavityBox, sideMm: number): Carcase {
  return {
    wide: width,
    high: height,
    inside: less(width, message('term.boxWalls'), 2 * sideMm),
    depthMm: depth?.mm ?? 0,
    footMm: seat.upMm,
    topMm: seat.upMm + height.mm,
    across: { fromMm: seat.acrossMm, toMm: seat.acrossMm + width.mm },
    sides: 'box',
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

/** Both sides of a case, mirrored, with what is cut into each. */
export function caseSides(
  carcase: Carcase,
  { asked, job }: CaseInput,
  width: Figure,
  joint: (side: 'left' | 'right') => Joint | null,
): PartSpec[] {
  const thick = asked.sideThickness.mm;
  const { across, footMm, topMm, high } = carcase;
  const { skirting } = job.place;
  const notched: Joint | null = skirting
    ? { is: 'notched', deepMm: skirting.thickness.mm, highMm: skirting.height.mm }
    : null;
  return (['left', 'right'] as const).map((side): PartSpec => {
    const own = joint(side) ?? notched;
    return {
      shelf: 0,
      id: `case-${side}`,
      role: `case-side-${side}`,
      name: message(`part.caseSide.${side}`),
      label: side === 'left' ? 'CL' : 'CR',
      thicknessMm: thick,
      width,
      place: { upFrom: footMm, upTo: topMm, outFrom: 0, outTo: width.mm },
      across:
        side === 'left'
          ? { fromMm: across.fromMm, toMm: across.fromMm + thick }
          : { fromMm: across.toMm - thick, toMm: across.toMm },
      upright: true,
      length: { is: 'given', figure: high, rounded: 'down' },
      ...(own ? { joint: own } : {}),
    };
  });
}

/** Between the sides of a case, let into them by so much at both ends (negative: short of them). */
export function insideAcross({ across }: Carcase, sideMm: number, intoMm: number): Across {
  return { fromMm: across.fromMm + sideMm - intoMm, toMm: across.toMm - sideMm + intoMm };
}

interface CaseBoard {
  readonly carcase: Carcase;
  readonly shelf: LaidShelf;
  readonly thicknessMm: number;
  readonly depthMm: number;
  readonly long: Figure;
  readonly across: Across;
  readonly nosing: pieces.Nosing | null;
}

/** A shelf of a case, and its nosing where it has one. */
export function caseShelf({ shelf, thicknessMm, depthMm, long, across, nosing }: CaseBoard): PartSpec[] {
  return pieces
    .boardAndNosing({
      shelf,
      thicknessMm,
      depthMm,
      nosing,
      length: () => ({ is: 'given', figure: long, rounded: 'down' }),
    })
    .map((one): PartSpec => ({ ...one, across }));
}

/** Top and bottom boards of a case, at their upper faces, let into its sides like the shelves. */
export function caseEnds(
  carcase: Carcase,
  bottomTopMm: number,
  thicknessMm: number,
  width: Figure,
  long: Figure,
  across: Across,
): PartSpec[] {
  const board = (id: 'case-top' | 'case-bottom', label: string, topMm: number): PartSpec => ({
    shelf: 0,
    id,
    role: id,
    name: message(id === 'case-top' ? 'part.caseTop' : 'part.caseBottom'),
    label,
    thicknessMm,
    width,
    place: { upFrom: topMm - thicknessMm, upTo: topMm, outFrom: 0, outTo: width.mm },
    across,
    length: { is: 'given', figure: long, rounded: 'down' },
  });
  return [board('case-top', 'CT', carcase.topMm), board('case-bottom', 'CB', bottomTopMm)];
}

/**
 * The room inside a case before its shelves are laid: between the upper face of its bottom, the underside of its top
 * and its two sides.
 */
export function insideOf(input: CaseInput, plinthMm: number): Inside {
  const { wish, space, box, asked } = input;
  const carcase = carcaseOf(input);
  const thick = wish.thickness.mm;
  const bottomMm = box ? carcase.footMm + thick : bottomTop(carcase, plinthMm, thick, space.fromMm);
  const topMm = box || space.toMm !== null ? carcase.topMm - thick : null;
  return {
    bottom: figure({ label: message('term.caseBottomTop'), mm: bottomMm }),
    top: topMm === null ? null : figure({ label: message('term.caseTopUnder'), mm: topMm }),
    across: insideAcross(carcase, box ? thick : asked.sideThickness.mm, 0),
  };
}

/** A strip under the top, at the back, through which a case is screwed to the wall so that it cannot tip. */
export function tipRail(
  carcase: Carcase,
  thicknessMm: number,
  backMm: number,
): { readonly part: PartSpec; readonly fastening: Fastening } {
  const upTo = carcase.topMm - thicknessMm;
  const across = insideAcross(carcase, thicknessMm, 0);
  const part: PartSpec = {
    shelf: 0,
    id: 'tip-rail',
    role: 'tip-rail',
    name: message('part.tipRail'),
    label: 'CW',
    thicknessMm,
    width: figure({ label: message('term.tipRail'), mm: TIP_RAIL_MM }),
    place: { upFrom: upTo - TIP_RAIL_MM, upTo, outFrom: backMm, outTo: backMm + thicknessMm },
    across,
    length: { is: 'given', figure: carcase.inside, rounded: 'down' },
  };
  const fastening = pieces.stickToWall({
    shelf: 0,
    part: part.id,
    wall: 'back',
    thicknessMm: thicknessMm + backMm,
    heightMm: TIP_RAIL_MM,
  });
  return { part, fastening: { ...fastening, carries: null } };
}

const TIP_RAIL_MM = 70;

/** A case that is too high to be stood up under the ceiling once it is made, or wider than its own boards. */
export function caseProblems(carcase: Carcase, { opening, shelves, depthOf, asked, box }: CaseInput): Problem[] {
  const problems: Problem[] = [];
  const most = tallest(opening, carcase.footMm, carcase.depthMm);
  if (carcase.sides === 'case' && carcase.topMm > most) {
    const diagonal = Math.hypot(carcase.high.mm, carcase.depthMm);
    problems.push(
      stop(
        { is: 'support' },
        message('problem.caseTilts', {
          height: length(carcase.high.mm),
          diagonal: length(diagonal),
          most: length(most - carcase.footMm),
        }),
      ),
    );
  }
  if (carcase.inside.mm <= 0)
    problems.push(stop({ is: 'support' }, message('problem.caseNarrow', { width: length(carcase.wide.mm) })));
  if (carcase.sides === 'box' && carcase.depthMm <= 0)
    problems.push(stop({ is: 'support' }, message('problem.noBoxDepth')));
  if (!box) {
    const { back = false, backThickness = { mm: 0 }, nosing = false, nosingThickness = { mm: 0 } } = asked;
    const takenMm = (back ? backThickness.mm : 0) + (nosing ? nosingThickness.mm : 0);
    const shallow = Math.min(carcase.depthMm, ...shelves.map(({ number }) => depthOf(number)));
    if (shelves.length > 0 && shallow <= takenMm)
      problems.push(
        stop({ is: 'support' }, message('problem.caseShallow', { depth: length(shallow), taken: length(takenMm) })),
      );
  }
  return problems;
}

/** The upper face of a case's bottom board: on its plinth, or where the space for shelves begins. */
export const bottomTop = (carcase: Carcase, plinthMm: number, thicknessMm: number, fromMm: number): number =>
  Math.max(fromMm, carcase.footMm + plinthMm + thicknessMm);

/** The board on edge that closes a case below its bottom, set back for toes. */
export function plinthBoard(carcase: Carcase, sideMm: number, upToMm: number, frontMm: number): PartSpec[] {
  const high = less(
    figure({ label: message('term.underBottom'), mm: upToMm }),
    message('term.floorThere'),
    carcase.footMm,
  );
  if (high.mm < NONE_MM) return [];
  return [
    {
      shelf: 0,
      id: 'filler',
      role: 'filler',
      name: message('part.filler'),
      label: 'CF',
      thicknessMm: sideMm,
      width: high,
      place: { upFrom: carcase.footMm, upTo: upToMm, outFrom: frontMm - TOES_MM - sideMm, outTo: frontMm - TOES_MM },
      across: insideAcross(carcase, sideMm, 0),
      length: { is: 'given', figure: carcase.inside, rounded: 'down' },
    },
  ];
}
const TOES_MM = 40;
/** Less than this is nothing: what is left of sums of lengths. Millimetres. */
const NONE_MM = 0.05;

/** The panel that closes a case behind: it lies in a rebate of both sides and stands square the whole case. */
export function backPanel(carcase: Carcase, thicknessMm: number, rebateMm: number, upFromMm: number): PartSpec {
  const wide = plus(carcase.inside, message('term.intoRebates'), 2 * rebateMm);
  const high = less(
    figure({ label: message('term.caseTop'), mm: carcase.topMm }),
    message('term.undersideOf'),
    upFromMm,
  );
  return {
    shelf: 0,
    id: 'back-panel',
    role: 'back-panel',
    name: message('part.backPanel'),
    label: 'CP',
    thicknessMm,
    width: less(wide, message('term.panelPlay'), PANEL_PLAY_MM),
    place: { upFrom: upFromMm, upTo: carcase.topMm, outFrom: 0, outTo: thicknessMm },
    across: carcase.across,
    upright: true,
    length: { is: 'given', figure: less(high, message('term.panelPlay'), PANEL_PLAY_MM), rounded: 'down' },
  };
}
const PANEL_PLAY_MM = 2;

/** What a case with a back panel asks beside its sides. */
interface BackedAsked extends CaseAsked {
  readonly back: boolean;
  readonly backThickness: { readonly mm: number };
  readonly nosing: boolean;
  readonly nosingThickness: { readonly mm: number };
  readonly nosingHeight: { readonly mm: number };
}

/**
 * Depth of a shelf's board in a case: the case's less its nosing and the panel behind it; in a cavity's box all of it.
 */
export function shelfDepth(
  { asked, depthOf, box }: Pick<CaseInput, 'depthOf' | 'box'> & { readonly asked: BackedAsked },
  shelf: number,
): Figure {
  if (box) return figure({ label: message('term.boxDepth'), mm: box.depth?.mm ?? 0 });
  return lessBack(pieces.boardDepth(depthOf(shelf), pieces.nosingOf(asked)), asked);
}

/** Depth things stand on in a case: up to the front of the nosing, before the panel behind. Millimetres. */
export function standingDepth({ asked, depthOf, box }: Parameters<typeof shelfDepth>[0], shelf: number): number {
  return box ? (box.depth?.mm ?? 0) : depthOf(shelf) - (asked.back ? asked.backThickness.mm : 0);
}

/** A depth less the back panel, where there is one. */
export const lessBack = (
  depth: Figure,
  { back, backThickness }: Pick<BackedAsked, 'back' | 'backThickness'>,
): Figure => (back ? less(depth, message('term.lessBackPanel'), backThickness.mm) : depth);

/** A board of a case moved out by the panel behind it. */
export function beforeBack(
  one: PartSpec,
  { back, backThickness }: Pick<BackedAsked, 'back' | 'backThickness'>,
): PartSpec {
  const behind = back ? backThickness.mm : 0;
  return { ...one, place: { ...one.place, outFrom: behind, outTo: behind + one.width.mm } };
}
