import { calendarFor, tripsFor } from '@dormer/core/work/steps';
import { readReadingsCsv, readThingsCsv } from '@dormer/core/say/exchange';
import { readJobFile, withoutTicks } from '@dormer/core/job';
import { compareStyles, considerSystems, planJob } from '@dormer/core/plan';
import { planCutting } from '@dormer/core/work/stock';
import { whatIf } from '@dormer/core/whatIf';
import type { CutFrom, Request, Response } from './messages';
import { remembered } from './remembered';
import { solver } from './solver';

/**
 * Layouts and the order of the work are asked for after the plan of the same job; what is ticked off in it is no other
 * plan.
 */
const planOf = remembered(planJob, 2, withoutTicks);

/** Questions that are no longer wanted. */
const stopped = new Set<number>();

function answer(request: Request): unknown {
  switch (request.ask) {
    case 'plan':
      return planOf(request.with);
    case 'consider':
      return considerSystems(request.with);
    case 'compare':
      return bySteps(request.id, compareStyles(request.with.job, request.with.shelf));
    case 'cut':
      return cut(request.id, request.with);
    case 'whatIf':
      return solver().then((solving) => bySteps(request.id, whatIf(request.with, solving)));
    case 'order':
      return tripsFor({ build: request.with.job.build, plan: planOf(request.with.job), nowMs: request.with.nowMs });
    case 'calendar':
      return calendarFor({ ...request.with, build: request.with.job.build, plan: planOf(request.with.job) });
    case 'readReadings':
      return readReadingsCsv(request.with.contents, request.with.unit);
    case 'readThings':
      return readThingsCsv(request.with.contents, request.with.unit);
    case 'readFile':
      return readJobFile(request.with);
    case 'stop':
      return undefined;
  }
}

async function cut(id: number, { job, made, ...from }: CutFrom) {
  const input = { ...from, job, plan: planOf(job), ...(made ? { made: new Set(made) } : {}) };
  return bySteps(id, planCutting(input, await solver()));
}

/** Long work step by step: between two of them other questions are heard, and whether this one is still wanted. */
async function bySteps<T>(id: number, work: Generator<number, T>): Promise<T> {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    reply({ id, share: step.value });
    await new Promise((next) => setTimeout(next, 0));
    if (stopped.delete(id)) throw new Error('stopped');
  }
}

const reply = (response: Response) => self.postMessage(response);

self.onmessage = async ({ data }: MessageEvent<Request>) => {
  const { id } = data;
  if (data.ask === 'stop') {
    stopped.add(id);
    return;
  }
  try {
    reply({ id, ok: true, value: await answer(data) });
  } catch (error) {
    reply({ id, ok: false, reason: String(error) });
  }
  stopped.delete(id);
};
