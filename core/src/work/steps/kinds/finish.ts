import type { Part } from '../../../design/fit';
import type { Coat, Job, StepPlace, Wait } from '../../../job';
import { count, message, type Message } from '../../../base/message';
import { lotOf } from '../../../design/load/lots';
import { coatedLots, surfacesOf, type CoatedLot } from '../../stock/finish';
import { MINUTES, usualMinutes, wholeMinutes, type Timed } from '../minutes';
import { waitOf } from '../waits';
import { piecesLine } from '../work';
import type { After, Written } from '../writer';

export interface FinishInput {
  readonly job: Pick<Job, 'stock' | 'build'>;
  /** In front of the ids of its steps, so that two lots can be finished one after the other. */
  readonly lot: string;
  readonly place: StepPlace;
  readonly parts: readonly Part[];
  readonly after: readonly (After | null)[];
  /** Whether steps say which pieces they are for. */
  readonly named: boolean;
}

export interface Finished {
  readonly steps: readonly Written[];
  readonly ready: readonly After[];
  readonly fronts: readonly After[];
}

/** One coat, or one that is wiped off: its words, its time, and the wait after it. */
interface Brushing {
  readonly id: string;
  readonly what: Message;
  readonly takes: Timed;
  readonly how: readonly Message[];
  readonly materials: readonly Message[];
  readonly check: readonly Message[];
  readonly wait: Wait;
}

/** Coats that belong together: one alone, or two with a window between them. */
type Stage = readonly [Brushing] | readonly [Brushing, Brushing];

/**
 * A finish as it is put on, coat by coat, for each lot of pieces with the same coats. Two coats with a window between
 * them, conditioner and stain, or oil and wiping it off, are put on in rounds of so many pieces that every piece keeps
 * its window.
 * @returns the steps; what comes next waits for; what fronts and trim with coats of their own wait for, besides
 */
export function finishSteps(input: FinishInput): Finished {
  const { job, parts, after } = input;
  const usual = job.stock.coats.join();
  const steps: Written[] = [];
  const ready: After[] = [];
  const fronts: After[] = [];
  for (const lot of coatedLots(parts, job)) {
    const own = lot.coats.join() === usual ? '' : `${lot.lot}-`;
    const coated = coatedSteps({ ...input, lot: `${input.lot}${own}` }, lot, parts.length > lot.parts.length);
    steps.push(...coated.steps);
    const waits = coated.last.filter((before) => before !== null);
    const isFronts = lot.parts.every(({ role }) => lotOf(role) === 'trim');
    (isFronts ? fronts : ready).push(...waits);
  }
  return {
    steps,
    ready: once(ready.length > 0 ? ready : after.filter((before) => before !== null)),
    fronts: once(fronts),
  };
}

const once = <Value>(values: readonly Value[]): Value[] => [...new Set(values)];

/** Steps of one lot, one after another. */
function coatedSteps(input: FinishInput, { coats, parts }: CoatedLot, some: boolean) {
  const { job, lot, after } = input;
  const steps: Written[] = [];
  let last = after;
  const put = (brushing: Brushing, of: readonly Part[], minutes: number) => {
    const { id, wait, takes: _takes, ...said } = brushing;
    const named = input.named && (some || of.length < parts.length || steps.length === 0);
    steps.push({
      ...said,
      id: `${lot}${id}`,
      kind: 'paint',
      place: input.place,
      minutes,
      after: last,
      how: [...said.how, ...(named ? piecesLine(of) : [])],
      tools: ['brush', 'cloths', 'dust-sheet'],
      parts: input.named ? of.map((part) => part.id) : [],
    });
    last = [{ step: `${lot}${id}`, wait }];
  };
  for (const stage of stagesOf(coats)) {
    const [first, second] = stage;
    if (!second) {
      put(first, parts, usualMinutes(first.takes, surfacesOf(parts)));
      continue;
    }
    const rounds = roundsOf(parts, first, second, job);
    rounds.forEach((round, i) => {
      const areaM2 = surfacesOf(round);
      // Tins are opened and the place is covered once.
      const minutesOf = (takes: Timed) =>
        i === 0 ? usualMinutes(takes, areaM2) : wholeMinutes(MINUTES[takes].each * areaM2);
      put(inRound(first, i, rounds.length), round, minutesOf(first.takes));
      put(inRound(second, i, rounds.length), round, minutesOf(second.takes));
      const { step } = last[0] as Exclude<After, string>;
      if (i < rounds.length - 1) last = [step];
    });
  }
  return { steps, last };
}

