import { MM_PER_INCH } from '../base/quantity';
import { RODS } from './limits';
import type { Job, Region } from './schema';

type RodMade = (typeof RODS)[number];

/** Closet rods as they are sold: their outer diameter, millimetres. */
const SOLD_MM: Readonly<Record<Region, Readonly<Record<RodMade, number>>>> = {
  uk: { tube: 25, wood: 28 },
  us: { tube: 1.125 * MM_PER_INCH, wood: 1.25 * MM_PER_INCH },
};

/** The closet rod of a job as it is bought: what it is planned, checked and cut as. Its diameter in millimetres. */
export function rodOf({ region, further }: Pick<Job, 'region' | 'further'>): {
  readonly made: RodMade;
  readonly diameterMm: number;
} {
  const made = further?.rod ?? RODS[0];
  return { made, diameterMm: SOLD_MM[region][made] };
}

/** What a wooden rod is of: what is sold as such, whatever the sticks are of. */
export const ROD_WOOD = 'pine';
