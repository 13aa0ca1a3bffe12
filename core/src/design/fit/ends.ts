import { snapToTape, type Tape } from '../../base/quantity';
import type { EndStyle } from '../../job';
import { alongLine, supporting, lineOver, type Line } from '../../place/opening/line';
import type { Lie } from './moves';
import type { DrawnWalls, Pocket } from './pocket';

/** An end as it is to be cut, before the clearance is taken off: positions x in the opening, millimetres. */
export interface End {
  readonly side: 'left' | 'right';
  readonly style: EndStyle;
  /** x over the face at the pocket's stations, at the seen face. */
  readonly profile: Float64Array;
  /** The straight line the end lies on, or would but for scribing. */
  readonly line: Line;
  /** How far the end runs beyond square over the face, outwards positive: on a mark of the tape. */
  readonly offsetMm: number;
  /** How far it is undercut for each millimetre behind the seen face. */
  readonly undercut: number;
}

/** Degrees an angle is told and set to. */
export const ANGLE_STEP = 0.1;
const DEGREES = 180 / Math.PI;

/** The nearest angle that can be set, as a slope. */
function settable(slope: number): number {
  return Math.tan((Math.round((Math.atan(slope) * DEGREES) / ANGLE_STEP) * ANGLE_STEP) / DEGREES);
}

/**
 * The end of a style that suits the most likely wall: for a straight one the line that touches it and stands off the
 * least on average. Its run out of square is put on a mark of the tape (its bevel on a tenth of a degree) and the line
 * then moved inwards until it touches again, so that rounding never makes a piece too large.
 */
export function endFor(pocket: Pocket, side: 'left' | 'right', style: EndStyle, tape: Tape): End {
  const { ps, behind, mean } = pocket;
  // Outwards is positive on both sides, and the wall's inmost layer decides.
  const out = side === 'left' ? -1 : 1;
  const layers = mean[side].map((row) => row.map((x) => -out * x));
  const face = ps.at(-1) as number;
  const undercut = style === 'bevelled' ? undercutOf(layers, behind) : 0;
  const tight = tightest(layers, behind, undercut);
  const rough = lineOver(ps, tight);
  const offsetMm = style === 'square' ? 0 : snapToTape(-rough.slope * face, tape, 'nearest') + 0;
  const line = supporting(ps, tight, face > 0 ? -offsetMm / face : 0);
  const inward = style === 'scribed' ? tight : Float64Array.from(ps, (p) => alongLine(line, p));
  return {
    side,
    style,
    undercut,
    offsetMm,
    line: { at: -out * line.at, slope: -out * line.slope },
    profile: inward.map((x) => -out * x),
  };
}

/**
 * The lean of a wall that falls back towards the hidden face, where it does: an undercut lets the seen edge meet it.
 */
function undercutOf(layers: readonly Float64Array[], behind: readonly number[]): number {
  const [seen, hidden] = [layers.at(-1) as Float64Array, layers[0] as Float64Array];
  const deep = behind[0] as number;
  if (deep <= 0) return 0;
  const lean = hidden.reduce((sum, x, i) => sum + x - (seen[i] as number), 0) / hidden.length / deep;
  return Math.max(settable(lean), 0);
}

/** Of the layers the one that reaches in furthest, the undercut taken off. Inwards is positive. */
function tightest(layers: readonly Float64Array[], behind: readonly number[], undercut: number): Float64Array {
  const first = layers[0] as Float64Array;
  return first.map((_, i) =>
    layers.reduce((most, row, l) => Math.max(most, (row[i] as number) - undercut * (behind[l] as number)), -Infinity),
  );
}

/** How a piece lies, against the tightest layer and as seen; filled anew for every pair of walls. */
export interface Lies {
  readonly tight: Lie;
  readonly seen: Lie;
}

/** Room for the lies of a piece with so many stations. */
export function liesFor({ ps }: Pocket): Lies {
  const lie = (): Lie => ({ left: new Float64Array(ps.length), right: new Float64Array(ps.length) });
  return { tight: lie(), seen: lie() };
}

/** How a piece with these two ends lies between walls. */
export function lieOf({ ps, behind }: Pocket, walls: DrawnWalls, left: End, right: End, into: Lies): Lies {
  const { tight, seen } = into;
  const n = ps.length;
  const layers = behind.length;
  const rightFrom = layers * n;
  for (let i = 0; i < n; i += 1) {
    const endLeft = left.profile[i] as number;
    const endRight = right.profile[i] as number;
    let mostLeft = -Infinity;
    let leastRight = Infinity;
    let inLeft = 0;
    let inRight = 0;
    // The seen face is the last layer.
    for (let layer = 0; layer < layers; layer += 1) {
      const deep = behind[layer] as number;
      inLeft = (walls[layer * n + i] as number) - endLeft;
      inRight = (walls[rightFrom + layer * n + i] as number) - endRight;
      const atLeft = inLeft - left.undercut * deep;
      const atRight = inRight + right.undercut * deep;
      if (atLeft > mostLeft) mostLeft = atLeft;
      if (atRight < leastRight) leastRight = atRight;
    }
    tight.left[i] = mostLeft;
    tight.right[i] = leastRight;
    seen.left[i] = inLeft;
    seen.right[i] = inRight;
  }
  return into;
}
