import { figure, type Figure } from '../../base/figure';
import { message } from '../../base/message';

/** A brace between an upright and an arm at right angles to it. */
export interface Brace {
  /** Long point to long point, along its outer edge. */
  readonly length: Figure;
  /** The cut off square at the arm, and at the upright: together 90°. */
  readonly degrees: number;
  readonly otherDegrees: number;
}

const DEGREES = 180 / Math.PI;

/**
 * A brace whose outer edge meets the arm so far out and the upright so far down, millimetres: its length is the
 * hypotenuse; it slopes by atan(down / out), and each end is cut to lie flat on what it meets.
 */
export function braceOf({ outMm, downMm }: { readonly outMm: number; readonly downMm: number }): Brace {
  const ok = outMm > 0 && downMm > 0;
  const slope = ok ? Math.atan2(downMm, outMm) * DEGREES : 0;
  const length = figure(
    { label: message('term.braceOut'), mm: ok ? outMm : 0 },
    { label: message('term.braceDown'), mm: ok ? Math.hypot(outMm, downMm) - outMm : 0 },
  );
  return { length, degrees: 90 - slope, otherDegrees: slope };
}
