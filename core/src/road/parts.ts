import { usualBox, usualTrimThickness, type DesignJob } from '../job';
import { layOut, tiltedShelves } from '../design/layout';
import { cavityBox, openingOf, type CavityBox } from '../place/opening';
import { specOf } from '../place/kinds';
import type { Problem } from '../base/problem';
import { surveyOf } from '../place/survey';
import {
  applySystems,
  bareBoards,
  boxAndTrim,
  boxCorners,
  boxScrews,
  boxPanelPins,
  boxTrimPins,
  depthOf,
  dividersOf,
  plannedAt,
  railExtras,
  roomsOf,
  tiltedExtras,
  type BoxBoards,
  type Fastening,
  type Joint,
  type PartSpec,
} from '../design/system';

export type Road = ReturnType<typeof asFarAsParts>;

/** A place as it is measured. */
export type Surveyed = ReturnType<typeof placeOf>;

/** The survey of a place, and its most likely opening. */
export function placeOf(job: Pick<DesignJob, 'place' | 'readings' | 'levelLine' | 'errors' | 'trials'>) {
  const survey = surveyOf(job);
  return { survey, opening: openingOf(survey) };
}

/**
 * The road as far as the pieces that are asked for: what the walls, the heights and the supports make of one bay.
 * @param first the number of its lowest shelf
 */
export function asFarAsParts(job: DesignJob, { survey, opening }: ReturnType<typeof placeOf>, first = 1) {
  const spec = specOf(job.place);
  const planned = plannedAt(job.support.system, job.place);
  const box = spec.takes === 'box' ? cavityBox(survey, job) : null;
  const layout = layOut({ job, opening, first, ...roomsOf(job, opening, box, first) });
  // What cannot be laid takes nothing else away: the supports are those of the other shelves.
  const unlaid = shelvesStopped(layout.problems);
  const shelves = layout.shelves.filter((shelf) => !unlaid.has(shelf.number));
  const system = applySystems({ job, opening, shelves, gaps: layout.gaps, space: layout.outer, box });
  const stopped = shelvesStopped([...layout.problems, ...system.problems]);
  const wanted = system.bare.filter((laidShelf) => !stopped.has(laidShelf.number));
  const bare =
    spec.boards === 'none' ? [] : bareBoards(wanted, job.shelves, spec.boards, (shelf) => depthOf(job, shelf));
  const made = system.parts.filter((part) => !stopped.has(part.shelf));
  const thicknessMm = job.shelves.thickness.mm;
  const tilted = tiltedShelves({ wishes: job.tilted ?? [], thicknessMm, depthMm: opening.extent.depth });
  const sloping = tilted.problems.some((problem) => problem.severity === 'stop') ? [] : tilted.tilted;
  const extras = [tiltedExtras({ tilted: sloping, job, opening }), railExtras({ rail: layout.rail, opening, job })];
  const bought = system.hardware.filter((one) => !stopped.has(one.shelf));
  const boxed = box ? boxOf(box, job, system.boxSides) : [];
  const solids = [...boxed, ...made, ...bare];
  const dividers = dividersOf({ job, opening, gaps: layout.gaps, specs: solids, hardware: bought });
  const shelving = [...made, ...bare, ...dividers.parts];
  const specs = box ? [...boxed, ...shelving] : [...shelving, ...extras.flatMap((extra) => extra.parts)];
  const hardware = [...bought, ...extras.flatMap((extra) => extra.hardware)];
  const fastenings = [
    ...system.fastenings.filter((fastening) => !stopped.has(fastening.shelf)),
    ...extras.flatMap((extra) => extra.fastenings),
    ...dividers.fastenings,
    ...(box ? boxJoints(box, job, system.boxSides) : []),
  ];
  return { job, survey, opening, layout, system, spec, box, planned, specs, tilted, dividers, hardware, fastenings };
}

/** Thicknesses of a box's boards and of its trim, and how the trim is wished. */
function boxBoards({ box: wish, units, shelves, tape }: DesignJob): BoxBoards {
  const { trim, corners = 'screwed' } = wish ?? usualBox(units);
  const trimThickMm = (trim.thickness ?? usualTrimThickness(units)).mm;
  return { wallMm: shelves.thickness.mm, corners, trim, trimThickMm, tape };
}

/** The boards and the trim of a cavity's box. */
function boxOf(box: CavityBox, job: DesignJob, sides: readonly Joint[]): PartSpec[] {
  const parts = boxAndTrim(box, boxBoards(job)).map((part) => ({ ...part, unit: 'box' }));
  return parts.map((part) =>
    part.role === 'box-side' ? { ...part, joints: [...(part.joints ?? []), ...sides] } : part,
  );
}

/** What holds a box together, in its hole, and its trim to it. */
function boxJoints(box: CavityBox, job: DesignJob, sides: readonly Joint[]): Fastening[] {
  const boards = boxBoards(job);
  return [
    ...boxScrews(box, boards.wallMm),
    ...boxCorners(box, boards),
    ...boxPanelPins(box, boards, sides),
    ...boxTrimPins(box, boards),
  ];
}

/** Shelves that cannot be made as asked: no wood is cut for them, the others are still planned. */
function shelvesStopped(problems: readonly Problem[]): Set<number> {
  return new Set(
    problems.flatMap(({ severity, about }) => (severity === 'stop' && about.kind === 'shelf' ? [about.shelf] : [])),
  );
}
