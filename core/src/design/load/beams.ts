import type { Hold } from '../system';
import { GRAVITY, sagLimits } from './limits';
import { lastingStrength, type Material } from './materials';

/** A section as it bends: its second moment of area, mm⁴, and its section modulus, mm³. */
export interface Section {
  readonly inertia: number;
  readonly modulus: number;
}

/** A stick or a board, so wide and so high (Gere & Goodno, Mechanics of Materials, appendix E). */
export const rectangle = (widthMm: number, heightMm: number): Section => ({
  inertia: (widthMm * heightMm ** 3) / 12,
  modulus: (widthMm * heightMm ** 2) / 6,
});

/** What a beam is made of: stiffness and the strength that lasts, N/mm². */
export interface Beam {
  readonly eAlongMpa: number;
  readonly creep: number;
  readonly bearsMpa: number;
}

/** Wood as a beam along its grain. */
export const beamOf = (material: Material): Beam => ({ ...material, bearsMpa: lastingStrength(material).along });

/**
 * What a beam between two supports comes to under an even load that stays: sag after years, mm; share of its strength.
 */
export interface Bent {
  readonly lastingMm: number;
  readonly used: number;
}

/**
 * A beam on two supports under an even load: at the middle 5 w L⁴ / 384 E I, with M = w L² / 8 (ibid., table H-2).
 * @param kgPerMetre the load along it, kilograms for each metre
 */
export function bentBetween(
  { inertia, modulus }: Section,
  spanMm: number,
  kgPerMetre: number,
  { eAlongMpa, creep, bearsMpa }: Beam,
): Bent {
  const perMm = (kgPerMetre * GRAVITY) / 1000;
  const now = (5 * perMm * spanMm ** 4) / (384 * eAlongMpa * inertia);
  return { lastingMm: now * (1 + creep), used: (perMm * spanMm ** 2) / 8 / modulus / bearsMpa };
}

/** A stick that carries a shelf from post to post. Millimetres; share of its bending strength. */
export interface BeamLoad {
  readonly part: string;
  readonly spanMm: number;
  readonly lastingMm: number;
  readonly usualMm: number;
  readonly bending: number;
}

/**
 * Sag and bending of sticks that carry a board between posts, each by itself: one that runs on over its posts bends
 * less.
 * @param kg all that is on the board, and the board; @param lengthMm over which that is spread
 */
export function beamLoads(
  { beams = [] }: Pick<Hold, 'beams'>,
  kg: number,
  lengthMm: number,
  stick: Material,
): BeamLoad[] {
  return beams.map(({ part, spanMm, heightMm, thicknessMm, share }) => {
    const { lastingMm, used } = bentBetween(
      rectangle(thicknessMm, heightMm),
      spanMm,
      (1000 * kg * share) / lengthMm,
      beamOf(stick),
    );
    return { part, spanMm, lastingMm, usualMm: sagLimits(spanMm).usualMm, bending: used };
  });
}
