import type { DesignJob } from '../job';
import { neededFor } from '../design/fixing';
import { railMarks, stationsOf, type MarkedPart } from '../design/layout';
import type { Opening } from '../place/opening';
import { shelfMarks } from '../design/system';
import { cutList } from '../work/stock';
import type { BayRoad } from './bayRoad';
import { roadsOf } from './bays';
import { builtBody } from './body';
import { gapsBuilt } from './gaps';
import { madeBay, type MadeBay } from './madeBay';
import type { placeOf } from './parts';
import { standingThings } from './standing';

/** Heights, fitted and drilled pieces of every bay, and the body they all make. */
export function piecesOf(job: DesignJob, place: ReturnType<typeof placeOf>) {
  const { all, problems } = roadsOf(job, place);
  const bays = all.map(madeBay) as [MadeBay, ...MadeBay[]];
  const [{ road }] = bays;
  const parts = bays.flatMap((bay) => bay.parts);
  const hardware = all.flatMap((one) => one.hardware);
  const built = builtBody(job, place, bays);
  const { opening } = place;
  const standing = road.layout.contents
    ? standingThings(road.layout.contents, {
        ...built,
        things: job.things,
        leftMm: road.opening.extent.left,
        depthMm: job.shelves.depth.mm,
      })
    : { contents: null, problems: [] };
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
    gaps: all.flatMap((one, i) => gapsBuilt(one, built.clear[i] ?? [])),
    /** What stands on the shelves of the main bay, and what has no place there. */
    standing,
    marks: all.flatMap(marksOf),
    stations: [...all].sort((a, b) => a.bay.position - b.bay.position).flatMap((one) => stationsIn(one, job, opening)),
    needed: neededFor(built.fixings, hardware),
    cutList: cutList(parts, built.body),
  };
}

export type Pieces = ReturnType<typeof piecesOf>;

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

/** Where one marks in a bay: at walls, and at the sides of what stands beside it. */
function stationsIn(
  { bay, stretch, faces, layout, job: own, opening: here }: BayRoad,
  job: DesignJob,
  opening: Opening,
) {
  const whole = job.bays === undefined || here === opening;
  const side = (wall: 'left' | 'right'): MarkedPart['left'] => {
    const face = faces[wall];
    if (face) return { kind: 'piece', label: face.label };
    return { kind: here.surfaces.includes(wall) ? 'wall' : 'none' };
  };
  const { left, right, depth } = opening.extent;
  const across = whole ? { fromMm: left, toMm: right } : stretch;
  const shelves = layout.shelves.map(({ number }) => number);
  const part: MarkedPart = { id: whole ? '' : bay.id, ...across, left: side('left'), right: side('right'), shelves };
  return shelves.length === 0 && !whole
    ? []
    : stationsOf(opening, job.place, Math.min(own.shelves.depth.mm, depth), part);
}
