import type { Stretch } from '../design/bay';
import { inUnit, standOf } from '../design/body';
import type { PartSpec } from '../design/system';
import type { Opening } from '../place/opening';
import type { BayWish } from '../job';
import type { Road } from './parts';

/** The piece that closes a bay on one side. Millimetres in the frame of the opening. */
export interface BayFace {
  readonly id: string;
  readonly label: string;
  /** Where its face is at the back, and how far it runs to the right for each millimetre out. */
  readonly acrossMm: number;
  readonly slope: number;
  readonly thicknessMm: number;
  readonly place: PartSpec['place'];
}

/**
 * The face of an upright piece that looks to one side, turned as its unit stands along the back wall.
 * @param unit all pieces that stand with it
 * @returns null for a piece that has no place across
 */
export function faceOf(
  { id, label, thicknessMm, place, across }: PartSpec,
  side: 'left' | 'right',
  unit: readonly PartSpec[],
  opening: Opening,
): BayFace | null {
  if (!across) return null;
  const stand = standOf(unit, opening);
  const at = (out: number) => inUnit(stand, [side === 'left' ? across.fromMm : across.toMm, out, 0])[0];
  const acrossMm = at(0);
  return { id, label, thicknessMm, place, acrossMm, slope: (at(DEEP_MM) - acrossMm) / DEEP_MM };
}

/** A slope is taken over so much, millimetres. */
const DEEP_MM = 1000;

/** One bay of a job as far as its pieces. */
export interface BayRoad extends Road {
  readonly bay: Pick<BayWish, 'id' | 'name' | 'main' | 'position' | 'firstShelf'>;
  readonly stretch: Stretch;
  readonly faces: { readonly left: BayFace | null; readonly right: BayFace | null };
}
