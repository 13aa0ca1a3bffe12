import type { DesignJob } from '../job';
import { neededFor } from '../design/fixing';
import { railMarks, stationsOf } from '../design/layout';
import { shelfMarks } from '../design/system';
import { cutList } from '../work/stock';
import type { BayRoad } from './bayRoad';
import { roadsOf } from './bays';
import { builtBody } from './body';
import { madeBay, type MadeBay } from './madeBay';
import type { placeOf } from './parts';

/** Heights, fitted and drilled pieces of every bay, and the body they all make. */
export function piecesOf(job: DesignJob, place: ReturnType<typeof placeOf>) {
  const { all, problems } = roadsOf(job, place);
  const bays = all.map(madeBay) as [MadeBay, ...MadeBay[]];
  const [{ road }] = bays;
  const parts = bays.flatMap((bay) => bay.parts);
  const hardware = all.flatMap((one) => one.hardware);
  const built = builtBody(job, place, bays);
  const { opening } = place;
  return {
    /** The main bay. */
    road,
    bays,
    bayProblems: problems,
    place,
    parts,
    hardware,
    built,
    shelves: all.flatMap(({ layout }) => layout.shelves),
    gaps: all.flatMap(gapsOf),
    marks: all.flatMap(marksOf),
    stations: stationsOf(opening, job.place, Math.min(job.shelves.depth.mm, opening.extent.depth)),
    needed: neededFor(built.fixings, hardware),
    cutList: cutList(parts, built.body),
  };
}

export type Pieces = ReturnType<typeof piecesOf>;

/** Clear spaces of a bay, with what is really left to reach in by. */
const gapsOf = ({ layout, system }: BayRoad) =>
  layout.gaps.map((gap, index) => ({ ...gap, reachIn: system.reachIn[index] ?? null }));

/** Marks of a bay on its walls. */
function marksOf({ job, layout, system, bay }: BayRoad) {
  const levelLineUpMm = job.levelLine.up.mm;
  const seated = layout.shelves.find(({ held }) => held === 'seated')?.number ?? bay.firstShelf;
  return [
    ...system.marks,
    ...system.bare.flatMap((shelf) => shelfMarks(shelf, levelLineUpMm, null)),
    ...railMarks(layout.rail, seated, levelLineUpMm),
  ];
}
