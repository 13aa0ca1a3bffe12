import { stepsFor, type Steps } from './steps/steps';
import { considered, type Considered } from './consider';
import type { Figure } from './figure';
import { fitParts, liftOf, stylesSideBySide, withHoles, type Lift, type Part, type StyleOutcome } from './fit';
import { usualBox, usualTrimThickness, type Job } from './job';
import {
  layOut,
  levelLineProblems,
  levelLineWords,
  pinHoles,
  railMarks,
  stationsOf,
  tiltedShelves,
  type Blocked,
  type Contents,
  type Gap,
  type LaidShelf,
  type Layout,
  type Pins,
  type Rail,
  type Station,
  type Tilted,
  type WallMark,
} from './layout';
import { neededFor, placeFixings, throughHoles, type Fixing, type Needed } from './fixing';
import {
  curesFor,
  hangingProblems,
  strengthOf,
  strengthProblems,
  tippingProblems,
  weightOf,
  type Cure,
  type Strength,
} from './load';
import { message, nested, type Message } from './message';
import {
  cavityBox,
  deviationsOf,
  openingOf,
  outlineOf,
  type CavityBox,
  type Deviation,
  type Opening,
  type Outline,
} from './opening';
import { specOf, studAdvice, type PlaceSpec, type StudAdvice } from './place';
import { plannedReading, surveyProblems, thinSurvey, trialProblems, type PlannedReading } from './planReadings';
import { doubtful, stop, type Caution, type Problem } from './problem';
import { cutList, type CutGroup } from './stock';
import { advise, surveyOf, type Advice, type LearnedError, type Survey, type TrialCheck } from './survey';
import {
  applySystems,
  bareBoards,
  boxAndTrim,
  boxScrews,
  depthOf,
  dividersOf,
  plannedAt,
  railExtras,
  roomsOf,
  shelfMarks,
  tiltedExtras,
  type Applied,
  type Hardware,
  type Joint,
  type PartSpec,
} from './system';

/** The version of the plan this code writes. */
export const PLAN_VERSION = 7;

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
 */
export function planJob(job: Job): Plan {
  const { survey, opening, layout, system, spec, box, planned, specs, tilted, dividers, hardware, fastenings } =
    asFarAsParts(job);
  const fitted = fitParts({ specs, opening, job });
  const drilled = withHoles(fitted.parts, hardware, job);
  const boards = spec.takes === 'box' ? [] : boardsOf(layout.shelves, job, survey);
  const pinned = pinsOf(job, layout, opening);
  const { parts } = drilled;
  const placed = placeFixings({ fastenings, parts, hardware, opening, job });
  const held = { holds: system.holds, parts, hardware, fixings: placed.fixings };
  const loaded = { ...held, contents: layout.contents, opening, job };
  const strengths = strengthOf(loaded);
  const cures = curesFor(loaded, strengths);
  const readings = job.readings.map((one) => plannedReading(one, survey));
  const problems =
    job.readings.length === 0
      ? [stop({ is: 'place' }, message('problem.noReadings'))]
      : [
          ...surveyProblems(survey, readings),
          ...thinSurvey(job),
          ...trialProblems(survey, job),
          ...(spec.takes === 'box' ? [...(box?.problems ?? []), ...(planned ? layout.problems : [])] : layout.problems),
          ...tilted.problems,
          ...pinned.problems,
          ...levelLineProblems(job),
          ...system.problems,
          ...(planned ? [] : [notYet(job, spec)]),
          ...(specs.length > 0 || planned ? fitted.problems : []),
          ...dividers.problems,
          ...drilled.problems,
          ...placed.problems,
          ...throughHoles(parts, placed.fixings),
          // A load that nobody named is no reason to stop anyone.
          ...(job.load.use !== 'listed' || job.things.length > 0 ? strengthProblems(strengths, cures) : []),
          ...hangingProblems(parts, job),
          ...tippingProblems(system.standing, placed.fixings, weightOf(parts, job), job),
        ];
  const cautions = [...cautionsOf(job), ...system.cautions, ...dividers.cautions];
  const advice = advise({ job, survey, boards });
  const [next] = advice.next;
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
    levelLineUpMm: job.levelLine.up.mm,
    shelves: layout.shelves,
    gaps: layout.gaps.map((gap, index) => ({ ...gap, reachIn: system.reachIn[index] ?? null })),
    blocked: layout.blocked,
    space: layout.space,
    rail: layout.rail,
    contents: layout.contents,
    marks: [
      ...system.marks,
      ...system.bare.flatMap((shelf) => shelfMarks(shelf, job.levelLine.up.mm, null)),
      ...railMarks(layout.rail, layout.shelves.find((one) => one.held === 'seated')?.number ?? 1, job.levelLine.up.mm),
    ],
    stations: stationsOf(opening, job.place, Math.min(job.shelves.depth.mm, opening.extent.depth)),
    levelLine: levelLineWords(job),
    tilted: tilted.tilted,
    pins: pinned.pins,
    parts,
    hardware,
    fixings: placed.fixings,
    needed: neededFor(placed.fixings, hardware),
    strengths,
    cures,
    order: system.order,
    cutList: cutList(parts),
    problems,
    build: stepsFor({
      job,
      takes: spec.takes,
      parts,
      hardware,
      fixings: placed.fixings,
      shelves: layout.shelves,
      ceilingMm: opening.extent.height,
      depthMm: opening.extent.depth,
      order: system.order,
      cautions,
    }),
    cautions,
  };
}

