import { expose, releaseProxy, type Remote } from 'comlink';
import { calendarFor, tripsFor } from '@dormer/core/work/steps';
import { readReadingsCsv, readThingsCsv } from '@dormer/core/say/exchange';
import { createMemory } from '@dormer/core/base/memory';
import { readJobFile, type Job } from '@dormer/core/job';
import { compareStyles, considerSystems, nextLift, planFrom, planInSections, REMEMBERED } from '@dormer/core/plan';
import { planCutting } from '@dormer/core/work/stock';
import { whatIf } from '@dormer/core/whatIf';
import { STOPPED, type Core, type CutFrom, type Wanted } from './contract';
import { solver } from './solver';

/** What was planned: layouts and the order of the work are asked for after the plan of the same job. */
const memory = createMemory(REMEMBERED);
const planOf = (job: Job) => planFrom(job, memory);

/** `wanted` as the worker sees it: each call goes to the page and returns a promise. */
type Asked = Remote<Wanted>;

const core = {
  plan: (job, wanted) => bySteps(planInSections(job, memory), wanted),
  lift: (job) => nextLift(job, memory),
  consider: ({ job, bay }) => considerSystems(job, bay),
  compare: ({ job, shelf }, wanted) => bySteps(compareStyles(job, shelf), wanted),
  cut: async ({ job, made, ...from }: CutFrom, wanted) => {
    const input = { ...from, job, plan: planOf(job), ...(made ? { made: new Set(made) } : {}) };
    return bySteps(planCutting(input, await solver()), wanted);
  },
  whatIf: async (from, wanted) => bySteps(whatIf(from, await solver()), wanted),
  order: ({ job, nowMs }) => tripsFor({ build: job.build, plan: planOf(job), nowMs }),
  calendar: ({ job, ...from }) => calendarFor({ ...from, build: job.build, plan: planOf(job) }),
  readReadings: ({ contents, unit }) => readReadingsCsv(contents, unit),
  readThings: ({ contents, unit }) => readThingsCsv(contents, unit),
  readFile: readJobFile,
} satisfies {
  [K in keyof Core]: (
    from: Parameters<Core[K]>[0],
    wanted: Asked,
  ) => Awaited<ReturnType<Core[K]>> | ReturnType<Core[K]>;
};

/** Runs long work step by step. Between two steps the worker hears other questions and asks whether to go on. */
async function bySteps<Answer>(work: Generator<number, Answer>, wanted: Asked): Promise<Answer> {
  try {
    for (;;) {
      const step = work.next();
      if (step.done) return step.value;
      if (!(await wanted(step.value))) throw new Error(STOPPED);
    }
  } finally {
    wanted[releaseProxy]();
  }
}

expose(core);
