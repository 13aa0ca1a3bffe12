import type { ProxyMarked } from 'comlink';
import type { Core, Wanted, Watching, WorkerCore } from './contract';

/** A running worker, and what lets it call a function on this side. */
interface Running {
  readonly core: WorkerCore;
  readonly proxy: <F extends object>(handed: F) => F & ProxyMarked;
}

/** The core behind a web worker, made at the first question. A worker that dies is named and replaced. */
export function coreInWorker(): Core {
  let running: Promise<Running> | null = null;
  const waiting = new Set<(reason: Error) => void>();

  const start = async (): Promise<Running> => {
    // Import comlink with the first question, to keep it out of the first screen.
    const { proxy, wrap } = await import('comlink').catch((error: unknown) => {
      // The next question starts again.
      running = null;
      throw error;
    });
    const worker = new Worker(new URL('./coreWorker.ts', window.location.href));
    // A dead worker answers nothing: fail every question that waits for it.
    worker.onerror = (event) => {
      event.preventDefault();
      worker.terminate();
      running = null;
      const reason = new Error(event.message || 'the worker stopped');
      const all = [...waiting];
      waiting.clear();
      all.forEach((fail) => fail(reason));
    };
    // Every function of the worker returns a promise already, so the proxy has the same type.
    return { core: wrap<WorkerCore>(worker) as WorkerCore, proxy };
  };

  const ask = <Answer>(question: (worker: Running) => Promise<Answer>): Promise<Answer> =>
    new Promise((resolve, reject) => {
      waiting.add(reject);
      running ??= start();
      running
        .then(question)
        .then(resolve, reject)
        .finally(() => waiting.delete(reject));
    });

  return {
    plan: (job, watching) => ask(({ core, proxy }) => core.plan(job, proxy(wantedBy(watching)))),
    lift: (job) => ask(({ core }) => core.lift(job)),
    consider: (from) => ask(({ core }) => core.consider(from)),
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

/** Returns what the worker calls between two steps of long work. */
const wantedBy =
  (watching: Watching = {}): Wanted =>
  (share) => {
    if (watching.stop?.aborted) return false;
    watching.heard?.(share);
    return true;
  };
