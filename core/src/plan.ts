import type { Figure } from './figure';
import { fitParts, liftOf, stylesSideBySide, type Lift, type Part, type StyleOutcome } from './fit';
import { usualBox, usualTrimThickness, type Job, type Reading } from './job';
import { layOut, type Gap, type LaidShelf } from './layout';
import { message, nested, type Message } from './message';
import { cavityBox, deviationsOf, openingOf, outlineOf, type CavityBox, type Deviation, type Outline } from './opening';
import { specOf, studAdvice, type PlaceSpec, type StudAdvice } from './place';
import { doubtful, stop, type Caution, type Problem } from './problem';
import { expectedWords, nameOf, saidWords, spotOf } from './reading';
import { cutList, type CutGroup } from './stock';
import {
  advise,
  slipsOf,
  SURE,
  surveyOf,
  unseenRepeats,
  type Advice,
  type LearnedError,
  type ReadingCheck,
  type Survey,
} from './survey';
import { applySystem, bareBoards, boxAndTrim, type WallMark } from './system';

/** The version of the plan this code writes. */
export const PLAN_VERSION = 3;

/** A clear space and what is really left to reach in by, under the nosing above it. */
export interface PlannedGap extends Gap {
  readonly reachIn: Figure | null;
}

/** A reading as the survey sees it: its name, what it said, and what the others make of it. */
export interface PlannedReading {
  readonly id: string;
  readonly name: Message;
  readonly said: Message;
  /** What the others would have it be; null where they say nothing of it. */
  readonly expected: Message | null;
  /** The height it was taken at above the floor mark, millimetres; null for one that has none. */
  readonly upMm: number | null;
  readonly state: ReadingCheck['state'];
  /** Said less what the others expect, signed, in its own unit; and two standard deviations of that. */
  readonly off: number;
  readonly sure: number;
  /** How many standard deviations it is off. */
  readonly w: number;
  /** What slip it looks like, when it was set aside. */
  readonly slips: readonly Message[];
}

/** Everything Dormer tells about a job. Derived, never stored as truth; a plain value that survives JSON. */
export interface Plan {
  readonly format: 'dormer-plan';
  readonly version: typeof PLAN_VERSION;
  readonly job: Pick<Job, 'id' | 'name' | 'units' | 'tape'>;
  /** Whether the place takes boards on supports, or a box. */
  readonly takes: 'boards' | 'box';
  readonly opening: Outline;
  readonly deviations: readonly Deviation[];
  readonly readings: readonly PlannedReading[];
  /** What is still worth reading, and what is not known well enough. */
  readonly advice: Advice;
  /** What the first of the readings advised would do for the board it helps most; null where that is nothing. */
  readonly lift: Lift | null;
  /** The person's own error, as their repeats in this job show it. */
  readonly errors: readonly LearnedError[];
  /** The box of a cavity; null elsewhere, and while too little is known. */
  readonly box: CavityBox | null;
  readonly studs: readonly StudAdvice[];
  readonly levelLineUpMm: number;
  readonly shelves: readonly LaidShelf[];
  readonly gaps: readonly PlannedGap[];
  readonly marks: readonly WallMark[];
  readonly parts: readonly Part[];
  readonly cutList: readonly CutGroup[];
  readonly problems: readonly Problem[];
  readonly cautions: readonly Caution[];
}

/**
 * The one road: readings, survey, opening, layout, system, fit, stock. A pure function of the job; impossible work
 * comes back as a plan with named problems, never as an exception.
 */
export function planJob(job: Job): Plan {
  const { survey, opening, layout, system, spec, box, planned, specs } = asFarAsParts(job);
  const fitted = fitParts({ specs, opening, job });
  const boards = spec.takes === 'box' ? [] : boardsOf(layout.shelves, job, survey);
  const readings = job.readings.map((one) => plannedReading(one, survey));
  const problems =
    job.readings.length === 0
      ? [stop({ is: 'place' }, message('problem.noReadings'))]
      : [
          ...surveyProblems(survey, readings),
          ...thinSurvey(job),
          ...(spec.takes === 'box' ? [...(box?.problems ?? [])] : layout.problems),
          ...(planned ? system.problems : [notYet(job, spec)]),
          ...(specs.length > 0 || planned ? fitted.problems : []),
        ];
  const advice = advise({ job, survey, boards });
  const [next] = advice.next;
  return {
    format: 'dormer-plan',
    version: PLAN_VERSION,
    job: { id: job.id, name: job.name, units: job.units, tape: job.tape },
    takes: spec.takes,
    opening: outlineOf(survey),
    deviations: deviationsOf(survey),
    readings,
    advice,
    lift: next ? liftOf({ opening, specs, parts: fitted.parts, next, tape: job.tape }) : null,
    errors: survey.errors,
    box,
    studs: studsOf(job, survey),
    levelLineUpMm: job.levelLine.up.mm,
    shelves: layout.shelves,
    gaps: layout.gaps.map((gap, index) => ({ ...gap, reachIn: planned ? (system.reachIn[index] ?? null) : null })),
    // A shelf's own height holds anywhere; a cleat's only where cleats are planned.
    marks: planned ? system.marks : system.marks.filter((mark) => mark.what === 'shelf-top'),
    parts: fitted.parts,
    cutList: cutList(fitted.parts),
    problems,
    cautions: [...cautionsOf(job), ...(planned ? system.cautions : [])],
  };
}

