import { buildBody, movedApart, sharedAlong, standUp, type Body } from '../design/body';
import { bodyProblems, checkBody, type Finding } from '../design/body/checks';
import type { Part } from '../design/fit';
import { placeFixings, type Fixing } from '../design/fixing';
import { pinHoles, type Pins } from '../design/layout';
import { systemOf } from '../design/system';
import { pinsOf, type DesignJob } from '../job';
import type { Problem } from '../base/problem';
import type { Road } from './parts';

/** A body with the screws that hold it, the pins its shelves lie on, and what does not hold of it. */
export interface BuiltBody {
  readonly body: Body;
  readonly fixings: readonly Fixing[];
  readonly pins: Pins | null;
  readonly findings: readonly Finding[];
  readonly problems: readonly Problem[];
}

/**
 * Stands the pieces of a job in its opening, drives their screws clear of one another, and checks that it all holds.
 * @param parts with their lengths and holes
 */
export function builtBody(job: DesignJob, road: Road, parts: readonly Part[]): BuiltBody {
  const { opening, hardware, fastenings, system } = road;
  const pinned = pinHolesOf(job, road);
  const stood = standUp({ parts, hardware, pins: pinned.used ? pinned.pins : null, opening });
  const { standing } = stood;
  const shared = (through: string, into: string) => sharedAlong(standing, through, into);
  const placed = placeFixings({ fastenings, parts, hardware, opening, shared, job });
  const fixings = movedApart({ fixings: placed.fixings, fastenings, standing, opening, job });
  const built = buildBody({ stood, fixings, opening, job });
  const findings = checkBody({ ...built, holds: system.holds, fixings });
  return {
    body: built.body,
    fixings,
    pins: pinned.pins,
    findings,
    problems: [...pinned.problems, ...placed.problems, ...unsaid(bodyProblems(findings), road, placed.problems)],
  };
}

/** Pin holes in the sides of the space shelves stand in: for shelves on pins, or where they were wished. */
function pinHolesOf(
  job: DesignJob,
  { layout: { shelves, space }, opening, planned }: Road,
): ReturnType<typeof pinHoles> & { readonly used: boolean } {
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
function unsaid(problems: readonly Problem[], { layout }: Road, ofScrews: readonly Problem[]): Problem[] {
  const shelves = (all: readonly Problem[], named: (problem: Problem) => boolean) =>
    new Set(all.flatMap((problem) => (problem.about.kind === 'shelf' && named(problem) ? [problem.about.shelf] : [])));
  const met = shelves(layout.problems, ({ message }) => message.code.startsWith('problem.meets.'));
  const unscrewed = shelves(ofScrews, ({ severity }) => severity === 'stop');
  return problems.filter(({ message, about }) => {
    if (about.kind !== 'shelf') return true;
    if (message.code === 'body.meetsThing') return !met.has(about.shelf);
    return message.code !== 'body.loose' || !unscrewed.has(about.shelf);
  });
}
