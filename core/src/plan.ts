import type { Figure } from './figure';
import { fitParts, type Part } from './fit';
import type { Job } from './job';
import { layOut, type Gap, type LaidShelf } from './layout';
import { message, type Message } from './message';
import { openingFromTape, outlineOf, type Outline } from './opening';
import { doubtful, stop, type Caution, type Problem } from './problem';
import { cutList, type CutGroup } from './stock';
import { checkReadings, nameOf, spotOf, suggestReadings, type Suggestion } from './survey';
import { applySystem, type WallMark } from './system';

/** The version of the plan this code writes. */
export const PLAN_VERSION = 1;

/** A clear space and what is really left to reach in by, under the nosing above it. */
export interface PlannedGap extends Gap {
  readonly reachIn: Figure | null;
}

/** A reading as the plan saw it, by id, with its name for "why?". */
export interface ReadingName {
  readonly id: string;
  readonly name: Message;
  readonly mm: number;
}

/** Everything Dormer tells about a job. Derived, never stored as truth; a plain value that survives JSON. */
export interface Plan {
  readonly format: 'dormer-plan';
  readonly version: typeof PLAN_VERSION;
  readonly job: Pick<Job, 'id' | 'name' | 'units' | 'tape'>;
  readonly opening: Outline;
  readonly readings: readonly ReadingName[];
  readonly next: readonly Suggestion[];
  readonly levelLineUpMm: number;
  readonly shelves: readonly LaidShelf[];
  readonly gaps: readonly PlannedGap[];
  readonly marks: readonly WallMark[];
  readonly parts: readonly Part[];
  readonly cutList: readonly CutGroup[];
  readonly problems: readonly Problem[];
  readonly cautions: readonly Caution[];
}

const GENERAL_CAUTIONS: readonly Caution[] = [
  { message: message('caution.oldPaint'), stage: 'measure' },
  { message: message('caution.notFromFloor'), stage: 'shelves' },
  { message: message('caution.dust'), stage: 'cut' },
];

/**
 * The one road: readings, opening, layout, system, fit, stock. A pure function of the job; impossible work
 * comes back as a plan with named problems, never as an exception.
 */
export function planJob(job: Job): Plan {
  const opening = openingFromTape(job.readings);
  const layout = layOut(job.shelves, opening, job.tape);
  const system = applySystem({
    wish: job.shelves,
    support: job.support,
    shelves: layout.shelves,
    gaps: layout.gaps,
    levelLineUpMm: job.levelLine.up.mm,
  });
  const stopped = shelvesStopped([...layout.problems, ...system.problems]);
  const specs = system.parts.filter((part) => !stopped.has(part.shelf));
  const fitted = fitParts(specs, opening, job.shelves, job.tape);
  const surveyProblems = job.readings.length === 0 ? [] : [...checkReadings(job.readings), ...thinSurvey(job)];
  const problems =
    job.readings.length === 0
      ? [stop({ is: 'place' }, message('problem.noReadings'))]
      : [...surveyProblems, ...layout.problems, ...system.problems, ...fitted.problems];
  return {
    format: 'dormer-plan',
    version: PLAN_VERSION,
    job: { id: job.id, name: job.name, units: job.units, tape: job.tape },
    opening: outlineOf(opening, job.readings),
    readings: job.readings.map((one) => ({ id: one.id, name: nameOf(spotOf(one)), mm: one.value.mm })),
    next: suggestReadings({
      readings: job.readings,
      units: job.units,
      shelfTopsMm: layout.shelves.map((shelf) => shelf.top.mm),
    }),
    levelLineUpMm: job.levelLine.up.mm,
    shelves: layout.shelves,
    gaps: layout.gaps.map((gap, index) => ({ ...gap, reachIn: system.reachIn[index] ?? null })),
    marks: system.marks,
    parts: fitted.parts,
    cutList: cutList(fitted.parts),
    problems,
    cautions: [...GENERAL_CAUTIONS, ...system.cautions],
  };
}

/** Shelves that cannot be made as asked: no wood is cut for them, the others are still planned. */
function shelvesStopped(problems: readonly Problem[]): Set<number> {
  return new Set(
    problems.flatMap(({ severity, about }) => (severity === 'stop' && about.is === 'shelf' ? [about.shelf] : [])),
  );
}

/** One width is not a survey: it says nothing about lean, taper or bow. */
function thinSurvey(job: Job): Problem[] {
  const widths = job.readings.filter((one) => one.kind === 'width');
  return widths.length === 1 ? [doubtful({ is: 'place' }, message('problem.oneWidth'))] : [];
}
