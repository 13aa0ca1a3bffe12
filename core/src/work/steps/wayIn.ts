import type { Part } from '../../design/fit';
import type { Job } from '../../job';
import type { Hardware } from '../../design/system';
import { about, angle, count, message, text, type Message } from '../../base/message';
import { doubtful, stop, type Problem } from '../../base/problem';

/** In which order boards are put in. */
export type BoardOrder = 'bottom-up' | 'top-down';

/** How a board gets into its place. Millimetres, degrees. */
export interface WayIn {
  readonly shelf: number;
  /**
   * Level from the front; tilted; no way among those that are looked for; or proved impossible: the board is deeper
   * than the front opening's diagonal.
   */
  readonly kind: 'straight' | 'tilted' | 'not-found' | 'impossible';
  /** Tilt at which it passes the narrowest place on its way; 0 where it passes level. */
  readonly mouthDegrees: number;
  /** Least tilt at which it passes between its side cleats; 0 where there are none. */
  readonly cleatDegrees: number;
  /** Whether its low end hangs below its supports until it is lifted between them. */
  readonly fromBelow: boolean;
  /** Room that is left over at the tightest pose, which is upright; negative where it is missing. */
  readonly spareMm: number;
}

/** What one steps aside by while carrying a board in. Millimetres. */
const EASE_MM = 3;
const MOST_DEGREES = 80;

/**
 * How wide and how high a board is in an elevation when it is tilted: L cos a + t sin a, and L sin a + t cos a.
 * @param degrees tilt, 0 is level
 */
export function tiltedSpan(longMm: number, thickMm: number, degrees: number): { acrossMm: number; upMm: number } {
  const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
  return { acrossMm: longMm * cos + thickMm * sin, upMm: longMm * sin + thickMm * cos };
}

/** The least tilt at which a board passes between two faces; null where none that is looked for does. Degrees. */
export function tiltToPass(longMm: number, thickMm: number, betweenMm: number): number | null {
  if (longMm <= betweenMm) return 0;
  // From the tilt at which it is widest on, it only gets narrower.
  let [low, high] = [(Math.atan2(thickMm, longMm) * 180) / Math.PI, MOST_DEGREES];
  if (tiltedSpan(longMm, thickMm, high).acrossMm > betweenMm) return null;
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (tiltedSpan(longMm, thickMm, middle).acrossMm > betweenMm) low = middle;
    else high = middle;
  }
  return high;
}

type Board = Pick<Part, 'shelf' | 'fit' | 'thicknessMm' | 'place' | 'width' | 'label' | 'length'>;
type Support = Pick<Part, 'shelf' | 'role' | 'thicknessMm' | 'place'>;

export interface WayInput {
  readonly job: { readonly place: Pick<Job['place'], 'mouth'>; readonly build: Pick<Job['build'], 'supports'> };
  readonly parts: readonly (Board & Support)[];
  readonly hardware: readonly Pick<Hardware, 'shelf' | 'what'>[];
  /** The ceiling above the floor mark, and the place's depth. */
  readonly ceilingMm: number;
  readonly depthMm: number;
}

/** How all boards between two walls get in, in the order in which they do. */
export interface WaysIn {
  readonly order: BoardOrder;
  /** The order is not the usual one: in that, a board has no way. */
  readonly turned: boolean;
  readonly ways: readonly WayIn[];
}

/**
 * The ways in of all boards, all supports being up. Boards go in from the bottom up where supports were put up from the
 * top down, and the other way round; where a board finds no way like that, and more do in the other order, that is
 * taken.
 */
export function waysIn(input: WayInput): WaysIn {
  const usual: BoardOrder = input.job.build.supports === 'top-down' ? 'bottom-up' : 'top-down';
  const other: BoardOrder = usual === 'bottom-up' ? 'top-down' : 'bottom-up';
  const missing = (ways: readonly WayIn[]) => ways.filter((way) => !goesIn(way)).length;
  const ways = waysInOrder(input, usual);
  if (missing(ways) === 0) return { order: usual, turned: false, ways };
  const turned = waysInOrder(input, other);
  if (missing(turned) < missing(ways)) return { order: other, turned: true, ways: turned };
  return { order: usual, turned: false, ways };
}

/** Whether a way in was found. */
export const goesIn = ({ kind }: Pick<WayIn, 'kind'>): boolean => kind === 'straight' || kind === 'tilted';

