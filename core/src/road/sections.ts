import type { DesignJob, WorkJob } from '../job';
import { curesFor, strengthOf } from '../design/load';
import { systemOf } from '../design/system';
import { deviationsOf, outlineOf } from '../place/opening';
import { studAdvice, type StudAdvice } from '../place/kinds';
import { advise, type AdviseOptions, type Survey } from '../place/survey';
import { stepsFor } from '../work/steps/steps';
import type { Surveyed } from './parts';
import type { Pieces } from './pieces';
import { cautionsOf, problemsOf } from './problems';
import { plannedReading } from './readings';

/** The strength of each shelf, and cures for shelves that are too weak. */
export function strengthsOf({ bays, parts, hardware, built, place, standing }: Pieces) {
  const wallFromMm = place.opening.extent.left;
  const all = bays.map(({ road }) => {
    const { system, opening, job } = road;
    const held = { holds: system.holds, parts, hardware, fixings: built.fixings };
    const loaded = { ...held, contents: road.bay.main ? standing.contents : null, opening, wallFromMm, job };
    const strengths = strengthOf(loaded);
    return { strengths, cures: curesFor(loaded, strengths) };
  });
  return { strengths: all.flatMap((one) => one.strengths), cures: all.flatMap((one) => one.cures) };
}

/** What of a job advice about readings depends on. */
export type AdvisedJob = Pick<DesignJob, 'place' | 'units' | 'kit' | 'readings'>;

/** What the readings say, and which readings are still worth taking for boards that lie where these do. */
export function adviceOf(job: AdvisedJob, boards: readonly KnownBoard[], { survey }: Surveyed) {
  return {
    outline: outlineOf(survey),
    deviations: deviationsOf(survey),
    readings: job.readings.map((reading) => plannedReading(reading, survey)),
    studs: studsOf(job, survey),
    advice: advise({ job, survey, boards }),
  };
}

/** All problems and cautions. */
export function saidOf(
  job: DesignJob,
  pieces: Pieces,
  { strengths, cures }: ReturnType<typeof strengthsOf>,
  { readings }: ReturnType<typeof adviceOf>,
) {
  const cautions = [
    ...cautionsOf(job),
    ...pieces.bays.flatMap(({ road: { system, dividers } }) => [...system.cautions, ...dividers.cautions]),
  ];
  return {
    problems: problemsOf(job, pieces, { readings, strengths, cures }),
    cautions: cautions.filter((one, i) => cautions.findIndex((other) => other.message.code === one.message.code) === i),
  };
}

/** Every step of the work. */
export function buildOf(job: WorkJob, pieces: Pieces, { cautions }: ReturnType<typeof saidOf>) {
  const { bays, road, parts, hardware, built, shelves, place } = pieces;
  const { extent } = place.opening;
  const systems = new Map(
    bays.flatMap((bay) =>
      bay.road.layout.shelves.map(({ number }) => [number, systemOf(bay.road.job.support, number)] as const),
    ),
  );
  return stepsFor({
    job,
    takes: road.spec.takes,
    parts,
    body: built.body,
    hardware,
    fixings: built.fixings,
    shelves,
    systems,
    ceilingMm: extent.height,
    wallFromMm: extent.left,
    depthMm: extent.depth,
    order: bays.flatMap((bay) => bay.road.system.order),
    cautions,
  });
}

type KnownBoard = AdviseOptions['boards'][number];

/** Boards as the survey is to know them: at half their thickness, out to their front. A box has none. */
export function boardsOf(job: DesignJob, { shelves, road, place }: Pieces): KnownBoard[] {
  if (road.spec.takes === 'box') return [];
  const { extent } = place.survey;
  const outMm = Math.min(job.shelves.depth.mm, extent.depth);
  return shelves.flatMap(({ number, top, underside }) => {
    const upMm = (top.mm + underside.mm) / 2;
    return upMm > 0 && upMm < extent.height ? [{ shelf: number, upMm, outMm }] : [];
  });
}

/** Where to look for studs, wall by wall, from those that were found. */
function studsOf({ place, units }: AdvisedJob, { extent }: Survey): StudAdvice[] {
  const across = extent.right - extent.left;
  return (['left', 'back', 'right'] as const).flatMap((wall) => {
    const advice = studAdvice(place, wall, wall === 'back' ? across : extent.depth, units);
    return advice ? [advice] : [];
  });
}
