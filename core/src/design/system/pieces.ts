import { figure, less, plus, type Figure } from '../../base/figure';
import type { LaidShelf, WallMark } from '../layout';
import { count, length, message, type Message } from '../../base/message';
import type { Band } from '../../place/opening';
import { doubtful, stop, type Caution, type Problem } from '../../base/problem';
import type { AcrossPlace, Fastening, FixedWall, Hold, LengthRule, PartSpec, RestSpec, Standing } from './system';

/** A nosing along the front of a board: its section, millimetres. Null where there is none. */
export interface Nosing {
  readonly thicknessMm: number;
  readonly heightMm: number;
}

/** The nosing of a system that may have one. */
export function nosingOf({
  nosing,
  nosingThickness,
  nosingHeight,
}: {
  readonly nosing: boolean;
  readonly nosingThickness: { readonly mm: number };
  readonly nosingHeight: { readonly mm: number };
}): Nosing | null {
  return nosing ? { thicknessMm: nosingThickness.mm, heightMm: nosingHeight.mm } : null;
}

/** How far a nosing hangs below a board, millimetres. */
export const hangsBelow = (nosing: Nosing | null, thicknessMm: number): number =>
  Math.max((nosing?.heightMm ?? 0) - thicknessMm, 0);

/** Depth of a board: the shelf's less its nosing. */
export function boardDepth(depthMm: number, nosing: Nosing | null): Figure {
  const shelf = figure({ label: message('term.shelfDepth'), mm: depthMm });
  return nosing ? less(shelf, message('term.lessNosing'), nosing.thicknessMm) : shelf;
}

/** What may tip of a unit: nothing of one that is not made. */
export const standing = (made: boolean, unit: Standing): { readonly standing?: Standing } =>
  made ? { standing: unit } : {};

interface BoardInput {
  readonly shelf: LaidShelf;
  readonly thicknessMm: number;
  readonly depthMm: number;
  readonly nosing: Nosing | null;
  /** What its length is besides the walls: between posts, into housings; or no walls at all. */
  readonly length?: (band: Band) => LengthRule;
}

/** A board from wall to wall, and its nosing where it has one. */
export function boardAndNosing({ shelf, thicknessMm, depthMm, nosing, length: rule }: BoardInput): PartSpec[] {
  const n = shelf.number;
  const width = boardDepth(depthMm, nosing);
  const [top, under] = [shelf.top.mm, shelf.underside.mm];
  const place: Band = { upFrom: under, upTo: top, outFrom: 0, outTo: width.mm };
  const wallToWall = (band: Band, stance: 'flat' | 'on-edge'): LengthRule =>
    rule ? rule(band) : { kind: 'between-walls', band, stance, least: null };
  const board: PartSpec = {
    shelf: n,
    id: `S${n}-board`,
    role: 'board',
    name: message('part.board'),
    label: `${n}S`,
    thicknessMm,
    width,
    place,
    length: wallToWall(place, 'flat'),
  };
  if (!nosing) return [board];
  const front: Band = { upFrom: top - nosing.heightMm, upTo: top, outFrom: width.mm, outTo: depthMm };
  return [
    board,
    {
      shelf: n,
      id: `S${n}-nosing`,
      role: 'nosing',
      name: message('part.nosing'),
      label: `${n}N`,
      thicknessMm: nosing.thicknessMm,
      width: figure({ label: message('part.nosing'), mm: nosing.heightMm }),
      place: front,
      length: wallToWall(front, 'on-edge'),
    },
  ];
}

/** The nosing as what stiffens a board: its top lies level with the board's. */
export function nosingRib(
  shelf: number,
  nosing: Nosing | null,
  thicknessMm: number,
  boardDepthMm: number,
): Hold['ribs'] {
  if (!nosing) return [];
  const { heightMm, thicknessMm: thin } = nosing;
  const offsetMm = thicknessMm / 2 - heightMm / 2;
  return [{ part: `S${shelf}-nosing`, heightMm, thicknessMm: thin, outMm: boardDepthMm, offsetMm }];
}

/** A line square out from the back at a place across. */
export function restAcross(by: string, at: AcrossPlace, fromMm: number, toMm: number): RestSpec {
  return { by, from: { at, outMm: fromMm }, to: { at, outMm: toMm } };
}

/** A line along the back, so far in from the board's ends. */
export function restAlong(by: string, outMm: number): RestSpec {
  return {
    by,
    from: { at: { from: 'left', inMm: 0 }, outMm },
    to: { at: { from: 'right', inMm: 0 }, outMm },
  };
}

/** Where a shelf's top and the top of what carries it are marked. */
export function shelfMarks(
  shelf: LaidShelf,
  levelLineUpMm: number,
  support: 'cleat-top' | 'bracket-top' | null,
  lowerMm = 0,
): WallMark[] {
  const levelLine = message('term.levelLine');
  const n = count(shelf.number);
  const top = figure({ label: message('term.shelfTop', { shelf: n }), mm: shelf.top.mm });
  const marks: WallMark[] = [
    { shelf: shelf.number, what: 'shelf-top', up: shelf.top, fromLevelLine: less(top, levelLine, levelLineUpMm) },
  ];
  if (!support) return marks;
  const up = plus(shelf.underside, message('term.notch'), lowerMm);
  const label = message(support === 'cleat-top' ? 'term.cleatTop' : 'term.bracketTop', { shelf: n });
  const fromLevelLine = less(figure({ label, mm: up.mm }), levelLine, levelLineUpMm);
  return [{ shelf: shelf.number, what: support, up, fromLevelLine }, ...marks];
}

