import { fitParts, withHoles, type Part } from '../design/fit';
import type { Fastening } from '../design/system';
import type { BayRoad } from './bayRoad';

/** One bay with its pieces, fitted and drilled. */
export type MadeBay = ReturnType<typeof madeBay>;

/** Fits the pieces of a bay and drills them. */
export function madeBay(road: BayRoad) {
  const { job, opening, specs, hardware, fastenings } = road;
  const fitted = fitParts({ specs, opening, job });
  const drilled = withHoles(onTheirBoards(fitted.parts, fastenings), hardware, job);
  return { road, fitted, drilled, parts: drilled.parts };
}

/** Dividers as far from the left end of their board as asked, wherever that end came to lie once it was fitted. */
function onTheirBoards(parts: readonly Part[], fastenings: readonly Fastening[]): Part[] {
  return parts.map((part) => {
    const board = parts.find(({ id }) => id === `S${part.shelf}-board`);
    const spread = fastenings.find(({ id }) => id === `${part.id}/${board?.id}`)?.spread;
    if (part.role !== 'divider' || !part.across || !board?.fit || spread?.kind !== 'from-end') return part;
    const { fromMm, toMm } = part.across;
    const by = board.fit.seat.acrossMm + spread.inMm - (fromMm + toMm) / 2;
    return { ...part, across: { fromMm: fromMm + by, toMm: toMm + by } };
  });
}
