import type { Part } from '../../design/fit';
import type { Job } from '../../job';

/** What a litre covers with one coat, square metres: what makers of such state, on planed wood, rounded down. */
const COVERS = { primer: 9, paint: 10, conditioner: 12, stain: 12, clear: 11, oil: 14 } as const;
/** Coats of primer under paint, and of clear coat over stain. */
const UNDER = 1;

/** The whole surface of a piece, both faces, all four edges, square metres. Millimetres in. */
export function surfaceOf({ length, width, thicknessMm }: Pick<Part, 'length' | 'width' | 'thicknessMm'>): number {
  const [l, w, t] = [length.mm, width.mm, thicknessMm];
  return (2 * l * w + 2 * (l + w) * t) / 1e6;
}

export type Coating = keyof typeof COVERS;

/** Coats of paint on the walls of a place that is painted; it is primed once. */
const WALL_COATS = 2;

/**
 * What is needed to paint the walls of a place, litres.
 * @param areaM2 their surface, square metres
 */
export const wallCoatingsFor = (areaM2: number): { what: Coating; litres: number }[] => [
  { what: 'primer', litres: areaM2 / COVERS.primer },
  { what: 'paint', litres: (WALL_COATS * areaM2) / COVERS.paint },
];

/**
 * What is needed to finish the pieces, litres.
 * @param areaM2 their surface, square metres
 */
export function coatingsFor(
  areaM2: number,
  { finish, coats }: Pick<Job['stock'], 'finish' | 'coats'>,
): { what: Coating; litres: number }[] {
  const litres = (what: Coating, times: number) => ({ what, litres: (areaM2 * times) / COVERS[what] });
  switch (finish) {
    case 'bare':
      return [];
    case 'paint':
      return [litres('primer', UNDER), litres('paint', coats)];
    case 'stain':
      return [litres('conditioner', UNDER), litres('stain', UNDER), litres('clear', coats)];
    case 'clear':
    case 'oil':
      return [litres(finish, coats)];
  }
}
