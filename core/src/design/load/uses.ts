import type { Job, LoadUse } from '../../job';
import type { Contents } from '../layout';

/** What stands on a metre of a shelf about 300 mm deep that is full, kilograms. */
export const USE_KG_PER_M: Readonly<Record<Exclude<LoadUse, 'listed' | 'own'>, number>> = {
  display: 8,
  clothes: 15,
  games: 20,
  kitchen: 30,
  books: 35,
  records: 55,
  tins: 60,
};

/** What is reckoned with while nothing is listed: a shelf full of books, for sooner or later it is one. */
const NOTHING_LISTED: keyof typeof USE_KG_PER_M = 'books';

/** A stretch of a shelf with what stands on it, from the left end of the shelf, millimetres. */
export interface Stretch {
  readonly fromMm: number;
  readonly toMm: number;
  readonly kg: number;
}

export interface Carried {
  /** `listed`: by what stands there; else by a load along the shelf. */
  readonly by: LoadUse;
  readonly kg: number;
  readonly stretches: readonly Stretch[];
}

/** What a shelf so long is reckoned to carry. */
export function carriedBy(
  shelf: number,
  lengthMm: number,
  { load, things }: Pick<Job, 'load' | 'things'>,
  contents: Contents | null,
): Carried {
  const even = (by: LoadUse, perMetre: number): Carried => {
    const kg = (perMetre * lengthMm) / 1000;
    return { by, kg, stretches: [{ fromMm: 0, toMm: lengthMm, kg }] };
  };
  if (load.use === 'own') return even('own', load.perMetre?.kg ?? 0);
  if (load.use !== 'listed') return even(load.use, USE_KG_PER_M[load.use]);
  if (!contents || things.length === 0) return even(NOTHING_LISTED, USE_KG_PER_M[NOTHING_LISTED]);
  const stretches = contents.stored.flatMap((one): Stretch[] => {
    const thing = things.find(({ id }) => id === one.thing);
    if (one.shelf !== shelf || !thing) return [];
    return [
      {
        fromMm: Math.min(one.fromMm, lengthMm),
        toMm: Math.min(one.fromMm + one.runsMm, lengthMm),
        kg: one.count * thing.weight.kg,
      },
    ];
  });
  const kg = stretches.reduce((sum, stretch) => sum + stretch.kg, 0);
  // A shelf that stands empty today will not stay so.
  return kg < (USE_KG_PER_M.display * lengthMm) / 1000
    ? even('display', USE_KG_PER_M.display)
    : { by: 'listed', kg, stretches };
}
