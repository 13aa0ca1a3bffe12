import type { Instrument, Job, Reading } from '../../job';
import { about, message, nested, type Message } from '../../base/message';
import { instrumentOf, nameOf, sameSpot, spotOf, usualSd, type Spot } from '../reading';
import { oneAfterAnother } from './ahead';
import { candidates, type Candidate } from './candidates';
import type { Functional } from './functional';
import { unseenRepeats } from './repeats';
import { chanceOfSlip } from './slips';
import type { Prepared } from './solve';
import { statementsAt } from './statements';
import { SURE } from './sure';
import { SUSPECT } from './adjust';
import type { Survey } from './survey';
import { levelsOf, targetsFor, type Target, type Wanted } from './targets';

/** A reading worth taking, and why. */
export interface Suggestion {
  readonly spot: Spot;
  readonly with: Instrument;
  readonly why: Message;
  /** The reading it takes once more; null for one at a new spot. */
  readonly again: string | null;
}

/** Something the boards depend on that is not known well enough yet. */
export interface Unknown {
  readonly words: Message;
  /** Two standard deviations, millimetres. */
  readonly sureMm: number;
  readonly shelf: number | null;
}

/** What is still worth reading, and what is known. */
export interface Advice {
  /** Best first; empty when enough is known, or nothing that can be read would help. */
  readonly next: readonly Suggestion[];
  /** Whether everything the boards depend on is known well enough. */
  readonly enough: boolean;
  /** What is not, the least known first. */
  readonly unknown: readonly Unknown[];
  /** Readings that boards lean on and nothing else checks: a slip in one would go unseen. The most telling first. */
  readonly unchecked: readonly string[];
  /**
   * How surely the widths and ends of the planned boards are known on the whole: two standard deviations, millimetres.
   */
  readonly sureMm: number;
}

export interface AdviseOptions {
  readonly job: Pick<Job, 'place' | 'units' | 'kit' | 'readings'>;
  readonly survey: Survey;
  readonly boards: readonly Wanted[];
}

const SHOWN = 40;
/** What is known no better than this is not known at all. */
const NOTHING_KNOWN_MM = 100;
/** Of so many readings that would come one after another, one at the height one stands at is taken first. */
const AHEAD = 3;
const LOOKED_AT = 40;
/** A reading that would bring less than this of what is still wanting is not worth the walk. */
const WORTH_THE_WALK = 0.02;

/**
 * The readings worth taking next. The worth of a candidate c is how much it would take off the variance of what the
 * boards depend on, each in terms of how well it should be known, for its trouble:
 *
 *     worth(c) = Σ_t cov(t, c)² / ((var(c) + σ_c²) enough_t²) / trouble_c
 *
 * the rank-one update of a Gaussian posterior (greedy D-/A-optimal design; Chaloner & Verdinelli, 1995). A suspect
 * reading is taken again before anything else; of the next few, those at the height one stands at come first.
 */
export function advise({ job, survey, boards }: AdviseOptions): Advice {
  const { solved } = survey;
  const levels = boards.length > 0 ? boards : levelsOf(survey.spec, survey.extent);
  const targets = targetsFor(survey, boards);
  const known = targets.map((target): Known => {
    const prepared = solved.prepare(target.terms);
    return { target, prepared, variance: Math.max(solved.between(prepared, prepared), 0) };
  });
  const open = known.filter(({ target, variance }) => Math.sqrt(variance) > target.enoughMm);
  // While a board's measure is wanting they all count: what is known well enough is better known still.
  const boardsOpen = open.some(({ target }) => target.counts === 1);
  const wished = boardsOpen ? known.filter((one) => one.target.counts === 1 || open.includes(one)) : open;
  const again = againFor(job, survey);
  const readings = job.readings.filter((reading) => reading.verdict !== 'dropped').map(spotOf);
  const options = {
    survey,
    place: job.place,
    units: job.units,
    kit: job.kit,
    heightsMm: levels.map((level) => level.upMm),
  };
  const rated =
    open.length === 0
      ? []
      : candidates(options)
          .filter(({ spot }) => !readings.some((taken) => sameSpot(taken, spot)))
          .map((candidate) => rate(candidate, survey, wished))
          .sort((a, b) => b.worth - a.worth);
  const wanting = open.reduce(
    (sum, { target, variance }) => sum + (target.counts * variance) / target.enoughMm ** 2,
    0,
  );
  const worthwhile = rated.filter((one) => one.gain > WORTH_THE_WALK * wanting);
  const next = [...again, ...together(worthwhile, survey, wished, job).slice(0, SHOWN).map(suggestion)];
  return {
    next,
    enough: open.length === 0 && again.length === 0,
    unknown: open
      .map(({ target, variance }) => ({ words: target.words, shelf: target.shelf, sureMm: SURE * Math.sqrt(variance) }))
      .sort((a, b) => b.sureMm - a.sureMm),
    unchecked: uncheckedIn(survey, targets),
    sureMm: SURE * sureOf(known),
  };
}

interface Known {
  readonly target: Target;
  readonly prepared: Prepared;
  readonly variance: number;
}

interface Rated extends Candidate {
  readonly prepared: Prepared;
  readonly sd: number;
  readonly worth: number;
  /** Of what is wanting, how much it would bring. */
  readonly gain: number;
  /** What it settles most. */
  readonly settles: Target;
  readonly now: number;
  readonly then: number;
}