function waysInOrder(input: WayInput, order: BoardOrder): WayIn[] {
  const boards = input.parts.filter((part) => part.role === 'board' && part.fit !== null);
  return boards.map((board) => {
    const above = boards.filter((one) => one.place.upFrom >= board.place.upTo);
    const below = boards.filter((one) => one.place.upTo <= board.place.upFrom);
    const lowMm = order === 'bottom-up' ? Math.max(0, ...below.map((one) => one.place.upTo)) : 0;
    const next = order === 'top-down' ? above.sort((a, b) => a.place.upFrom - b.place.upFrom)[0] : undefined;
    const highMm = Math.min(input.ceilingMm, next?.place.upFrom ?? Infinity);
    return wayBetween(board, { lowMm, highMm, cleatsFromMm: sideCleatsAbove(board, input) }, input);
  });
}

/** What is there already below and above a board on its way, above the floor mark. Millimetres. */
interface Room {
  readonly lowMm: number;
  readonly highMm: number;
  /** Where the lowest side cleats above begin, whether their board is in or not: all supports are up. */
  readonly cleatsFromMm: number;
}

function sideCleatsAbove({ shelf, place }: Board & Support, { parts }: WayInput): number {
  const cleats = parts.filter((part) => part.shelf !== shelf && part.role.startsWith('side-cleat'));
  return Math.min(Infinity, ...cleats.map((cleat) => cleat.place.upFrom).filter((mm) => mm >= place.upFrom));
}

/**
 * The way in of one board, tilted in the elevation: through the narrowest place in front at the tilt that takes, inside
 * turned down to the least tilt at which it passes between the side cleats, lifted there until its low end lies above
 * its cleat, and its high end lowered. Its low end may hang below the cleats until then. Where something other than
 * cleats is under it, or its depth does not pass the back cleat, it comes in above its supports. Other ways, such as
 * turning it in plan or rolling it on edge, are not looked for: none found is no proof that there is none.
 */
function wayBetween(board: Board & Support, room: Room, input: WayInput): WayIn {
  const fit = board.fit as NonNullable<Part['fit']>;
  const { thicknessMm, shelf } = board;
  const { mouth } = input.job.place;
  const mouthMm = mouth ? mouth.width.mm - EASE_MM : Infinity;
  const mouthUpMm = mouth?.height?.mm ?? Infinity;
  const longMm = Math.max(fit.backMm, fit.frontMm);
  const way = (
    is: WayIn['kind'],
    mouthDegrees: number,
    cleatDegrees: number,
    fromBelow: boolean,
    spareMm: number,
  ): WayIn => ({
    shelf,
    kind: is,
    mouthDegrees,
    cleatDegrees,
    fromBelow,
    spareMm,
  });
  if (mouth && board.width.mm > Math.hypot(mouth.width.mm, mouthUpMm)) return way('impossible', 0, 0, false, 0);
  const narrowest = Math.min(mouthMm, ...passed(fit));
  const mouthDegrees = told(tiltToPass(longMm, thicknessMm, narrowest));
  if (mouthDegrees === 0) return way('straight', 0, 0, false, 0);
  const cleats = input.parts.filter((part) => isCleat(part.role));
  const widest = (role: Part['role']) =>
    Math.max(0, ...cleats.filter((cleat) => cleat.role === role).map((cleat) => cleat.thicknessMm));
  const [leftMm, rightMm] = [widest('side-cleat-left'), widest('side-cleat-right')];
  const apartMm = wallsApart(fit) - EASE_MM;
  const cleatDegrees = told(tiltToPass(longMm, thicknessMm, apartMm - leftMm - rightMm));
  const tilt = mouthDegrees ?? MOST_DEGREES;
  const behindMm = board.width.mm + widest('back-cleat') + EASE_MM;
  const openBelow = onCleatsOnly(shelf, input) && (!mouth || behindMm <= input.depthMm);
  // While its high end comes down it passes beneath the cleats of what is above.
  const besideCleat = tiltToPass(longMm, thicknessMm, apartMm - Math.max(leftMm, rightMm)) ?? MOST_DEGREES;
  const sweptMm = tiltedSpan(longMm, thicknessMm, besideCleat).upMm;
  // How much is over when it is tilted in the mouth, and when its low end has just come above its cleat.
  const spare = (lowMm: number, restDegrees: number | null) => {
    const through = Math.min(room.highMm, mouthUpMm) - lowMm - EASE_MM - tiltedSpan(longMm, thicknessMm, tilt).upMm;
    if (mouthDegrees === null || restDegrees === null) return -Infinity;
    const overMm = room.highMm - board.place.upFrom;
    const atRest = overMm - tiltedSpan(longMm, thicknessMm, restDegrees).upMm;
    return Math.min(through, atRest, room.cleatsFromMm - board.place.upFrom - sweptMm);
  };
  const below = openBelow ? spare(room.lowMm, cleatDegrees) : -Infinity;
  // Above its supports nothing stands between the walls: it is laid down at the tilt it came in at.
  const above = spare(board.place.upFrom, tilt);
  const spareMm = Math.max(below, above);
  return way(spareMm >= 0 ? 'tilted' : 'not-found', tilt, cleatDegrees ?? MOST_DEGREES, below > above, spareMm);
}

