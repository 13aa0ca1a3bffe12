import type { Hold } from '../system';
import { GRAVITY, sagLimits } from './limits';
import { lastingStrength, type Material } from './materials';

/** A stick that carries a shelf from post to post. Millimetres; share of its bending strength. */
export interface BeamLoad {
  readonly part: string;
  readonly spanMm: number;
  readonly lastingMm: number;
  readonly usualMm: number;
  readonly bending: number;
}

/**
 * Sag and bending of sticks that carry a board between posts, each as a beam on two supports under an even load: at the
 * middle 5 w L⁴ / 384 E I, with M = w L² / 8 (Gere & Goodno, Mechanics of Materials, table H-2). One that runs on over
 * its posts bends less.
 * @param kg all that is on the board, and the board; @param lengthMm over which that is spread
 */
export function beamLoads({ beams = [] }: Pick<Hold, 'beams'>, kg: number, lengthMm: number, stick: Material): BeamLoad[] {
  return beams.map(({ part, spanMm, heightMm, thicknessMm, share }) => {
    const perMm = (kg * GRAVITY * share) / lengthMm;
    const inertia = (thicknessMm * heightMm ** 3) / 12;
    const nowMm = (5 * perMm * spanMm ** 4) / (384 * stick.eAlongMpa * inertia);
    const stress = (perMm * spanMm ** 2) / 8 / ((thicknessMm * heightMm ** 2) / 6);
    return { part, spanMm, lastingMm: nowMm * (1 + stick.creep), usualMm: sagLimits(spanMm).usualMm, bending: stress / lastingStrength(stick).along };
  });
} // prettier-ignore
