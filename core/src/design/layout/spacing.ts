import { plus, type Figure } from '../../base/figure';
import { count, length, message } from '../../base/message';
import { equalGapMm } from './equalGaps';

/** A stretch of height shelves are shared out over: between a boundary, or a shelf that stays, and the next. */
export interface Stretch {
  /** Where its clear height begins and ends. */
  readonly from: Figure;
  readonly to: Figure;
  /** Whether its ends are shelves, of whose thickness half counts for what is spaced from middle to middle. */
  readonly onShelf: boolean;
  readonly underShelf: boolean;
}

export type Spaced = 'equal-gaps' | 'on-centre' | 'graduated';

export interface Spacing {
  readonly way: Spaced;
  readonly thicknessMm: number;
  /** Graduated: each gap is so much of the one below it. */
  readonly ratio: number;
}

const clearMm = ({ from, to }: Stretch) => to.mm - from.mm;

/**
 * How many of a number of shelves go into each stretch, so that the largest gap is the least it can be: one after
 * another into the stretch whose gaps are largest, the lowest of equals.
 */
export function shareOut(stretches: readonly Stretch[], shelves: number, thicknessMm: number): number[] {
  const counts = stretches.map(() => 0);
  for (let i = 0; i < shelves; i += 1) {
    const gaps = stretches.map((stretch, k) => equalGapMm(clearMm(stretch), counts[k] as number, thicknessMm));
    const widest = gaps.reduce((best, gap, k) => (gap > (gaps[best] as number) + 1e-9 ? k : best), 0);
    counts[widest] = (counts[widest] ?? 0) + 1;
  }
  return counts;
}

/**
 * The smallest clear gap a stretch is left with.
 * @param shelves how many shelves share the stretch
 * @returns millimetres; below 0 when the boards alone do not fit
 */
export function leastGapMm(stretch: Stretch, shelves: number, { way, thicknessMm, ratio }: Spacing): number {
  if (way === 'graduated') return lowestGapMm(stretch, shelves, thicknessMm, ratio) * ratio ** shelves;
  if (way === 'equal-gaps') return equalGapMm(clearMm(stretch), shelves, thicknessMm);
  const pitch = pitchMm(stretch, shelves, thicknessMm);
  const end = stretch.onShelf || stretch.underShelf ? 1 : 0.5;
  return pitch - Math.max(end, shelves > 1 ? 1 : 0) * thicknessMm;
}

/**
 * Tops of the shelves in a stretch, each with how it came about.
 * @param shelves how many shelves share the stretch
 * @returns millimetres above the floor mark, rising
 */
export function spaced(stretch: Stretch, shelves: number, spacing: Spacing): Figure[] {
  const { way, thicknessMm, ratio } = spacing;
  const thicknesses = (n: number) => message('term.thicknesses', { count: count(n), thickness: length(thicknessMm) });
  return Array.from({ length: shelves }, (_, i) => {
    const n = i + 1;
    if (way === 'on-centre') {
      const pitch = pitchMm(stretch, shelves, thicknessMm);
      const middles = plus(stretch.from, message('term.pitches', { count: count(n), pitch: length(pitch) }), n * pitch);
      // From the middle of a shelf the top of the next is as far as from its own top.
      return stretch.onShelf ? middles : plus(middles, message('term.halfThickness'), thicknessMm / 2);
    }
    if (way === 'equal-gaps') {
      const gap = equalGapMm(clearMm(stretch), shelves, thicknessMm);
      const gaps = plus(stretch.from, message('term.gaps', { count: count(n), gap: length(gap) }), n * gap);
      return plus(gaps, thicknesses(n), n * thicknessMm);
    }
    const lowest = lowestGapMm(stretch, shelves, thicknessMm, ratio);
    const label = message('term.graduated', { count: count(n), lowest: length(lowest) });
    return plus(plus(stretch.from, label, lowest * powers(ratio, n)), thicknesses(n), n * thicknessMm);
  });
}

/** 1 + r + ... + r to the power n - 1. */
function powers(ratio: number, n: number): number {
  let [sum, power] = [0, 1];
  for (let i = 0; i < n; i += 1) {
    sum += power;
    power *= ratio;
  }
  return sum;
}

/** The lowest of gaps each of which is so much of the one below: H - N t = g (1 + r + ... + r^N). */
function lowestGapMm(stretch: Stretch, shelves: number, thicknessMm: number, ratio: number): number {
  return (clearMm(stretch) - shelves * thicknessMm) / powers(ratio, shelves + 1);
}

/** From the middle of one board to that of the next, boundaries counting as lines. */
function pitchMm(stretch: Stretch, shelves: number, thicknessMm: number): number {
  const ends = (Number(stretch.onShelf) + Number(stretch.underShelf)) * (thicknessMm / 2);
  return (clearMm(stretch) + ends) / (shelves + 1);
}
