import type { Figure } from './base/figure';
import { fitParts, liftOf, withHoles, type Lift, type Part } from './design/fit';
import type { Body } from './design/body';
import { neededFor, type Fixing, type Needed } from './design/fixing';
import type { Job } from './job';
import {
  levelLineWords,
  railMarks,
  stationsOf,
  type Blocked,
  type Contents,
  type Gap,
  type LaidShelf,
  type Pins,
  type Rail,
  type Station,
  type Tilted,
  type WallMark,
} from './design/layout';
import { curesFor, strengthOf, type Cure, type Strength } from './design/load';
import type { Message } from './base/message';
import { deviationsOf, outlineOf, type CavityBox, type Deviation, type Outline } from './place/opening';
import { studAdvice, type StudAdvice } from './place/kinds';
import type { Caution, Problem } from './base/problem';
import { builtBody } from './road/body';
import type { Considered } from './road/consider';
import { asFarAsParts } from './road/parts';
import { cautionsOf, problemsOf } from './road/problems';
import { plannedReading, type PlannedReading } from './road/readings';
import { compareStyles, considerSystems } from './road/styles';
import { stepsFor, type Steps } from './work/steps/steps';
import { cutList, type CutGroup } from './work/stock';
import { advise, type Advice, type LearnedError, type Survey, type TrialCheck } from './place/survey';
import { shelfMarks, type Applied, type Hardware } from './design/system';

/** The version of the plan this code writes. */
export const PLAN_VERSION = 10;

export { compareStyles, considerSystems };
export type { Considered, PlannedReading };

/** A clear space and what is really left to reach in by, under the nosing above it. */
export interface PlannedGap extends Gap {
  readonly reachIn: Figure | null;
}

/** Everything Dormer tells about a job. Derived, never stored as truth; a plain value that survives JSON. */
export interface Plan {
  readonly format: 'dormer-plan';
  readonly version: typeof PLAN_VERSION;
  readonly job: Pick<Job, 'id' | 'name' | 'units' | 'tape' | 'tools'>;
  /** Whether the place takes boards on supports, or a box. */
  readonly takes: 'boards' | 'box';
  readonly opening: Outline;
  readonly deviations: readonly Deviation[];
  readonly readings: readonly PlannedReading[];
  /** What is still worth reading, and what is not known well enough. */
  readonly advice: Advice;
  /** What the first of the readings advised would do for the board it helps most; null where that is nothing. */
  readonly lift: Lift | null;
  /** Notes of trial fits: those that contradict the readings are asked about before they count. */
  readonly trials: readonly TrialCheck[];
  /** The person's own error, as their repeats in this job show it. */
  readonly errors: readonly LearnedError[];
  /** The box of a cavity; null elsewhere, and while too little is known. */
  readonly box: CavityBox | null;
  readonly studs: readonly StudAdvice[];
  readonly levelLineUpMm: number;
  readonly shelves: readonly LaidShelf[];
  readonly gaps: readonly PlannedGap[];
  /** Heights no shelf's top may have: its board or what carries it would meet a keep-clear. */
  readonly blocked: readonly Blocked[];
  /** Where the space for shelves begins and ends, millimetres; the end null while it is not known. */
  readonly space: { readonly fromMm: number; readonly toMm: number | null };
  /** A closet rail below the shelves. */
  readonly rail: Rail | null;
  /** What stands on which shelf; null where nothing is listed, or too little is known. */
  readonly contents: Contents | null;
  readonly marks: readonly WallMark[];
  /** Where one marks, in the order one walks past: what floor and ceiling do there. */
  readonly stations: readonly Station[];
  /** Where the level line is and how it is carried; what to do while there is none. */
  readonly levelLine: Message;
  readonly tilted: readonly Tilted[];
  /** Holes for shelf pins; null where none are asked for. */
  readonly pins: Pins | null;
  readonly parts: readonly Part[];
  /** Every piece, fitting and screw as it stands in the opening, and where they touch. */
  readonly body: Body;
  /** What is bought whole: brackets. */
  readonly hardware: readonly Hardware[];
  /** Every joint with its screws, each in its place. */
  readonly fixings: readonly Fixing[];
  /** What is bought to fix and carry, counted. */
  readonly needed: readonly Needed[];
  /** How each shelf stands up to what is put on it. */
  readonly strengths: readonly Strength[];
  /** What would cure shelves that sag or give way, by system, the cheapest first. */
  readonly cures: readonly Cure[];
  /** How it goes together, by the system. */
  readonly order: Applied['order'];
  readonly cutList: readonly CutGroup[];
  /** Every step of the work; the best order of them is worked out beside the plan. */
  readonly build: Steps;
  readonly problems: readonly Problem[];
  readonly cautions: readonly Caution[];
}

