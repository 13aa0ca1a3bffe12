import { NO_MEMORY, type Memory } from './base/memory';
import type { Message } from './base/message';
import type { Caution, Problem } from './base/problem';
import type { Body } from './design/body';
import type { Lift, Part } from './design/fit';
import type { Fixing, Needed } from './design/fixing';
import {
  levelLineWords,
  type Blocked,
  type Contents,
  type LaidShelf,
  type Pins,
  type Rail,
  type Station,
  type Tilted,
  type WallMark,
} from './design/layout';
import type { Cure, Strength } from './design/load';
import type { Applied, Hardware } from './design/system';
import { designOf, workOf, type DesignJob, type Job } from './job';
import type { StudAdvice } from './place/kinds';
import type { CavityBox, Deviation, Outline } from './place/opening';
import type { Advice, LearnedError, TrialCheck } from './place/survey';
import type { Considered } from './road/consider';
import type { BayRoad } from './road/bayRoad';
import type { PlannedGap } from './road/gaps';
import { placeOf } from './road/parts';
import type { PlannedReading } from './road/readings';
import { liftOfNext } from './road/lift';
import { piecesOf, type Pieces } from './road/pieces';
import { adviceOf, boardsOf, buildOf, saidOf, strengthsOf } from './road/sections';
import { compareStyles, considerSystems } from './road/styles';
import type { Steps } from './work/steps/steps';
import type { CutGroup } from './work/stock';

/** The version of the plan this code writes. */
export const PLAN_VERSION = 14;

export { compareStyles, considerSystems };
export type { Considered, PlannedGap, PlannedReading };

/** A part of the opening with shelves of its own, between its two faces. Millimetres across the opening. */
export interface PlannedBay {
  readonly id: string;
  readonly name: string;
  readonly main: boolean;
  readonly fromMm: number;
  readonly toMm: number;
  /** The piece that closes it on each side, by id; null for a wall, or for the end of a run. */
  readonly left: string | null;
  readonly right: string | null;
  /** Numbers of its shelves, the lowest first. */
  readonly shelves: readonly number[];
  /** Where the space for its shelves begins and ends, millimetres; the end null while it is not known. */
  readonly space: { readonly fromMm: number; readonly toMm: number | null };
  /** Heights no top of its shelves may have. */
  readonly blocked: readonly Blocked[];
  readonly rail: Rail | null;
  readonly pins: Pins | null;
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
  /** Notes of trial fits: those that contradict the readings are asked about before they count. */
  readonly trials: readonly TrialCheck[];
  /** The person's own error, as their repeats in this job show it. */
  readonly errors: readonly LearnedError[];
  /** The box of a cavity; null elsewhere, and while too little is known. */
  readonly box: CavityBox | null;
  readonly studs: readonly StudAdvice[];
  readonly levelLineUpMm: number;
  /** Bays of the opening, the main one first. Shelves, gaps, marks and pieces below are of all of them. */
  readonly bays: readonly PlannedBay[];
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

function plannedBay({ bay, stretch, faces, layout }: BayRoad, pins: Pins | null): PlannedBay {
  const { id, name, main } = bay;
  const { shelves, space, blocked, rail } = layout;
  return {
    id,
    name,
    main,
    ...stretch,
    left: faces.left?.id ?? null,
    right: faces.right?.id ?? null,
    shelves: shelves.map(({ number }) => number),
    space,
    blocked,
    rail,
    pins,
  };
}

const surveyedIn = ({ place, readings, levelLine, errors, trials }: Job, memory: Memory) =>
  memory.recall(placeOf, { place, readings, levelLine, trials, ...(errors ? { errors } : {}) });

function advisedIn(design: DesignJob, pieces: Pieces, memory: Memory) {
  const { place, units, kit, readings } = design;
  return memory.recall(adviceOf, { place, units, kit, readings }, boardsOf(design, pieces), pieces.place);
}

/** Rough share of the work done after each section, 0 to 1. */
const SHARES = { place: 0.05, pieces: 0.6, strength: 0.75, advice: 0.95 } as const;

/**
 * Plans a job section by section: place, pieces, strength, readings still worth taking, problems, steps. The memory
 * keeps each section by its inputs: another name or price computes no section.
 * @yields how much of the work is done, 0 to 1, after each section
 * @returns everything Dormer tells: lengths in millimetres, angles in degrees, masses in kilograms
 */
export function* planInSections(job: Job, memory: Memory): Generator<number, Plan> {
  const design = designOf(job);
  const surveyed = surveyedIn(job, memory);
  yield SHARES.place;
  const pieces = memory.recall(piecesOf, design, surveyed);
  yield SHARES.pieces;
  const strength = memory.recall(strengthsOf, pieces);
  yield SHARES.strength;
  const advice = advisedIn(design, pieces, memory);
  yield SHARES.advice;
  const said = memory.recall(saidOf, design, pieces, strength, advice);
  const build = memory.recall(buildOf, workOf(job), pieces, said);
  const { id, name, units, tape, tools } = job;
  const { body, fixings, pins } = pieces.built;
  const { hardware, bays } = pieces;
  const { outline, deviations, readings, studs, advice: next } = advice;
  const { layout, spec, box, tilted } = pieces.road;
  const { survey } = pieces.place;
  return {
    format: 'dormer-plan',
    version: PLAN_VERSION,
    job: { id, name, units, tape, tools },
    takes: spec.takes,
    opening: outline,
    deviations,
    readings,
    advice: next,
    trials: survey.trials,
    errors: survey.errors,
    box,
    studs,
    levelLineUpMm: job.levelLine.up.mm,
    bays: bays.map((one, i) => plannedBay(one.road, pins[i] ?? null)),
    shelves: pieces.shelves,
    gaps: pieces.gaps,
    blocked: layout.blocked,
    space: layout.space,
    rail: layout.rail,
    contents: pieces.standing.contents,
    marks: pieces.marks,
    stations: pieces.stations,
    levelLine: levelLineWords(job),
    tilted: tilted.tilted,
    pins: pins[0] ?? null,
    parts: pieces.parts,
    hardware,
    body,
    fixings,
    needed: pieces.needed,
    strengths: strength.strengths,
    cures: strength.cures,
    order: bays.flatMap(({ road }) => road.system.order),
    cutList: pieces.cutList,
    problems: said.problems,
    build,
    cautions: said.cautions,
  };
}

/**
 * The one road: readings, survey, opening, layout, system, fit, body, stock. A pure function of the job; impossible
 * work comes back as a plan with named problems, never as an exception.
 * @returns everything Dormer tells: lengths in millimetres, angles in degrees, masses in kilograms
 * @example planJob(chimneyAlcove()).parts[0].length.mm // 1123.5
 */
export const planJob = (job: Job): Plan => planFrom(job, NO_MEMORY);

/** The same plan as `planJob`. Sections whose inputs did not change come from the memory. */
export function planFrom(job: Job, memory: Memory): Plan {
  const work = planInSections(job, memory);
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}

/**
 * What the first of the readings that a job's plan advises would do for the board it helps most. It is asked beside the
 * plan, which nobody should wait for longer because of it.
 * @returns chances of gaps that caulk hides, in percent; null where it would do nothing to speak of
 */
export function nextLift(job: Job, memory: Memory): Lift | null {
  const design = designOf(job);
  const pieces = memory.recall(piecesOf, design, surveyedIn(job, memory));
  return memory.recall(liftOfNext, design, pieces, advisedIn(design, pieces, memory));
}

/** Results a memory of plans keeps per section: the newest, the one before it, and a second layout beside both. */
export const REMEMBERED = 3;