/** A shelf whose support would stand in the floor. */
export function floorProblems(shelves: readonly LaidShelf[], hangsMm: number): Problem[] {
  return shelves
    .filter((shelf) => shelf.underside.mm >= 0 && shelf.underside.mm < hangsMm)
    .map(({ number }) =>
      stop(
        { kind: 'shelf', shelf: number },
        message('problem.cleatThroughFloor', { shelf: count(number), height: length(hangsMm) }),
      ),
    );
}

/** Gaps that do not take what hangs down into them. */
export function gapProblems(
  gaps: readonly { readonly above: number | null; readonly below: number | null; readonly clear: Figure }[],
  ours: ReadonlySet<number>,
  hangsMm: number,
): Problem[] {
  return gaps
    .filter(
      ({ above, below, clear }) =>
        above !== null && below !== null && ours.has(above) && clear.mm >= 0 && clear.mm < hangsMm,
    )
    .map((gap) =>
      stop(
        { kind: 'shelf', shelf: gap.above as number },
        message('problem.gapTooSmall', { gap: length(gap.clear.mm), needed: length(hangsMm) }),
      ),
    );
}

/** No depth is left of the board beside its nosing. */
export function noDepthProblems(depthMm: number, nosing: Nosing | null): Problem[] {
  if (boardDepth(depthMm, nosing).mm > 0) return [];
  const lengths = { depth: length(depthMm), nosing: length(nosing?.thicknessMm ?? 0) };
  return [stop({ kind: 'support' }, message('problem.noBoardDepth', lengths))];
}

/** A nosing that is too low to hide what is behind it. */
export function nosingShort(nosing: Nosing | null, thicknessMm: number, behindMm: number, label: Message): Problem[] {
  if (!nosing) return [];
  const toHide = plus(figure({ label: message('term.shelfThickness'), mm: thicknessMm }), label, behindMm);
  if (nosing.heightMm >= toHide.mm) return [];
  const lengths = { nosing: length(nosing.heightMm), needed: length(toHide.mm) };
  return [doubtful({ kind: 'support' }, message('problem.nosingShort', lengths))];
}

/** What is said of everything that is screwed to a wall. */
export const usualCautions: readonly Caution[] = [
  { message: message('caution.wires'), stage: 'shelves' },
  { message: message('caution.studs'), stage: 'shelves' },
  { message: message('caution.strength'), stage: 'shelves' },
];

// At the most from screw to screw where no studs say where they go, millimetres.
const EVERY_MM = 400;
/** A stick as high as this takes two screws at each place, one above the other. Millimetres. */
export const TWO_ROWS_MM = 70;

interface StickToWall {
  readonly shelf: number;
  readonly part: string;
  readonly wall: FixedWall;
  readonly thicknessMm: number;
  readonly heightMm: number;
}

/** A stick flat against a wall: a screw at every stud it crosses, and near its ends. */
export function stickToWall({ shelf, part, wall, thicknessMm, heightMm }: StickToWall): Fastening {
  const rows = heightMm >= TWO_ROWS_MM ? [heightMm * 0.28, heightMm * 0.72] : [heightMm / 2];
  return {
    id: `${part}/wall`,
    shelf,
    through: { kind: 'piece', id: part },
    into: { kind: 'wall', wall },
    with: 'screw',
    passMm: thicknessMm,
    spread: { kind: 'along', acrossMm: rows, everyMm: EVERY_MM, least: 2 },
    carries: part,
    leverMm: 0,
  };
}

interface BoardDown {
  readonly shelf: number;
  /** The stick the board is screwed down to, and how deep that is under the board. */
  readonly part: string;
  readonly haveMm: number;
  readonly thicknessMm: number;
  readonly spread: Fastening['spread'];
}

/** A board screwed from above to a stick it lies on. */
export function boardDown({ shelf, part, haveMm, thicknessMm, spread }: BoardDown): Fastening {
  return {
    id: `S${shelf}-board/${part}`,
    shelf,
    through: { kind: 'piece', id: `S${shelf}-board` },
    into: { kind: 'piece', id: part, grain: 'edge', haveMm },
    with: 'screw',
    passMm: thicknessMm,
    spread,
    carries: null,
    leverMm: 0,
  };
}

interface NosingOn {
  readonly shelf: number;
  readonly thicknessMm: number;
  readonly heightMm: number;
  readonly boardMm: number;
  readonly depthMm: number;
}

/** A nosing glued and pinned to a board's front edge, at the middle of the board's thickness. */
export function nosingOn({ shelf, thicknessMm, heightMm, boardMm, depthMm }: NosingOn): Fastening {
  return {
    id: `S${shelf}-nosing/board`,
    shelf,
    through: { kind: 'piece', id: `S${shelf}-nosing` },
    into: { kind: 'piece', id: `S${shelf}-board`, grain: 'edge', haveMm: depthMm },
    with: 'pin',
    passMm: thicknessMm,
    spread: { kind: 'along', acrossMm: [Math.max(heightMm - boardMm / 2, heightMm / 2)], everyMm: 200, least: 2 },
    carries: null,
    leverMm: 0,
  };
}

/**
 * The nosings of some shelves, each pinned to its board; none where they have none.
 * @param depthOf depth of a shelf's board behind its nosing, millimetres
 */
export const nosingsOn = (
  shelves: readonly LaidShelf[],
  nosing: Nosing | null,
  boardMm: number,
  depthOf: (shelf: number) => number,
): Fastening[] =>
  nosing ? shelves.map(({ number }) => nosingOn({ shelf: number, ...nosing, boardMm, depthMm: depthOf(number) })) : [];