/** A tilt as it is told: a tenth of a degree, rather more than less. What room it takes is reckoned with that. */
const told = (degrees: number | null) => (degrees === null ? null : Math.ceil(degrees * 10 - 1e-6) / 10);

const isCleat = (role: Part['role']) => role === 'back-cleat' || role.startsWith('side-cleat');

/** Whether nothing but cleats along the walls is under a shelf, so that its board can hang between them. */
function onCleatsOnly(shelf: number, { parts, hardware }: WayInput): boolean {
  const others = parts.filter((part) => part.shelf === shelf && !isCleat(part.role) && !AFTERWARDS.has(part.role));
  return others.length === 0 && !hardware.some((one) => one.shelf === shelf && one.what === 'bracket');
}

/** Pieces of a shelf that are the board itself, or are put in after it. */
const AFTERWARDS: ReadonlySet<Part['role']> = new Set(['board', 'nosing', 'divider']);

/** The narrowest distance between the walls beside a board's place. Millimetres. */
const wallsApart = ({ walls: { left, right } }: NonNullable<Part['fit']>): number =>
  Math.min(...left.map((mm, i) => (right[i] as number) - mm));

/**
 * Distances between the walls where something longer has to pass on its way from the front to its place. Millimetres.
 */
function passed({ walls: { ps, left, right }, backMm, frontMm }: NonNullable<Part['fit']>): number[] {
  const deep = ps.at(-1)! - ps[0]! || 1;
  const own = ps.map((p) => backMm + ((frontMm - backMm) * (p - ps[0]!)) / deep);
  return ps.flatMap((_, k) => {
    const between = right[k]! - left[k]!;
    return own.slice(0, k).some((mm) => mm > between + 1e-6) ? [between] : [];
  });
}

/** Less play than this is told as tight. Millimetres. */
const TIGHT_MM = 10;
/** The most that is told as room to spare: more is plenty. Millimetres. */
const PLENTY_MM = 300;

/** The way in as instructions. */
export function wayWords(way: WayIn): Message[] {
  if (way.kind === 'straight') return [message('way.straight')];
  if (!goesIn(way)) return [message('way.cardboard')];
  const through = { angle: angle(way.mouthDegrees) };
  const spare = { spare: about(Math.floor(Math.min(way.spareMm, PLENTY_MM))) };
  const between = way.cleatDegrees;
  return [
    message('way.tilted', through),
    way.fromBelow && between > 0 ? message('way.between', { angle: angle(between) }) : message('way.above'),
    message(way.spareMm < TIGHT_MM ? 'way.tight' : 'way.spare', spare),
  ];
}

/** Why boards go in in another order than usual: told at the first of them. */
export function orderWords({ order, turned }: Pick<WaysIn, 'order' | 'turned'>): Message[] {
  if (!turned) return [];
  return [message(order === 'top-down' ? 'way.upperFirst' : 'way.lowerFirst')];
}

/** A board without a way in, named before it is cut. */
export function wayProblem(way: WayIn, boards: readonly Pick<Board, 'shelf' | 'label'>[]): Problem[] {
  if (goesIn(way)) return [];
  const label = boards.find((board) => board.shelf === way.shelf)?.label ?? '';
  const said = { shelf: count(way.shelf), piece: text(label) };
  const concerns = { kind: 'shelf', shelf: way.shelf } as const;
  if (way.kind === 'impossible') return [stop(concerns, message('problem.tooDeepToPass', said))];
  return [doubtful(concerns, message('problem.noWayFound', said))];
}
