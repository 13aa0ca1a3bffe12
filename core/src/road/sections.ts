import type { DesignJob, WorkJob } from '../job';
import { fitParts, liftOf, withHoles } from '../design/fit';
import { neededFor } from '../design/fixing';
import { railMarks, stationsOf, type LaidShelf } from '../design/layout';
import { curesFor, strengthOf } from '../design/load';
import { shelfMarks } from '../design/system';
import { deviationsOf, outlineOf } from '../place/opening';
import { studAdvice, type StudAdvice } from '../place/kinds';
import { advise, type Survey } from '../place/survey';
import { stepsFor } from '../work/steps/steps';
import { cutList } from '../work/stock';
import { builtBody } from './body';
import { asFarAsParts, type placeOf } from './parts';
import { cautionsOf, problemsOf } from './problems';
import { plannedReading } from './readings';

/** Heights, fitted and drilled pieces, and the body they make. */
export function piecesOf(job: DesignJob, place: ReturnType<typeof placeOf>) {
  const road = asFarAsParts(job, place);
  const { opening, layout, system, specs, hardware } = road;
  const fitted = fitParts({ specs, opening, job });
  const drilled = withHoles(fitted.parts, hardware, job);
  const { parts } = drilled;
  const built = builtBody(job, road, parts);
  const levelLineUpMm = job.levelLine.up.mm;
  return {
    road,
    fitted,
    drilled,
    parts,
    built,
    gaps: layout.gaps.map((gap, index) => ({ ...gap, reachIn: system.reachIn[index] ?? null })),
    marks: [
      ...system.marks,
      ...system.bare.flatMap((shelf) => shelfMarks(shelf, levelLineUpMm, null)),
      ...railMarks(layout.rail, layout.shelves.find(({ held }) => held === 'seated')?.number ?? 1, levelLineUpMm),
    ],
    stations: stationsOf(opening, job.place, Math.min(job.shelves.depth.mm, opening.extent.depth)),
    needed: neededFor(built.fixings, hardware),
    cutList: cutList(parts, built.body),
  };
}

export type Pieces = ReturnType<typeof piecesOf>;

/** The strength of each shelf, and cures for shelves that are too weak. */
export function strengthsOf(job: DesignJob, { road, parts, built }: Pieces) {
  const { system, hardware, layout, opening } = road;
  const held = { holds: system.holds, parts, hardware, fixings: built.fixings };
  const loaded = { ...held, contents: layout.contents, opening, job };
  const strengths = strengthOf(loaded);
  return { strengths, cures: curesFor(loaded, strengths) };
}

/** What the readings say, and which readings are still worth taking. */
export function adviceOf(job: DesignJob, { road, fitted }: Pieces) {
  const { survey, opening, spec, layout, specs } = road;
  const boards = spec.takes === 'box' ? [] : boardsOf(layout.shelves, job, survey);
  const advice = advise({ job, survey, boards });
  const [next] = advice.next;
  return {
    outline: outlineOf(survey),
    deviations: deviationsOf(survey),
    readings: job.readings.map((reading) => plannedReading(reading, survey)),
    studs: studsOf(job, survey),
    advice,
    lift: next ? liftOf({ opening, specs, parts: fitted.parts, next, tape: job.tape }) : null,
  };
}

/** All problems and cautions. */
export function saidOf(
  job: DesignJob,
  { road, fitted, drilled, built }: Pieces,
  { strengths, cures }: ReturnType<typeof strengthsOf>,
  { readings }: ReturnType<typeof adviceOf>,
) {
  return {
    problems: problemsOf(job, road, { readings, fitted, drilled, built, strengths, cures }),
    cautions: [...cautionsOf(job), ...road.system.cautions, ...road.dividers.cautions],
  };
}

/** Every step of the work. */
export function buildOf(job: WorkJob, { road, parts, built }: Pieces, { cautions }: ReturnType<typeof saidOf>) {
  const { spec, hardware, layout, opening, system } = road;
  return stepsFor({
    job,
    takes: spec.takes,
    parts,
    body: built.body,
    hardware,
    fixings: built.fixings,
    shelves: layout.shelves,
    ceilingMm: opening.extent.height,
    depthMm: opening.extent.depth,
    order: system.order,
    cautions,
  });
}

/** Boards as the survey is to know them: at half their thickness, out to their front. */
function boardsOf(shelves: readonly LaidShelf[], job: DesignJob, { extent }: Survey) {
  const outMm = Math.min(job.shelves.depth.mm, extent.depth);
  return shelves.flatMap(({ number, top, underside }) => {
    const upMm = (top.mm + underside.mm) / 2;
    return upMm > 0 && upMm < extent.height ? [{ shelf: number, upMm, outMm }] : [];
  });
}

/** Where to look for studs, wall by wall, from those that were found. */
function studsOf({ place, units }: DesignJob, { extent }: Survey): StudAdvice[] {
  const across = extent.right - extent.left;
  return (['left', 'back', 'right'] as const).flatMap((wall) => {
    const advice = studAdvice(place, wall, wall === 'back' ? across : extent.depth, units);
    return advice ? [advice] : [];
  });
}