/** The road as far as the pieces that are asked for: what the walls, the heights and the supports make of a job. */
function asFarAsParts(job: Job) {
  const survey = surveyOf(job);
  const opening = openingOf(survey);
  const spec = specOf(job.place);
  const planned = plannedAt(job.support.system, job.place);
  const box = spec.takes === 'box' ? cavityBox(survey, job) : null;
  const layout = layOut({ job, opening, ...roomsOf(job, opening, box) });
  // What cannot be laid takes nothing else away: the supports are those of the other shelves.
  const unlaid = shelvesStopped(layout.problems);
  const shelves = layout.shelves.filter((one) => !unlaid.has(one.number));
  const system = applySystems({ job, opening, shelves, gaps: layout.gaps, space: layout.outer, box });
  const stopped = shelvesStopped([...layout.problems, ...system.problems]);
  const wanted = system.bare.filter((one) => !stopped.has(one.number));
  const bare =
    spec.boards === 'none' ? [] : bareBoards(wanted, job.shelves, spec.boards, (shelf) => depthOf(job, shelf));
  const made = system.parts.filter((part) => !stopped.has(part.shelf));
  const thicknessMm = job.shelves.thickness.mm;
  const tilted = tiltedShelves({ wishes: job.tilted ?? [], thicknessMm, depthMm: opening.extent.depth });
  const sloping = tilted.problems.some((one) => one.severity === 'stop') ? [] : tilted.tilted;
  const extras = [tiltedExtras({ tilted: sloping, job, opening }), railExtras({ rail: layout.rail, opening })];
  const bought = system.hardware.filter((one) => !stopped.has(one.shelf));
  const dividers = dividersOf({ job, opening, gaps: layout.gaps, specs: [...made, ...bare], hardware: bought });
  const shelving = [...made, ...bare, ...dividers.parts];
  const specs = box
    ? [...boxOf(box, job, system.boxSides), ...shelving]
    : [...shelving, ...extras.flatMap((one) => one.parts)];
  const hardware = [...bought, ...extras.flatMap((one) => one.hardware)];
  const fastenings = [
    ...system.fastenings.filter((one) => !stopped.has(one.shelf)),
    ...extras.flatMap((one) => one.fastenings),
    ...dividers.fastenings,
    ...(box ? boxScrews(box, job.shelves.thickness.mm) : []),
  ];
  return { survey, opening, layout, system, spec, box, planned, specs, tilted, dividers, hardware, fastenings };
}

