import type { COATS, FINISHES, LOTS } from './limits';
import type { Job } from './schema';

/** One coat, by what is put on. */
export type Coat = (typeof COATS)[number];
/** Pieces that are finished alike, or the walls. */
export type Lot = (typeof LOTS)[number];
/** A finish as one names it. */
export type Finish = (typeof FINISHES)[number];

/** What comes first under each finish, and what its further coats are of. */
const STEPS_OF: Readonly<Record<Exclude<Finish, 'bare'>, { readonly first: readonly Coat[]; readonly each: Coat }>> = {
  paint: { first: ['primer'], each: 'paint' },
  stain: { first: ['conditioner', 'stain'], each: 'clear' },
  clear: { first: [], each: 'clear' },
  oil: { first: [], each: 'oil' },
};

/**
 * The coats of a usual finish, in order.
 * @param coats how many of paint, clear coat or oil
 * @example usualCoats('paint', 2) // ['primer', 'paint', 'paint']
 */
export function usualCoats(finish: Finish, coats: number): Coat[] {
  if (finish === 'bare') return [];
  const { first, each } = STEPS_OF[finish];
  return [...first, ...Array.from({ length: coats }, () => each)];
}

/** What a list of coats makes: the first of these that is among them. */
const NAMED_BY: readonly Exclude<Finish, 'bare'>[] = ['paint', 'stain', 'oil', 'clear'];

/** The finish a list of coats makes; bare without any that stays. */
export const finishOf = (coats: readonly Coat[]): Finish => NAMED_BY.find((one) => coats.includes(one)) ?? 'bare';

/** Walls are primed and painted twice, unless said otherwise. */
const WALL_COATS: readonly Coat[] = usualCoats('paint', 2);

/** The coats of a lot, in order: its own, else those of all pieces. */
export function coatsFor({ stock }: { readonly stock: Pick<Job['stock'], 'coats' | 'lotCoats'> }, lot: Lot) {
  return stock.lotCoats?.[lot] ?? (lot === 'wall' ? WALL_COATS : stock.coats);
}
