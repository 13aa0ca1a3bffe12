import { snapToTape, type Tape } from '../../base/quantity';
import type { EndStyle } from '../../job';
import { endFor, lieOf, liesFor, type End } from './ends';
import { HIDDEN_MM } from '../../place/opening/hidden';
import { roomAtBest, seatAtBest } from './moves';
import type { DrawnWalls, Pocket } from './pocket';

/** How a piece is to fit between its walls. */
export interface FitWish {
  readonly tape: Tape;
  /** How surely it is to go in, percent. */
  readonly odds: number;
  /** What it is cut short by at the least, both ends together, millimetres: the play of a loose fit. */
  readonly leastMm: number;
}

/** A figure that is not known for sure: what is to be expected of it, and the range nine of ten times. */
export interface Range {
  readonly mm: number;
  readonly fromMm: number;
  readonly toMm: number;
}

/** A gap seen at one place of an end once the piece lies where it lies best. */
export interface EndGap extends Range {
  readonly end: 'left' | 'right';
  /** From the back edge of a board, from the lower edge of a piece on edge, millimetres. */
  readonly p: number;
}

/** A piece between two walls: its ends, its length, and how it goes in. */
export interface Between {
  readonly style: EndStyle;
  readonly left: End;
  readonly right: End;
  /** From end to end along the back edge of a board (the lower edge of a piece on edge): on a mark of the tape. */
  readonly lengthMm: number;
  /** What the walls would let it be there, on the whole: the length, the clearance and the rounding together. */
  readonly clearMm: number;
  /** What the wanted odds ask to be taken off, or the play where that is more. */
  readonly clearanceMm: number;
  /** How far it may be turned, mm per mm. */
  readonly mostTurn: number;
  /** Share of walls that agree with the readings between which it goes, percent. */
  readonly odds: number;
  /** Share of them between which it goes and no gap at its ends is wider than caulk hides, percent. */
  readonly neatOdds: number;
  readonly worst: Range;
  /** The widest gap by place: the most telling first. */
  readonly gaps: readonly EndGap[];
}

/** A board may be turned until either back corner has moved by what caulk hides. */
export const MOVED_MM = HIDDEN_MM;

/** So many of the drawn walls tell what gap a style or a back edge leaves; all of them for the style that is taken. */
export const COMPARED = 120;

/**
 * Cuts a piece for a pocket in one end style. Of every drawn pair of walls the room at best is worked out over all
 * small moves of the piece; the clearance is what makes the wanted share of them not negative. The length is then put
 * on the mark of the tape below.
 * @returns null where nothing would be left of the piece
 */
export function fitBetween(pocket: Pocket, style: EndStyle, { tape, odds, leastMm }: FitWish): Between | null {
  const { ps, drawn } = pocket;
  const [left, right] = [endFor(pocket, 'left', style, tape), endFor(pocket, 'right', style, tape)];
  const clearMm = right.line.at - left.line.at;
  const mostTurn = pocket.stance === 'flat' && clearMm > 0 ? (2 * MOVED_MM) / clearMm : 0;
  const lies = liesFor(pocket);
  const rooms = new Float64Array(drawn.length);
  drawn.forEach((walls, k) => {
    rooms[k] = roomAtBest(ps, lieOf(pocket, walls, left, right, lies).tight, mostTurn);
  });
  rooms.sort();
  const short = rooms[Math.min(Math.floor((1 - odds / 100) * rooms.length + 1e-9), rooms.length - 1)] ?? 0;
  const clearanceMm = Math.max(-short, leastMm, 0);
  const lengthMm = snapToTape(clearMm - clearanceMm, tape, 'down');
  if (lengthMm <= 0 || lengthMm + left.offsetMm + right.offsetMm <= 0) return null;
  const off = (clearMm - lengthMm) / 2;
  const cut = { style, left: moved(left, off), right: moved(right, -off), lengthMm, clearMm, clearanceMm, mostTurn };
  const goesIn = rooms.filter((room) => room + 2 * off >= -1e-9).length;
  return { ...cut, odds: (100 * goesIn) / rooms.length, ...tried(pocket, cut, COMPARED) };
}

/** The same with its gaps told from all the drawn walls. */
export function inFull(pocket: Pocket, one: Between): Between {
  return { ...one, ...tried(pocket, one, pocket.drawn.length) };
}

type Cut = Omit<Between, 'odds' | 'neatOdds' | 'worst' | 'gaps'>;

/** Tries a piece between so many of the drawn walls: the widest gaps at its ends, and where they are. */
function tried(
  pocket: Pocket,
  { left, right, clearMm, mostTurn }: Cut,
  count: number,
): Pick<Between, 'neatOdds' | 'worst' | 'gaps'> {
  const { ps } = pocket;
  const drawn = Math.min(count, pocket.drawn.length);
  const lies = liesFor(pocket);
  const worst = new Float64Array(drawn);
  const gapsOf = () => ps.map(() => new Float64Array(drawn));
  const [atLeft, atRight] = [gapsOf(), gapsOf()];
  let neat = 0;
  for (let k = 0; k < drawn; k += 1) {
    const { tight, seen } = lieOf(pocket, pocket.drawn[k] as DrawnWalls, left, right, lies);
    const { shift, turn, worstGapMm, goesIn } = seatAtBest(ps, tight, seen, mostTurn, clearMm / 2);
    worst[k] = worstGapMm;
    if (goesIn && worstGapMm <= HIDDEN_MM) neat += 1;
    for (let i = 0; i < ps.length; i += 1) {
      const where = shift - turn * (ps[i] as number);
      (atLeft[i] as Float64Array)[k] = where - (seen.left[i] as number);
      (atRight[i] as Float64Array)[k] = (seen.right[i] as number) - where;
    }
  }
  const gaps = (end: 'left' | 'right', at: readonly Float64Array[]) =>
    at.map((seen, i): EndGap => ({ end, p: ps[i] as number, ...rangeOf(seen) }));
  return {
    neatOdds: (100 * neat) / Math.max(drawn, 1),
    worst: rangeOf(worst),
    gaps: [...gaps('left', atLeft), ...gaps('right', atRight)].sort((a, b) => b.mm - a.mm),
  };
}

/** An end moved along the piece, to the right positive. */
function moved(end: End, by: number): End {
  return {
    ...end,
    profile: end.profile.map((x) => x + by),
    line: { ...end.line, at: end.line.at + by },
  };
}

/** The mean, and the 5th and 95th percentile. */
export function rangeOf(values: Float64Array): Range {
  const own = values.slice();
  const at = (share: number) => nth(own, Math.min(Math.floor(share * own.length), own.length - 1)) ?? 0;
  let sum = 0;
  for (let i = 0; i < own.length; i += 1) sum += own[i] as number;
  return { mm: sum / Math.max(own.length, 1), fromMm: at(0.05), toMm: at(0.95) };
}

/** The value that would stand at a place in sorted order; moves values about (Hoare's find, 1961). */
function nth(values: Float64Array, n: number): number | undefined {
  let [low, high] = [0, values.length - 1];
  while (low < high) {
    const pivot = values[(low + high) >> 1] as number;
    let [i, j] = [low, high];
    while (i <= j) {
      while ((values[i] as number) < pivot) i += 1;
      while ((values[j] as number) > pivot) j -= 1;
      if (i > j) break;
      const moved = values[i] as number;
      values[i] = values[j] as number;
      values[j] = moved;
      i += 1;
      j -= 1;
    }
    if (n <= j) high = j;
    else if (n >= i) low = i;
    else break;
  }
  return values[n];
}
