import type { DesignJob, Reading } from '../job';
import { about as roughly, choice, count, length, message, nested, type Message } from '../base/message';
import { doubtful, stop, type Problem } from '../base/problem';
import { expectedWords, nameOf, saidWords, spotOf } from '../place/reading';
import { slipsOf, SURE, unseenRepeats, type ReadingCheck, type Survey } from '../place/survey';

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

/** A reading with what the survey makes of it. */
export function plannedReading(reading: Reading, survey: Survey): PlannedReading {
  const check = survey.checks.find((readingCheck) => readingCheck.id === reading.id) as ReadingCheck;
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
export function surveyProblems(survey: Survey, readings: readonly PlannedReading[]): Problem[] {
  const named = (id: string | null) => readings.find((reading) => reading.id === id);
  const each = survey.checks.flatMap((check): Problem[] => {
    const reading = named(check.id);
    if (!reading) return [];
    const about = { kind: 'reading', id: check.id } as const;
    const name = nested(reading.name);
    if (check.state === 'foreign') return [doubtful(about, message('problem.readingForeign', { reading: name }))];
    if (check.state === 'outside')
      return [
        doubtful(about, message('problem.readingOutside', { reading: name, height: length(survey.extent.height) })),
      ];
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
  return [stop({ kind: 'place' }, message(failed)), ...each];
}

/** Whether a reading that was set aside has been read again unseen at its spot, and the new one counts. */
function readAgain(id: string, survey: Survey): boolean {
  const used = new Set(survey.checks.flatMap((check) => (check.state === 'used' ? [check.id] : [])));
  return unseenRepeats(id, survey.readings).some((unseenRepeat) => used.has(unseenRepeat.id));
}

/** Notes of trial fits that contradict the readings, each with what it may have been meant to be. */
export function trialProblems(survey: Survey, { trials }: Pick<DesignJob, 'trials'>): Problem[] {
  return survey.trials.flatMap((check): Problem[] => {
    const note = trials.find((trial) => trial.id === check.id);
    if (!note || check.state !== 'asked') return [];
    const about = { kind: 'shelf', shelf: note.shelf } as const;
    const said = {
      shelf: count(note.shelf),
      side: choice(note.end),
      at: choice(note.at),
      value: length(note.value.mm),
    };
    if (note.kind === 'tight') return [doubtful(about, message('problem.trialTight', said))];
    if (check.meantMm === null)
      return [doubtful(about, message('problem.trialGap', { ...said, expected: roughly(check.expectedMm ?? 0) }))];
    return [doubtful(about, message('problem.trialMeant', { ...said, meant: length(check.meantMm) }))];
  });
}

/** One width is not a survey: it says nothing about lean, taper or bow. */
export function thinSurvey(job: DesignJob): Problem[] {
  const widths = job.readings.filter((reading) => reading.kind === 'width');
  return widths.length === 1 ? [doubtful({ kind: 'place' }, message('problem.oneWidth'))] : [];
}
