import type { Place, Stud } from '../../job';
import { MM_PER_INCH, type JobUnit } from '../../base/quantity';

/** Usual distances from the middle of one stud to the middle of the next, millimetres. */
const SPACINGS_MM = [400, 16 * MM_PER_INCH, 600, 24 * MM_PER_INCH] as const;

/**
 * The spacing one would try first, in what one measures in: 400 mm or 16 in; and the next usual one, 600 mm or 24 in.
 */
export function spacingsTriedMm(units: JobUnit): readonly [number, number] {
  return units === 'in' ? [16 * MM_PER_INCH, 24 * MM_PER_INCH] : [400, 600];
}

/** What found studs say of where the others should be. */
export interface StudAdvice {
  readonly wall: Stud['wall'];
  /** The spacing they keep; null when they keep none of the usual ones, or only one was found. */
  readonly spacingMm: number | null;
  /** `one`: only one is known, any spacing is a guess. `holds`, `broken`: whether the found ones keep a spacing. */
  readonly state: 'one' | 'holds' | 'broken';
  /**
   * Where to look next, from where the wall begins (its left end; a side wall its back corner), nearest to a found one
   * first, millimetres.
   */
  readonly tryMm: readonly number[];
  /** Found studs that do not lie where the spacing has them, by id. */
  readonly odd: readonly string[];
}

// A stud's middle is found to about this, and is nailed no better.
const NEAR_MM = 15;
// This near to the end of a wall nobody looks: there the corner's own studs are.
const END_MM = 40;

/**
 * From the studs found on a wall, the usual spacing they keep and where the next should be. Studs are never taken
 * for evenly spaced: found ones that do not fit are named.
 * @param lengthMm length of the wall
 * @param units what is measured in: the usual spacings differ
 */
export function studAdvice(
  place: Pick<Place, 'studs'>,
  wall: Stud['wall'],
  lengthMm: number,
  units: JobUnit,
): StudAdvice | null {
  const found = place.studs.filter((stud) => stud.wall === wall).sort((a, b) => a.from.mm - b.from.mm);
  const [first] = found;
  if (!first) return null;
  if (found.length === 1) {
    const tryMm = spacingsTriedMm(units)
      .flatMap((by) => [first.from.mm + by, first.from.mm - by])
      .filter((mm) => mm > 0 && mm < lengthMm);
    return { wall, spacingMm: null, state: 'one', tryMm, odd: [] };
  }
  const fits = SPACINGS_MM.map((spacing) => fitTo(found, spacing));
  const best = fits.reduce((a, b) =>
    b.odd.length < a.odd.length || (b.odd.length === a.odd.length && b.miss < a.miss) ? b : a,
  );
  // A spacing is believed when most of the found ones keep it.
  const kept = found.length - best.odd.length;
  if (kept < 2 || kept < found.length / 2)
    return { wall, spacingMm: null, state: 'broken', tryMm: [], odd: found.map((one) => one.id) };
  const tryMm: number[] = [];
  for (let k = Math.ceil(-best.start / best.spacing); best.start + k * best.spacing < lengthMm; k += 1) {
    const mm = best.start + k * best.spacing;
    if (mm > END_MM && found.every((one) => Math.abs(one.from.mm - mm) > best.spacing / 3)) tryMm.push(mm);
  }
  const nearest = (mm: number) => Math.min(...found.map((one) => Math.abs(one.from.mm - mm)));
  tryMm.sort((a, b) => nearest(a) - nearest(b));
  return {
    wall,
    spacingMm: best.spacing,
    state: best.odd.length === 0 ? 'holds' : 'broken',
    tryMm,
    odd: best.odd.map((one) => one.id),
  };
}

interface SpacingFit {
  readonly spacing: number;
  readonly start: number;
  readonly odd: readonly Stud[];
  readonly miss: number;
}

/** The studs against a spacing, laid from the one that most others agree with. */
function fitTo(found: readonly Stud[], spacing: number): SpacingFit {
  const from = (origin: Stud): SpacingFit => {
    const misses = found.map((one) => {
      const steps = Math.round((one.from.mm - origin.from.mm) / spacing);
      return one.from.mm - origin.from.mm - steps * spacing;
    });
    const odd = found.filter((_, i) => Math.abs(misses[i] as number) > NEAR_MM);
    const miss = misses.reduce((sum, one) => sum + Math.min(Math.abs(one), NEAR_MM), 0);
    return { spacing, start: origin.from.mm, odd, miss };
  };
  return found
    .map(from)
    .reduce((a, b) => (b.odd.length < a.odd.length || (b.odd.length === a.odd.length && b.miss < a.miss) ? b : a));
}
