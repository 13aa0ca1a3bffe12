import { emptyLog } from './newJob';
import { shelvesOfAll } from './shelvesWanted';
import { withBuild, withoutTicks } from './ticks';
import type { FitChoices, Job, Reading, Trial } from './schema';

/**
 * A copy under another id and name, for another piece of work: nothing of it is cut, done or noted yet; everything else
 * as it is.
 */
export function duplicateJob(job: Job, id: string, name: string): Job {
  const { saw: _begun, ...stock } = job.stock;
  const copy = { ...withoutTicks(job), id, name, stock: { ...stock, ticked: [], cut: [] }, log: emptyLog() };
  const { calendar } = job.build;
  return calendar ? withBuild(copy, { calendar: { ...calendar, lost: [], moved: [] } }) : copy;
}

/**
 * The job with a reading added, or put in place of the one with its id.
 * @example withReading(job, readingAt(spot, { id: 'r1', value, unit: 'mm' }))
 */
export function withReading(job: Job, reading: Reading): Job {
  const known = job.readings.some((one) => one.id === reading.id);
  const readings = known
    ? job.readings.map((one) => (one.id === reading.id ? reading : one))
    : [...job.readings, reading];
  return { ...job, readings };
}

/** The job without one reading. */
export function withoutReading(job: Job, id: string): Job {
  return { ...job, readings: job.readings.filter((reading) => reading.id !== id) };
}

/** The job with the person's own word on one reading; without a word it is judged like any other. */
export function withVerdict(job: Job, id: string, verdict: Reading['verdict']): Job {
  return {
    ...job,
    readings: job.readings.map((reading) => {
      if (reading.id !== id) return reading;
      const { verdict: _before, ...rest } = reading;
      return (verdict ? { ...rest, verdict } : rest) as Reading;
    }),
  };
}

type BoardChoice = FitChoices['boards'][number];

/** The job with a choice for one shelf's board; what is undefined is left to the whole job's choice again. */
export function withBoardChoice(job: Job, shelf: number, choice: Partial<Omit<BoardChoice, 'shelf'>>): Job {
  const before = job.fit.boards.find((board) => board.shelf === shelf);
  const own = Object.fromEntries(
    Object.entries({ ...before, ...choice, shelf }).filter(([, one]) => one !== undefined),
  ) as BoardChoice;
  const others = job.fit.boards.filter((board) => board.shelf !== shelf);
  const boards = Object.keys(own).length > 1 ? [...others, own].sort((a, b) => a.shelf - b.shelf) : others;
  return { ...job, fit: { ...job.fit, boards } };
}

/** The notes of the board whose top lies at a height; shelves may have been added below it since. Millimetres. */
export function trialsOf(trials: readonly Trial[], shelf: number, upMm: number): Trial[] {
  return trials.filter((trial) => trial.shelf === shelf && Math.abs(trial.cut.up - upMm) < SAME_HEIGHT_MM);
}

// A shelf that was moved by more is another one: its board would not lie there any more.
const SAME_HEIGHT_MM = 5;

/** A board as it is once so much was shaved off one place of an end; halfway along it the end stays straight. */
export function shaved(cut: Trial['cut'], end: Trial['end'], at: Trial['at'], mm: number): Trial['cut'] {
  if (at === 'front') return { ...cut, [end]: cut[end] - mm };
  const back = cut.back - mm;
  return at === 'back' ? { ...cut, back, [end]: cut[end] + mm } : { ...cut, back };
}

/** What a list of jobs tells about one without opening it. */
export interface JobSummary {
  readonly place: Job['place']['kind'];
  readonly units: Job['units'];
  readonly readings: number;
  readonly shelves: number;
}

/** The few facts a list shows. */
export function summarise(job: Job): JobSummary {
  return {
    place: job.place.kind,
    units: job.units,
    readings: job.readings.length,
    shelves: shelvesOfAll(job),
  };
}