/** The road as far as the pieces that are asked for: what the walls, the heights and the supports make of a job. */
function asFarAsParts(job: Job) {
  const survey = surveyOf(job);
  const opening = openingOf(survey);
  const layout = layOut(job.shelves, opening, job.tape);
  const system = applySystem({
    wish: job.shelves,
    support: job.support,
    shelves: layout.shelves,
    gaps: layout.gaps,
    levelLineUpMm: job.levelLine.up.mm,
  });
  const spec = specOf(job.place);
  const planned = spec.supports.includes(job.support.system);
  const box = spec.takes === 'box' ? cavityBox(survey, job) : null;
  const stopped = shelvesStopped([...layout.problems, ...(planned ? system.problems : [])]);
  const wanted = layout.shelves.filter((one) => !stopped.has(one.number));
  const bare = spec.boards === 'none' ? [] : bareBoards(wanted, job.shelves, job.support, spec.boards);
  const specs = planned ? system.parts.filter((part) => !stopped.has(part.shelf)) : box ? boxOf(box, job) : bare;
  return { survey, opening, layout, system, spec, box, planned, specs };
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

/** The boards and the trim of a cavity's box. */
function boxOf(box: CavityBox, { box: wish, units, shelves }: Job) {
  const { trim } = wish ?? usualBox(units);
  const trimThickMm = (trim.thickness ?? usualTrimThickness(units)).mm;
  return boxAndTrim(box, { wallMm: shelves.thickness.mm, trim, trimThickMm });
}

/** Boards as the survey is to know them: at half their thickness, out to their front. */
function boardsOf(shelves: readonly LaidShelf[], job: Job, { extent }: Survey) {
  const outMm = Math.min(job.shelves.depth.mm, extent.depth);
  return shelves.flatMap(({ number, top, underside }) => {
    const upMm = (top.mm + underside.mm) / 2;
    return upMm > 0 && upMm < extent.height ? [{ shelf: number, upMm, outMm }] : [];
  });
}

function plannedReading(reading: Reading, survey: Survey): PlannedReading {
  const check = survey.checks.find((one) => one.id === reading.id) as ReadingCheck;
  return {
    id: reading.id,
    name: nameOf(spotOf(reading)),
    said: saidWords(reading),
    expected: check.expected === null ? null : expectedWords(spotOf(reading), check.expected),
    upMm: 'up' in reading ? reading.up.mm : null,
    state: check.state,
    off: check.off,
    sure: SURE * check.sd,
    w: check.w,
    slips: check.state === 'aside' ? slipsOf(reading, check) : [],
  };
}

/** What the survey itself has to say: readings set aside, of another place, or that cannot be solved together. */
function surveyProblems(survey: Survey, readings: readonly PlannedReading[]): Problem[] {
  const named = (id: string | null) => readings.find((one) => one.id === id);
  const each = survey.checks.flatMap((check): Problem[] => {
    const reading = named(check.id);
    if (!reading) return [];
    const about = { is: 'reading', id: check.id } as const;
    const name = nested(reading.name);
    if (check.state === 'foreign') return [doubtful(about, message('problem.readingForeign', { reading: name }))];
    if (check.state !== 'aside' || reading.expected === null || readAgain(check.id, survey)) return [];
    const [value, expected] = [nested(reading.said), nested(reading.expected)];
    const rival = named(check.against);
    if (rival)
      return [
        doubtful(about, message('problem.readingsDisagree', { reading: name, value, other: nested(rival.name) })),
      ];
    const said = { reading: name, value, expected } as const;
    const [slip] = reading.slips;
    if (slip) return [doubtful(about, message('problem.readingSlip', { ...said, slip: nested(slip) }))];
    return [doubtful(about, message('problem.readingAside', said))];
  });
  if (!survey.failed) return each;
  const failed = survey.failed === 'not-settled' ? 'problem.notSettled' : 'problem.notSolvable';
  return [stop({ is: 'place' }, message(failed)), ...each];
}

/** Whether a reading that was set aside has been read again unseen at its spot, and the new one counts. */
function readAgain(id: string, survey: Survey): boolean {
  const used = new Set(survey.checks.flatMap((one) => (one.state === 'used' ? [one.id] : [])));
  return unseenRepeats(id, survey.readings).some((one) => used.has(one.id));
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
  const said = (code: 'caution.oldPaint' | 'caution.cavityWires' | 'caution.cavityLoad' | 'caution.cavityOutside' | 'caution.pilot', stage: Caution['stage'] = 'measure') => ({ message: message(code), stage });
  return [
    ...(specOf(place).takes === 'box' ? [said('caution.cavityWires'), said('caution.cavityLoad'), said('caution.cavityOutside')] : []),
    ...(place.studs.length > 0 ? [said('caution.pilot')] : []),
    said('caution.oldPaint'),
    { message: message('caution.notFromFloor'), stage: 'shelves' },
    { message: message('caution.dust'), stage: 'cut' },
  ];
} // prettier-ignore

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

/** One width is not a survey: it says nothing about lean, taper or bow. */
function thinSurvey(job: Job): Problem[] {
  const widths = job.readings.filter((one) => one.kind === 'width');
  return widths.length === 1 ? [doubtful({ is: 'place' }, message('problem.oneWidth'))] : [];
}
