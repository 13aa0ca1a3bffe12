import type { FitChoices, Job, Reading } from './schema';

/** A copy under another id and name; everything else as it is. */
export function duplicateJob(job: Job, id: string, name: string): Job {
  return { ...job, id, name };
}

/** The job with a reading added, or put in place of the one with its id. */
export function withReading(job: Job, reading: Reading): Job {
  const known = job.readings.some((one) => one.id === reading.id);
  const readings = known
    ? job.readings.map((one) => (one.id === reading.id ? reading : one))
    : [...job.readings, reading];
  return { ...job, readings };
}

/** The job without one reading. */
export function withoutReading(job: Job, id: string): Job {
  return { ...job, readings: job.readings.filter((one) => one.id !== id) };
}

/** The job with the person's own word on one reading; without a word it is judged like any other. */
export function withVerdict(job: Job, id: string, verdict: Reading['verdict']): Job {
  return {
    ...job,
    readings: job.readings.map((one) => {
      if (one.id !== id) return one;
      const { verdict: _before, ...rest } = one;
      return (verdict ? { ...rest, verdict } : rest) as Reading;
    }),
  };
}

type BoardChoice = FitChoices['boards'][number];

/** The job with a choice for one shelf's board; what is undefined is left to the whole job's choice again. */
export function withBoardChoice(job: Job, shelf: number, choice: Partial<Omit<BoardChoice, 'shelf'>>): Job {
  const before = job.fit.boards.find((one) => one.shelf === shelf);
  const own = Object.fromEntries(
    Object.entries({ ...before, ...choice, shelf }).filter(([, one]) => one !== undefined),
  ) as BoardChoice;
  const others = job.fit.boards.filter((one) => one.shelf !== shelf);
  const boards = Object.keys(own).length > 1 ? [...others, own].sort((a, b) => a.shelf - b.shelf) : others;
  return { ...job, fit: { ...job.fit, boards } };
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
  const { way, count, heights } = job.shelves;
  return {
    place: job.place.kind,
    units: job.units,
    readings: job.readings.length,
    shelves: way === 'typed' ? heights.length : count,
  };
}