function rate(candidate: Candidate, { solved, setting, errors }: Survey, open: readonly Known[]): Rated {
  const { statements } = statementsAt(candidate.spot, 'candidate', setting);
  const factor = errors.find((error) => error.instrument === candidate.with)?.factor ?? 1;
  const sd = usualSd(candidate.spot.kind, candidate.with) * factor;
  // Of a tape triangle the second distance tells the corner; its own unknown is settled by the first.
  const terms = solved
    .linearise(statements.at(-1) as (typeof statements)[number])
    .terms.filter((term) => !term.surface.startsWith('aux:')) as Functional;
  const prepared = solved.prepare(terms);
  const variance = solved.between(prepared, prepared) + sd ** 2;
  let [gain, most, settles, off] = [0, 0, open[0] as Known, 0];
  for (const one of open) {
    const drop = solved.between(one.prepared, prepared) ** 2 / variance;
    const share = (one.target.counts * drop) / one.target.enoughMm ** 2;
    gain += share;
    if (share > most) [most, settles, off] = [share, one, drop];
  }
  return {
    ...candidate,
    prepared,
    sd,
    gain,
    worth: gain / candidate.trouble,
    settles: settles.target,
    now: SURE * Math.sqrt(settles.variance),
    then: SURE * Math.sqrt(Math.max(settles.variance - off, 0)),
  };
}

/**
 * The best first; but when one of the next few lies at the height of the last reading, that one, so that nobody is
 * sent up and down the ladder for readings that will all be taken.
 */
function together(
  rated: readonly Rated[],
  { solved }: Survey,
  wished: readonly Known[],
  job: AdviseOptions['job'],
): Rated[] {
  const last = job.readings.at(-1);
  const here = last ? heightOf(spotOf(last)) : null;
  if (here === null || rated.length === 0) return [...rated];
  const looked = rated.slice(0, LOOKED_AT);
  const coming = oneAfterAnother(
    {
      withTargets: looked.map((one) => wished.map((target) => solved.between(target.prepared, one.prepared))),
      amongThemselves: looked.map((a) => looked.map((b) => solved.between(a.prepared, b.prepared))),
      noise: looked.map((one) => one.sd ** 2),
      counts: wished.map(({ target }) => target.counts / target.enoughMm ** 2),
      trouble: looked.map((one) => one.trouble),
    },
    AHEAD,
  ).map((i) => looked[i] as Rated);
  const near = coming.find((one) => heightOf(one.spot) === here);
  const first = near ? [near, ...coming.filter((one) => one !== near)] : coming;
  return [...first, ...rated.filter((one) => !first.includes(one))];
}

const heightOf = (spot: Spot): number | null => ('upMm' in spot ? spot.upMm : null);

function suggestion({ spot, with: instrument, settles, now, then }: Rated): Suggestion {
  const target = nested(settles.words);
  const why =
    now > NOTHING_KNOWN_MM
      ? message('next.first', { target })
      : message('next.why', { target, now: about(now), then: about(then) });
  return { spot, with: instrument, why, again: null };
}

/** A length that counts, but is a slip as likely as this, is worth a second look. */
const LIKELY_SLIP = 0.08;
/** An angle is misread in no common way: by so many standard deviations it stands out. */
const LOOK_AGAIN = 2.7;

/** Suspects and what stands out are read once more, unless that was done already. */
function againFor(job: AdviseOptions['job'], survey: Survey): Suggestion[] {
  return survey.checks.flatMap((check): Suggestion[] => {
    const reading = job.readings.find((one) => one.id === check.id);
    if (!reading || (check.state !== 'aside' && !standsOut(reading, check))) return [];
    const spot = spotOf(reading);
    if (unseenRepeats(reading.id, job.readings).length > 0) return [];
    const code = check.state === 'aside' ? 'next.again' : 'next.standsOut';
    const why = message(code, { reading: nested(nameOf(spot)) });
    return [{ spot, with: instrumentOf(reading), why, again: reading.id }];
  });
}

function standsOut(reading: Reading, { state, off, sd, w }: Survey['checks'][number]): boolean {
  if (state !== 'used') return false;
  return reading.kind === 'corner' ? w > LOOK_AGAIN : chanceOfSlip(off, sd) > LIKELY_SLIP;
}

/** A slip of this size is common (a centimetre and a bit), and one that the others would not notice is a risk. */
const SLIP_MM = 12;

/**
 * Readings whose slips would pass and reach a board: the least slip the others would notice is over 12 mm, and 12 mm
 * of it would move something a board depends on by more than is enough (Baarda's internal and external reliability).
 */
function uncheckedIn({ solved, checks, readings }: Survey, targets: readonly Target[]): string[] {
  const open = checks.filter(({ id, state, sd }) => {
    const kind = readings.find((reading) => reading.id === id)?.kind;
    return state === 'used' && kind !== 'corner' && SUSPECT * sd > SLIP_MM;
  });
  if (open.length === 0) return [];
  const moved = new Map(open.map(({ id }) => [id, 0]));
  for (const { terms, enoughMm } of targets) {
    const weights = solved.weights(terms);
    for (const { id } of open) {
      const by = (Math.abs(weights.get(id) ?? 0) * SLIP_MM) / (SURE * enoughMm);
      if (by > (moved.get(id) ?? 0)) moved.set(id, by);
    }
  }
  return [...moved]
    .filter(([, by]) => by > 1)
    .sort((a, b) => b[1] - a[1])
    .map(([id]) => id);
}

/** Root mean square of what is known of the boards' widths and ends. */
function sureOf(known: readonly Known[]): number {
  const boards = known.filter(({ target }) => target.counts === 1);
  if (boards.length === 0) return 0;
  return Math.sqrt(boards.reduce((sum, board) => sum + board.variance, 0) / boards.length);
}
