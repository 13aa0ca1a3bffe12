import { fitParts, withHoles } from '../design/fit';
import type { BayRoad } from './bayRoad';

/** One bay with its pieces, fitted and drilled. */
export type MadeBay = ReturnType<typeof madeBay>;

/** Fits the pieces of a bay and drills them. */
export function madeBay(road: BayRoad) {
  const { job, opening, specs, hardware } = road;
  const fitted = fitParts({ specs, opening, job });
  const drilled = withHoles(fitted.parts, hardware, job);
  return { road, fitted, drilled, parts: drilled.parts };
}
