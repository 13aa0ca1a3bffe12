import type { ProxyMarked } from 'comlink';
import type { Core, Wanted, Watching, WorkerCore } from './contract';

/** A worker that runs, and how a function is handed to it. */
interface Running {
  readonly core: WorkerCore;
  readonly proxy: <F extends object>(handed: F) => F & ProxyMarked;
}

/** The core behind a web worker, made at the first question. A worker that dies is named and replaced. */
export function coreInWorker(): Core {
  let running: Promise<Running> | null = null;
  const waiting = new Set<(reason: Error) => void>();

  const start = async (): Promise<Running> => {
    // Fetched with the first question: it is no part of the first screen.
    const { proxy, wrap } = await import('comlink');
    const worker = new Worker(new URL('./coreWorker.ts', window.location.href));
    // Whoever waits for a worker that died would wait for ever.
    worker.onerror = (event) => {
      event.preventDefault();
      running = null;
      const reason = new Error(event.message || 'the worker stopped');
      const all = [...waiting];
      waiting.clear();
      all.forEach((fail) => fail(reason));
    };
    // All it does is asked by messages and answered by promises already.
    return { core: wrap<WorkerCore>(worker) as WorkerCore, proxy };
  };

  const ask = <Answer>(question: (worker: Running) => Promise<Answer>): Promise<Answer> =>
    new Promise((resolve, reject) => {
      waiting.add(reject);
      running ??= start();
      // One that could not be started is started again by the next question.
      running.catch(() => (running = null));
      running
        .then(question)
        .then(resolve, reject)
        .finally(() => waiting.delete(reject));
    });

  return {
    plan: (job) => ask(({ core }) => core.plan(job)),
    consider: (job) => ask(({ core }) => core.consider(job)),
    compare: (board, watching) => ask(({ core, proxy }) => core.compare(board, proxy(wantedBy(watching)))),
    cut: (from, watching) => ask(({ core, proxy }) => core.cut(from, proxy(wantedBy(watching)))),
    whatIf: (from, watching) => ask(({ core, proxy }) => core.whatIf(from, proxy(wantedBy(watching)))),
    order: (from) => ask(({ core }) => core.order(from)),
    calendar: (from) => ask(({ core }) => core.calendar(from)),
    readReadings: (table) => ask(({ core }) => core.readReadings(table)),
    readThings: (table) => ask(({ core }) => core.readThings(table)),
    readFile: (contents) => ask(({ core }) => core.readFile(contents)),
  };
}

/** What a worker asks between two steps of long work. */
const wantedBy =
  (watching: Watching = {}): Wanted =>
  (share) => {
    if (watching.stop?.aborted) return false;
    watching.heard?.(share);
    return true;
  };
