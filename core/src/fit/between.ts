import { snapToTape, type Tape } from '../quantity';
import { endFor, lieOf, type End, type EndStyle } from './ends';
import { roomAtBest, seatAtBest } from './moves';
import type { Pocket } from './pocket';

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
  /** Share of walls that agree with the readings between which it goes, percent. */
  readonly odds: number;
  /** Share of them between which it goes and no gap at its ends is wider than caulk hides, percent. */
  readonly neatOdds: number;
  readonly worst: Range;
  /** The widest gap by place: the most telling first. */
  readonly gaps: readonly EndGap[];
}

/** What caulk hides: wider gaps are seen. Millimetres. */
export const HIDDEN_MM = 3.2;
// A board may be turned until its back edge stands off so far at one end.
const TURNED_MM = 2;

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
  const mostTurn = pocket.stance === 'flat' && clearMm > 0 ? TURNED_MM / clearMm : 0;
  const rooms = drawn.map((walls) => roomAtBest(ps, lieOf(pocket, walls, left, right).tight, mostTurn)).sort((a, b) => a - b);
  const short = rooms[Math.min(Math.floor((1 - odds / 100) * rooms.length + 1e-9), rooms.length - 1)] ?? 0;
  const clearanceMm = Math.max(-short, leastMm, 0);
  const lengthMm = snapToTape(clearMm - clearanceMm, tape, 'down');
  if (lengthMm <= 0 || lengthMm + left.offsetMm + right.offsetMm <= 0) return null;
  const off = (clearMm - lengthMm) / 2;
  const cut = { left: moved(left, off), right: moved(right, -off) };

  const seats = drawn.map((walls) => {
    const { tight, seen } = lieOf(pocket, walls, cut.left, cut.right);
    return { seat: seatAtBest(ps, tight, seen, mostTurn), seen };
  });
  const worst = seats.map(({ seat }) => seat.worstGapMm);
  const share = (all: readonly unknown[]) => (100 * all.length) / seats.length;
  const gaps = (['left', 'right'] as const).flatMap((end) =>
    ps.map((p, i): EndGap => {
      const seenAt = seats.map(({ seat: { shift, turn }, seen }) => {
        const where = shift - turn * p;
        return end === 'left' ? where - (seen.left[i] as number) : (seen.right[i] as number) - where;
      });
      return { end, p, ...rangeOf(seenAt) };
    }),
  );
  return {
    style,
    ...cut,
    lengthMm,
    clearMm,
    clearanceMm,
    odds: share(seats.filter(({ seat }) => seat.goesIn)),
    neatOdds: share(seats.filter(({ seat }) => seat.goesIn && seat.worstGapMm <= HIDDEN_MM)),
    worst: rangeOf(worst),
    gaps: gaps.sort((a, b) => b.mm - a.mm),
  };
} // prettier-ignore

/** An end moved along the piece, to the right positive. */
function moved(end: End, by: number): End {
  return {
    ...end,
    profile: end.profile.map((x) => x + by),
    line: { ...end.line, at: end.line.at + by },
  };
}

/** The mean, and the 5th and 95th percentile. */
export function rangeOf(values: readonly number[]): Range {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(Math.floor(share * sorted.length), sorted.length - 1)] ?? 0;
  const mean = sorted.reduce((sum, one) => sum + one, 0) / Math.max(sorted.length, 1);
  return { mm: mean, fromMm: at(0.05), toMm: at(0.95) };
}
