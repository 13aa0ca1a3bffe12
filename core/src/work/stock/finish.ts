import type { Part } from '../../design/fit';
import { lotOf } from '../../design/load/lots';
import { coatsFor, finishOf, type Coat, type Finish, type Job, type Lot } from '../../job/document';
import { grouped } from './grouped';

/** What a litre covers with one coat, square metres: what makers of such state, on planed wood, rounded down. */
const COVERS: Readonly<Record<Coat, number>> = { primer: 9, paint: 10, conditioner: 12, stain: 12, clear: 11, oil: 14 };

/** The whole surface of a piece, both faces, all four edges, square metres. Millimetres in. */
export function surfaceOf({ length, width, thicknessMm }: Pick<Part, 'length' | 'width' | 'thicknessMm'>): number {
  const [l, w, t] = [length.mm, width.mm, thicknessMm];
  return (2 * l * w + 2 * (l + w) * t) / 1e6;
}

/** The surface of some pieces together, square metres; mesh and rods, which are bought finished, have none. */
export const surfacesOf = (parts: readonly Part[]): number =>
  parts.reduce((sum, part) => sum + (lotOf(part.role) === null ? 0 : surfaceOf(part)), 0);

/** Pieces with the same coats. */
export interface CoatedLot {
  /** The first of the lots that have these coats. */
  readonly lot: Exclude<Lot, 'wall'>;
  readonly coats: readonly Coat[];
  readonly parts: readonly Part[];
}

type Coated = { readonly stock: Pick<Job['stock'], 'coats' | 'lotCoats'> };

/** Pieces by the coats they get, in the order of the pieces; what is bought finished is left out. */
export function coatedLots(parts: readonly Part[], job: Coated): CoatedLot[] {
  const lotted = parts.flatMap((part) => {
    const lot = lotOf(part.role);
    return lot === null ? [] : [{ part, lot, coats: coatsFor(job, lot) }];
  });
  return grouped(lotted, ({ coats }) => coats.join()).map((alike) => ({
    lot: alike[0]!.lot,
    coats: alike[0]!.coats,
    parts: alike.map(({ part }) => part),
  }));
}

/** The finish of a piece; bare for what is bought finished. */
export function finishFor({ role }: Pick<Part, 'role'>, job: Coated): Finish {
  const lot = lotOf(role);
  return lot === null ? 'bare' : finishOf(coatsFor(job, lot));
}

/**
 * What some coats take, litres.
 * @param areaM2 the surface they are put on, square metres
 */
export function coatingsFor(areaM2: number, coats: readonly Coat[]): { what: Coat; litres: number }[] {
  return grouped(coats, (coat) => coat).map((same) => ({
    what: same[0]!,
    litres: (areaM2 * same.length) / COVERS[same[0]!],
  }));
}
