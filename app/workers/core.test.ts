import { expose, releaseProxy, type Endpoint, type Remote } from 'comlink';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { planJob, type Plan } from '@dormer/core/plan';
import { readJobFile } from '@dormer/core/job';
import type { StyleOutcome } from '@dormer/core/design/fit';
import { STOPPED, type Wanted } from './contract';
import { coreInWorker } from './core';

/** Functions of the pretend workers, by name. */
let answers: Record<string, (...asked: never[]) => unknown>;

/** A worker in this thread. Questions and answers cross a real channel, as copies. */
class PretendWorker {
  static made: PretendWorker[] = [];
  onerror: ((event: { message: string; preventDefault: () => void }) => void) | null = null;
  readonly channel = new MessageChannel();
  readonly postMessage = this.channel.port1.postMessage.bind(this.channel.port1);
  readonly addEventListener = this.channel.port1.addEventListener.bind(this.channel.port1);
  readonly removeEventListener = this.channel.port1.removeEventListener.bind(this.channel.port1);
  readonly start = this.channel.port1.start.bind(this.channel.port1);
  constructor() {
    PretendWorker.made.push(this);
    expose(answers, this.channel.port2 as Endpoint);
    this.channel.port1.start();
  }
  terminate() {
    this.channel.port2.close();
  }
  die(message: string) {
    this.onerror?.({ message, preventDefault: () => undefined });
  }
}

const job = chimneyAlcove();

beforeEach(() => {
  PretendWorker.made = [];
  answers = { plan: planJob, readFile: readJobFile };
  Object.assign(globalThis, { Worker: PretendWorker, window: { location: { href: 'http://localhost/' } } });
});

afterEach(() => PretendWorker.made.forEach(({ channel }) => channel.port1.close()));

test('the worker is made at the first question, once, and answers as the core does', async () => {
  const core = coreInWorker();
  expect(PretendWorker.made).toHaveLength(0);
  const [plan, read] = await Promise.all([core.plan(job), core.readFile('{}')]);
  expect(PretendWorker.made).toHaveLength(1);
  expect(plan).toEqual(structuredClone(planJob(job)));
  expect(read.ok).toBe(false);
});

test('answers find their questions, in whatever order they come', async () => {
  const open: Record<string, (value: string) => void> = {};
  answers.readFile = (name: string) => new Promise((resolve) => (open[name] = resolve));
  const core = coreInWorker();
  const both = Promise.all([core.readFile('a'), core.readFile('b')]);
  while (!open.a || !open.b) await new Promise((next) => setTimeout(next, 1));
  open.b('second');
  open.a('first');
  expect(await both).toEqual(['first', 'second']);
});

test('a question that fails is named; the next is answered', async () => {
  answers.plan = () => {
    throw new Error('no such wall');
  };
  const core = coreInWorker();
  await expect(core.plan(job)).rejects.toThrow('no such wall');
  expect((await core.readFile('{}')).ok).toBe(false);
});

test('a worker that dies fails what waited and is replaced', async () => {
  answers.plan = () => new Promise<Plan>(() => undefined);
  const core = coreInWorker();
  const waiting = [core.plan(job), core.plan(job)].map((plan) => plan.catch((error: Error) => error.message));
  while (PretendWorker.made.length === 0) await new Promise((next) => setTimeout(next, 1));
  PretendWorker.made[0]?.die('out of memory');
  expect(await Promise.all(waiting)).toEqual(['out of memory', 'out of memory']);
  expect((await core.readFile('{}')).ok).toBe(false);
  expect(PretendWorker.made).toHaveLength(2);
});

describe('long work', () => {
  /** Takes three steps, then answers. */
  const inSteps = async (_board: unknown, wanted: Remote<Wanted>) => {
    try {
      for (const share of [0.25, 0.5, 0.75]) if (!(await wanted(share))) throw new Error(STOPPED);
      return [] as StyleOutcome[];
    } finally {
      wanted[releaseProxy]();
    }
  };

  test('tells how far it is', async () => {
    answers.compare = inSteps;
    const heard: number[] = [];
    const outcome = coreInWorker().compare({ job, shelf: 1 }, { heard: (share) => void heard.push(share) });
    expect(await outcome).toEqual([]);
    expect(heard).toEqual([0.25, 0.5, 0.75]);
  });

  test('ends when it is stopped', async () => {
    answers.compare = inSteps;
    const stop = new AbortController();
    const heard: number[] = [];
    const heardOne = (share: number) => {
      heard.push(share);
      stop.abort();
    };
    const asked = coreInWorker().compare({ job, shelf: 1 }, { heard: heardOne, stop: stop.signal });
    await expect(asked).rejects.toThrow(STOPPED);
    expect(heard).toEqual([0.25]);
  });
});