/**
 * The one road: readings, survey, opening, layout, system, fit, stock. A pure function of the job; impossible work
 * comes back as a plan with named problems, never as an exception.
 * @returns everything Dormer tells: lengths in millimetres, angles in degrees, masses in kilograms
 * @example planJob(chimneyAlcove()).parts[0].length.mm // 1123.5
 */
export function planJob(job: Job): Plan {
  const road = asFarAsParts(job);
  const { survey, opening, layout, system, spec, box, specs, tilted, hardware } = road;
  const fitted = fitParts({ specs, opening, job });
  const drilled = withHoles(fitted.parts, hardware, job);
  const boards = spec.takes === 'box' ? [] : boardsOf(layout.shelves, job, survey);
  const { parts } = drilled;
  const built = builtBody(job, road, parts);
  const { fixings } = built;
  const held = { holds: system.holds, parts, hardware, fixings };
  const loaded = { ...held, contents: layout.contents, opening, job };
  const strengths = strengthOf(loaded);
  const cures = curesFor(loaded, strengths);
  const readings = job.readings.map((reading) => plannedReading(reading, survey));
  const cautions = [...cautionsOf(job), ...system.cautions, ...road.dividers.cautions];
  const advice = advise({ job, survey, boards });
  const [next] = advice.next;
  const levelLineUpMm = job.levelLine.up.mm;
  return {
    format: 'dormer-plan',
    version: PLAN_VERSION,
    job: { id: job.id, name: job.name, units: job.units, tape: job.tape, tools: job.tools },
    takes: spec.takes,
    opening: outlineOf(survey),
    deviations: deviationsOf(survey),
    readings,
    advice,
    lift: next ? liftOf({ opening, specs, parts: fitted.parts, next, tape: job.tape }) : null,
    trials: survey.trials,
    errors: survey.errors,
    box,
    studs: studsOf(job, survey),
    levelLineUpMm,
    shelves: layout.shelves,
    gaps: layout.gaps.map((gap, index) => ({ ...gap, reachIn: system.reachIn[index] ?? null })),
    blocked: layout.blocked,
    space: layout.space,
    rail: layout.rail,
    contents: layout.contents,
    marks: [
      ...system.marks,
      ...system.bare.flatMap((shelf) => shelfMarks(shelf, levelLineUpMm, null)),
      ...railMarks(layout.rail, layout.shelves.find(({ held }) => held === 'seated')?.number ?? 1, levelLineUpMm),
    ],
    stations: stationsOf(opening, job.place, Math.min(job.shelves.depth.mm, opening.extent.depth)),
    levelLine: levelLineWords(job),
    tilted: tilted.tilted,
    pins: built.pins,
    parts,
    hardware,
    body: built.body,
    fixings,
    needed: neededFor(fixings, hardware),
    strengths,
    cures,
    order: system.order,
    cutList: cutList(parts, built.body),
    problems: problemsOf(job, road, { readings, fitted, drilled, built, strengths, cures }),
    build: stepsFor({
      job,
      takes: spec.takes,
      parts,
      body: built.body,
      hardware,
      fixings,
      shelves: layout.shelves,
      ceilingMm: opening.extent.height,
      depthMm: opening.extent.depth,
      order: system.order,
      cautions,
    }),
    cautions,
  };
}

/** Boards as the survey is to know them: at half their thickness, out to their front. */
function boardsOf(shelves: readonly LaidShelf[], job: Job, { extent }: Survey) {
  const outMm = Math.min(job.shelves.depth.mm, extent.depth);
  return shelves.flatMap(({ number, top, underside }) => {
    const upMm = (top.mm + underside.mm) / 2;
    return upMm > 0 && upMm < extent.height ? [{ shelf: number, upMm, outMm }] : [];
  });
}

/** Where to look for studs, wall by wall, from those that were found. */
function studsOf({ place, units }: Job, { extent }: Survey): StudAdvice[] {
  const across = extent.right - extent.left;
  return (['left', 'back', 'right'] as const).flatMap((wall) => {
    const advice = studAdvice(place, wall, wall === 'back' ? across : extent.depth, units);
    return advice ? [advice] : [];
  });
}
