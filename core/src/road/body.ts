import {
  buildBody,
  clearSpacesOf,
  movedApart,
  sharedAlong,
  standUp,
  stoodTogether,
  type Body,
  type Built,
  type ClearSpace,
} from '../design/body';
import { bodyProblems, checkBody, type Finding } from '../design/body/checks';
import { placeFixings, type Fixing } from '../design/fixing';
import { pinHoles, type Pins } from '../design/layout';
import { systemOf } from '../design/system';
import { pinsOf, type DesignJob } from '../job';
import type { Problem } from '../base/problem';
import type { BayRoad } from './bayRoad';
import { fromWallEnd, intoFaces } from './intoFaces';
import type { placeOf } from './parts';
import type { MadeBay } from './madeBay';

/** A body with the screws that hold it, the pins its shelves lie on, and what does not hold of it. */
export interface BuiltBody {
  readonly body: Body;
  /** Where each piece and fitting stands. */
  readonly standing: Built['standing'];
  readonly fixings: readonly Fixing[];
  /** Pin holes of each bay, in the order of the bays. */
  readonly pins: readonly (Pins | null)[];
  /** Clear spaces of each bay, in the order of its gaps; null where a shelf beside one is not built. */
  readonly clear: readonly (readonly (ClearSpace | null)[])[];
  readonly findings: readonly Finding[];
  readonly problems: readonly Problem[];
}

/**
 * Stands the pieces of all bays in the opening, drives their screws clear of one another, and checks that it all holds.
 * @param bays with the lengths and holes of their pieces
 */
export function builtBody(
  job: DesignJob,
  { opening }: ReturnType<typeof placeOf>,
  bays: readonly Pick<MadeBay, 'road' | 'parts'>[],
): BuiltBody {
  const pinned = bays.map(({ road }) => pinHolesOf(road));
  const stood = stoodTogether(
    bays.map(({ road, parts }, i) => {
      const { pins = null, used = false } = pinned[i] ?? {};
      return standUp({ parts, hardware: road.hardware, pins: used ? pins : null, opening: road.opening });
    }),
  );
  const { standing } = stood;
  const shared = (through: string, into: string) => sharedAlong(standing, through, into);
  const driven = bays.map(({ road, parts }) => {
    const { fastenings, hardware } = road;
    const placed = placeFixings({ fastenings, parts, hardware, opening: road.opening, shared, job: road.job });
    const { opening: here, job: own, faces } = road;
    const byMm = here.extent.left - opening.extent.left;
    const fixings = fromWallEnd(intoFaces(placed.fixings, faces), byMm);
    return { opening: here, job: own, fastenings, fixings, problems: placed.problems };
  });
  const moved = movedApart({ standing, bays: driven });
  const fixings = moved.flat();
  const apart = driven.map((bay, i) => ({ ...bay, fixings: moved[i] ?? [] }));
  const built = buildBody({ stood, bays: apart, opening, job });
  const spaceOf = clearSpacesOf(stood.pieces, standing);
  const findings = checkBody({ ...built, holds: bays.flatMap(({ road }) => road.system.holds), fixings });
  const unplaced = driven.flatMap(({ problems }) => problems);
  const laid = bays.flatMap(({ road }) => road.layout.problems);
  return {
    body: built.body,
    standing,
    fixings,
    pins: pinned.map(({ pins }) => pins),
    clear: bays.map(({ road }) => clearIn(road, spaceOf)),
    findings,
    problems: [
      ...pinned.flatMap(({ problems }) => problems),
      ...unplaced,
      ...unsaid(bodyProblems(findings), laid, unplaced),
    ],
  };
}

/** Clear spaces of a bay, gap by gap. */
const clearIn = ({ layout, stretch }: BayRoad, spaceOf: ReturnType<typeof clearSpacesOf>) =>
  layout.gaps.map(({ below, above }) => spaceOf({ below, above, ...layout.space, across: stretch }));

/** Pin holes in the sides of the space shelves stand in: for shelves on pins, or where they were wished. */
function pinHolesOf({ job, layout: { shelves, space }, opening, planned }: BayRoad): ReturnType<typeof pinHoles> & {
  readonly used: boolean;
} {
  const pinned = planned ? shelves.filter(({ number }) => systemOf(job.support, number) === 'pinned-case') : [];
  const used = pinned.length > 0;
  if ((!used && !job.pins) || space.toMm === null) return { pins: null, problems: [], used };
  const { depth } = job.shelves;
  const holes = pinHoles({
    wish: pinsOf(job),
    shelves: used ? pinned : shelves,
    fromMm: space.fromMm,
    toMm: space.toMm,
    depthMm: Math.min(depth.mm, opening.extent.depth),
  });
  return { ...holes, used };
}

/**
 * What is said already is not said again of the pieces: what a shelf meets, by the heights; that its screws have no
 * hold, by those.
 */
function unsaid(problems: readonly Problem[], ofHeights: readonly Problem[], ofScrews: readonly Problem[]): Problem[] {
  const shelves = (all: readonly Problem[], named: (problem: Problem) => boolean) =>
    new Set(all.flatMap((problem) => (problem.about.kind === 'shelf' && named(problem) ? [problem.about.shelf] : [])));
  const met = shelves(ofHeights, ({ message }) => message.code.startsWith('problem.meets.'));
  const unscrewed = shelves(ofScrews, ({ severity }) => severity === 'stop');
  return problems.filter(({ message, about }) => {
    if (about.kind !== 'shelf') return true;
    if (message.code === 'body.meetsThing') return !met.has(about.shelf);
    return message.code !== 'body.loose' || !unscrewed.has(about.shelf);
  });
}
