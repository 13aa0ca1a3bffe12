import type { Job, OwnStep } from '../../job';
import { list, message, nested, text, type Message } from '../../base/message';
import { doubtful, type Problem } from '../../base/problem';
import { cycleIn } from './order/network';
import type { Step } from './step';
import { written } from './writer';

const ownId = ({ id }: Pick<OwnStep, 'id'>): string => `own:${id}`;

/**
 * The person’s own steps among the others; where they would go round in a circle they stand without what makes it one.
 */
export function withOwn(steps: readonly Step[], { build }: Pick<Job, 'build'>): { steps: Step[]; problems: Problem[] } {
  const problems: Problem[] = [];
  let all = [...steps];
  const waitingFor = new Map<string, string[]>();
  for (const one of build.own) {
    all.push(ownStep(one, build));
    for (const later of one.before) waitingFor.set(later, [...(waitingFor.get(later) ?? []), ownId(one)]);
  }
  all = all.map((one) => {
    const more = (waitingFor.get(one.id) ?? []).map((step) => ({ step, leastMin: 0, mostMin: null, wait: null }));
    return more.length > 0 ? { ...one, after: [...one.after, ...more] } : one;
  });
  const known = new Set(all.map((step) => step.id));
  all = all.map((one) => ({ ...one, after: one.after.filter((lag) => known.has(lag.step)) }));
  for (let cycle = cycleIn(all); cycle; cycle = cycleIn(all)) {
    const round = cycle;
    problems.push(
      doubtful({ kind: 'place' }, message('problem.stepsCircle', { steps: list(namesOf(round, all).map(nested)) })),
    );
    // What one of the person’s own steps asks for is left out first; a circle has at least one.
    const guilty = round.find((id) => id.startsWith('own:')) ?? round[0]!;
    all = all.map((one) => {
      if (one.id === guilty) return { ...one, after: one.after.filter((lag) => !round.includes(lag.step)) };
      return round.includes(one.id) ? { ...one, after: one.after.filter((lag) => lag.step !== guilty) } : one;
    });
  }
  return { steps: all, problems };
}

function ownStep(one: OwnStep, build: Pick<Job['build'], 'waits' | 'minutes'>): Step {
  const after = one.after.map((step) => ({ step, leastMin: one.least ?? 0, mostMin: one.most ?? null, wait: null }));
  const minutes = build.minutes.find(({ step }) => step === ownId(one))?.minutes ?? one.minutes;
  const bare = written(
    { id: ownId(one), kind: 'own', what: message('step.own', { what: text(one.what) }), place: one.place, minutes },
    build,
  );
  return { ...bare, after };
}

const namesOf = (ids: readonly string[], all: readonly Step[]): Message[] =>
  ids.map((id) => all.find((step) => step.id === id)?.what ?? message('step.own', { what: text(id) }));
