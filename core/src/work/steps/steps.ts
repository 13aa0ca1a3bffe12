import type { Problem } from '../../base/problem';
import { cutKinds } from '../stock/glued';
import { withCautions } from './cautions';
import { withDriving } from './driving';
import { install, support } from './install';
import { measureBoards } from './kinds/measure';
import { make } from './make';
import { withOwn } from './own';
import { prepare } from './prepare';
import type { Step } from './step';
import { wayProblem, waysIn } from './wayIn';
import { withGuards } from './guards';
import { wholeMinutes } from './minutes';
import type { Work } from './work';
import { written } from './writer';

export interface Steps {
  /** In an order in which they can be done, not yet the best. */
  readonly steps: readonly Step[];
  readonly problems: readonly Problem[];
}

/** Steps that may change every size: nothing is bought or cut before them. */
const BEFORE_BUYING = ['open-wall', 'measure-behind'];

/**
 * Every step of the work, made from the job itself: the place, the workshop, putting in, and what the person added. How
 * boards are measured in place and cut then is a walk between supports and boards.
 */
export function stepsFor(input: Omit<Work, 'kinds' | 'waysIn'>): Steps {
  const work: Work = { ...input, kinds: cutKinds(input.parts, input.job), waysIn: waysIn(input) };
  const { job } = work;
  const prepared = prepare(work);
  const inPlace = job.build.cut === 'in-place';
  const made = make(
    work,
    BEFORE_BUYING.filter((id) => prepared.steps.some((step) => step.id === id)),
    inPlace ? ['measure-boards'] : [],
  );
  const supported = support(work, prepared.ready, made);
  const measured =
    inPlace && made.steps.some((step) => step.id.startsWith('boards-'))
      ? [written(measureBoards(work.shelves.length, supported.last), job.build)]
      : [];
  const steps = [
    ...prepared.steps,
    ...made.steps,
    ...supported.steps,
    ...measured,
    ...install(work, prepared.ready, made, supported.last),
  ];
  const timed = steps.map((one) => {
    const own = job.build.minutes.find(({ step }) => step === one.id);
    const driving = withDriving({ ...one, minutes: own?.minutes ?? ownTime(one, job) }, work);
    return withGuards(withCautions(driving, work), job);
  });
  const own = withOwn(timed, job);
  const boards = work.parts.filter((part) => part.role === 'board');
  return { ...own, problems: [...work.waysIn.ways.flatMap((way) => wayProblem(way, boards)), ...own.problems] };
}

/** How long a step takes this person: the usual, by what other jobs taught of its kind. */
function ownTime({ kind, minutes }: Step, { learned }: Work['job']): number {
  const own = learned?.times.find((time) => time.kind === kind);
  return own ? wholeMinutes(minutes * own.factor) : minutes;
}