/**
 * One shelf's board in every end style, side by side, from more drawn walls than the plan takes. Yields how much of the
 * work is done, 0 to 1, so that whoever runs it can show it or stop.
 * @returns null where the shelf has no board
 */
export function* compareStyles(job: Job, shelf: number): Generator<number, readonly StyleOutcome[] | null> {
  const { opening, specs } = asFarAsParts(job);
  const board = specs.find((one) => one.shelf === shelf && one.role === 'board');
  if (!board) return null;
  return yield* stylesSideBySide({ spec: board, opening, job });
}

/** Every support system for the shelves of a job, side by side: what one chooses by. */
export function considerSystems(job: Job): Considered[] {
  const { opening, layout, box } = asFarAsParts(job);
  return considered(job, opening, layout, box);
}

/** Pin holes in the sides of the space shelves stand in. */
function pinsOf({ pins: wish, shelves: { depth } }: Job, { shelves, space }: Layout, { extent }: Opening) {
  if (!wish || space.toMm === null) return { pins: null, problems: [] };
  return pinHoles({ wish, shelves, fromMm: space.fromMm, toMm: space.toMm, depthMm: Math.min(depth.mm, extent.depth) });
}

/** The boards and the trim of a cavity's box. */
function boxOf(box: CavityBox, { box: wish, units, shelves }: Job, sides: Joint | null): PartSpec[] {
  const { trim } = wish ?? usualBox(units);
  const trimThickMm = (trim.thickness ?? usualTrimThickness(units)).mm;
  const parts = boxAndTrim(box, { wallMm: shelves.thickness.mm, trim, trimThickMm });
  return sides ? parts.map((one) => (one.role === 'box-side' ? { ...one, joint: sides } : one)) : parts;
}

/** Boards as the survey is to know them: at half their thickness, out to their front. */
function boardsOf(shelves: readonly LaidShelf[], job: Job, { extent }: Survey) {
  const outMm = Math.min(job.shelves.depth.mm, extent.depth);
  return shelves.flatMap(({ number, top, underside }) => {
    const upMm = (top.mm + underside.mm) / 2;
    return upMm > 0 && upMm < extent.height ? [{ shelf: number, upMm, outMm }] : [];
  });
}

const notYet = (job: Job, { boards, takes }: PlaceSpec): Problem =>
  doubtful(
    { is: 'support' },
    takes === 'box'
      ? message('problem.boxOnly')
      : message(boards === 'none' ? 'problem.supportsNotHere' : 'problem.boardsOnly', {
          place: nested(message(`place.${job.place.kind}`)),
        }),
  );

function cautionsOf({ place }: Job): Caution[] {
  const said = (
    code: 'caution.oldPaint' | 'caution.cavityWires' | 'caution.cavityLoad' | 'caution.cavityOutside' | 'caution.pilot',
    stage: Caution['stage'] = 'measure',
  ) => ({ message: message(code), stage });
  return [
    ...(specOf(place).takes === 'box'
      ? [said('caution.cavityWires'), said('caution.cavityLoad'), said('caution.cavityOutside')]
      : []),
    ...(place.studs.length > 0 ? [said('caution.pilot')] : []),
    said('caution.oldPaint'),
    { message: message('caution.notFromFloor'), stage: 'shelves' },
    { message: message('caution.dust'), stage: 'cut' },
  ];
}

/** Where to look for studs, wall by wall, from those that were found. */
function studsOf({ place, units }: Job, { extent }: Survey): StudAdvice[] {
  const across = extent.right - extent.left;
  return (['left', 'back', 'right'] as const).flatMap((wall) => {
    const advice = studAdvice(place, wall, wall === 'back' ? across : extent.depth, units);
    return advice ? [advice] : [];
  });
}

/** Shelves that cannot be made as asked: no wood is cut for them, the others are still planned. */
function shelvesStopped(problems: readonly Problem[]): Set<number> {
  return new Set(
    problems.flatMap(({ severity, about }) => (severity === 'stop' && about.is === 'shelf' ? [about.shelf] : [])),
  );
}
