import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { coreInWorker } from './core';
import type { Request, Response } from './messages';

/** A worker that answers when it is told to. */
class PretendWorker {
  static made: PretendWorker[] = [];
  onmessage: ((event: { data: Response }) => void) | null = null;
  onerror: ((event: { message: string; preventDefault: () => void }) => void) | null = null;
  readonly asked: Request[] = [];
  constructor() {
    PretendWorker.made.push(this);
  }
  postMessage(request: Request) {
    this.asked.push(request);
  }
  answer(id: number, value: unknown) {
    this.onmessage?.({ data: { id, ok: true, value } });
  }
}

const job = chimneyAlcove();
const worker = (index = 0) => PretendWorker.made[index]!;

beforeEach(() => {
  PretendWorker.made = [];
  Object.assign(globalThis, { Worker: PretendWorker, window: { location: { href: 'http://localhost/' } } });
});

test('the worker is made at the first question, once', () => {
  const core = coreInWorker();
  expect(PretendWorker.made).toHaveLength(0);
  void core.plan(job);
  void core.readFile('{}');
  expect(PretendWorker.made).toHaveLength(1);
  expect(worker().asked.map((one) => one.ask)).toEqual(['plan', 'readFile']);
});

test('answers find their questions, in whatever order they come', async () => {
  const core = coreInWorker();
  const first = core.readFile('a');
  const second = core.readFile('b');
  const [a, b] = worker().asked;
  worker().answer(b!.id, 'second');
  worker().answer(a!.id, 'first');
  expect(await Promise.all([first, second])).toEqual(['first', 'second']);
});

test('a question that fails is named; the next is answered', async () => {
  const core = coreInWorker();
  const asked = core.plan(job);
  worker().onmessage?.({ data: { id: worker().asked[0]!.id, ok: false, reason: 'no such wall' } });
  await expect(asked).rejects.toThrow('no such wall');
  const next = core.plan(job);
  worker().answer(worker().asked[1]!.id, 'plan');
  expect(await next).toBe('plan');
});

test('a worker that dies fails what waited and is replaced', async () => {
  const core = coreInWorker();
  const waiting = [core.plan(job), core.readFile('a')].map((one) => one.catch((error: Error) => error.message));
  worker().onerror?.({ message: 'out of memory', preventDefault: () => undefined });
  expect(await Promise.all(waiting)).toEqual(['out of memory', 'out of memory']);
  const next = core.plan(job);
  expect(PretendWorker.made).toHaveLength(2);
  worker(1).answer(worker(1).asked[0]!.id, 'plan');
  expect(await next).toBe('plan');
});