/**
 * Pieces in rounds for two coats with a window. Within a round both coats go over the pieces in the same order: the
 * first piece waits while the others get their first coat, the last one while the others get their second.
 */
function roundsOf(parts: readonly Part[], first: Brushing, second: Brushing, { build }: Pick<Job, 'build'>): Part[][] {
  const { leastMin, mostMin } = waitOf(first.wait, build);
  if (mostMin === null) return [[...parts]];
  const roomMin = Math.max(mostMin - leastMin, 0);
  const [on, off] = [MINUTES[first.takes].each, MINUTES[second.takes].each];
  const rounds: Part[][] = [];
  for (const part of parts) {
    const round = rounds.at(-1);
    const waiting = round ? Math.max(on * surfacesOf([...round.slice(1), part]), off * surfacesOf(round)) : Infinity;
    if (round && waiting <= roomMin) round.push(part);
    else rounds.push([part]);
  }
  return rounds;
}

/** A coat in one of several rounds. */
function inRound(brushing: Brushing, at: number, of: number): Brushing {
  if (of === 1) return brushing;
  const round = message('how.round', { round: count(at + 1), of: count(of) });
  return { ...brushing, id: at === 0 ? brushing.id : `${brushing.id}.${at + 1}`, how: [round, ...brushing.how] };
}

/** Coats as they are put on, in order. */
function stagesOf(coats: readonly Coat[]): Stage[] {
  const put: Partial<Record<Coat, number>> = {};
  const stages: Stage[] = [];
  coats.forEach((coat, i) => {
    const number = (put[coat] = (put[coat] ?? 0) + 1);
    const isLast = i === coats.length - 1;
    if (coat === 'stain' && coats[i - 1] === 'conditioner') return;
    if (coat === 'conditioner') {
      const one = conditioned(number);
      stages.push(coats[i + 1] === 'stain' ? [one, stained((put.stain ?? 0) + 1)] : [one]);
    } else if (coat === 'oil') stages.push([oiled(number), wiped(number)]);
    else if (coat === 'stain') stages.push([stained(number)]);
    else if (coat === 'primer') stages.push([primed(number)]);
    else stages.push([brushed(coat, number, isLast)]);
  });
  return stages;
}

/** An id of a coat that is usually put on once. */
const numbered = (id: string, number: number) => (number === 1 ? id : `${id}-${number}`);

const brushed = (of: 'paint' | 'clear', coat: number, isLast: boolean): Brushing => ({
  id: `${of}-${coat}`,
  what: message(`step.${of}`, { coat: count(coat) }),
  takes: of,
  how: [message(coat === 1 ? `how.${of}` : 'how.betweenCoats')],
  materials: [message(`buy.${of}`)],
  check: isLast ? [message('check.coat')] : [],
  wait: of,
});

const primed = (coat: number): Brushing => ({
  id: numbered('prime', coat),
  what: coat === 1 ? message('step.prime') : message('step.primeAgain', { coat: count(coat) }),
  takes: 'prime',
  how: [message(coat === 1 ? 'how.prime' : 'how.betweenCoats')],
  materials: [message('buy.primer')],
  check: [],
  wait: 'primer',
});

const conditioned = (coat: number): Brushing => ({
  id: numbered('condition', coat),
  what: message('step.condition'),
  takes: 'condition',
  how: [message('how.condition')],
  materials: [message('buy.conditioner')],
  check: [],
  wait: 'conditioner',
});

const stained = (coat: number): Brushing => ({
  id: numbered('stain', coat),
  what: coat === 1 ? message('step.stain') : message('step.stainAgain', { coat: count(coat) }),
  takes: 'stain',
  how: [message('how.stain')],
  materials: [message('buy.stain')],
  check: [message('check.stain')],
  wait: 'stain',
});

const oiled = (coat: number): Brushing => ({
  id: `oil-${coat}`,
  what: message('step.oil', { coat: count(coat) }),
  takes: 'oil',
  how: [message('how.oil')],
  materials: [message('buy.oil')],
  check: [],
  wait: 'oil-wipe',
});

const wiped = (coat: number): Brushing => ({
  id: `wipe-${coat}`,
  what: message('step.wipe', { coat: count(coat) }),
  takes: 'wipe',
  how: [message('how.wipe')],
  materials: [],
  check: [message('check.wiped')],
  wait: 'oil',
});
